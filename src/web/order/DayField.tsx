import { chakra, Flex } from '@chakra-ui/react';
import { format } from 'date-fns';

/** A day of the calendar, as the browser asks for one. */
export function DayField({ label, at, onAt }: { label: string; at: number; onAt(at: number): void }) {
  return (
    <Flex asChild align="center" gap="2">
      <label>
        {label}
        <chakra.input
          type="date"
          aria-label={label}
          value={format(at, 'yyyy-MM-dd')}
          onChange={(event) => {
            const [year, month, day] = event.target.value.split('-').map(Number);
            const chosen = new Date(year ?? NaN, (month ?? 1) - 1, day ?? 1);
            if (!Number.isNaN(chosen.getTime()) && chosen.getFullYear() > 2000) onAt(chosen.getTime());
          }}
          bg="raised"
          borderWidth="1px"
          borderColor="strongRule"
          borderRadius="6px"
          px="2"
          minH="40px"
        />
      </label>
    </Flex>
  );
}
