import { Box, chakra, Flex } from '@chakra-ui/react';
import { addDays } from 'date-fns';
import { calendarDay } from '../../core/days';
import { WordButton } from '../ui/Button';
import { TextField } from '../ui/fields';
import { RemoveButton } from '../ui/line-tools';
import { withoutAt, withPatchAt } from '../ui/lists';
import { Section } from '../ui/Section';
import type { WaysProps } from './HoursLines';

const DateInput = chakra('input', {
  base: {
    background: 'transparent',
    border: 'none',
    borderBottom: '1px dashed',
    borderBottomColor: 'rule',
    '&:focus': { outline: 'none', borderBottom: '1px solid', borderBottomColor: 'glass', bg: 'glassWash' },
  },
});

/** Days on which nobody is there: holidays, staff days. */
export function ClosedDays({ ways, onWays }: WaysProps) {
  const change = (at: number, patch: Partial<(typeof ways.closed)[number]>) =>
    onWays((was) => ({ ...was, closed: withPatchAt(was.closed, at, patch) }));
  const add = () => {
    const day = calendarDay(addDays(Date.now(), 1).getTime());
    onWays((was) => ({ ...was, closed: [...was.closed, { from: day, to: day, words: '' }] }));
  };
  return (
    <Section name="Closed">
      {ways.closed.length === 0 && (
        <Box color="soft" mb="1">
          No days named. What sets over a holiday is then measured in it.
        </Box>
      )}
      {ways.closed.map(({ from, to, words }, at) => (
        <Flex key={at} role="group" gap="3" py="1" align="baseline" wrap="wrap">
          <span>
            <DateInput
              type="date"
              aria-label="First day"
              value={from}
              onChange={({ target }) =>
                target.value &&
                change(at, { from: target.value, ...(target.value > to && { to: target.value }) })
              }
            />{' '}
            to{' '}
            <DateInput
              type="date"
              aria-label="Last day"
              value={to}
              min={from}
              onChange={({ target }) => target.value && change(at, { to: target.value })}
            />
          </span>
          <TextField
            label="Why"
            value={words}
            most={60}
            placeholder="half-term, staff day …"
            onValue={(value) => change(at, { words: value })}
          />
          <RemoveButton
            what={words || 'closed days'}
            onClick={() => onWays((was) => ({ ...was, closed: withoutAt(was.closed, at) }))}
          />
        </Flex>
      ))}
      <WordButton fontSize="sm" onClick={add}>
        more days
      </WordButton>
    </Section>
  );
}
