import { Flex } from '@chakra-ui/react';
import { Check } from './Check';

/** Something that is chosen or not, with its words. */
export function CheckLine({
  label,
  checked,
  onChange,
}: {
  label: string;
  checked: boolean;
  onChange(checked: boolean): void;
}) {
  return (
    <Flex asChild align="center" gap="2.5" minH="36px">
      <label>
        <Check type="checkbox" checked={checked} onChange={(event) => onChange(event.target.checked)} />
        {label}
      </label>
    </Flex>
  );
}
