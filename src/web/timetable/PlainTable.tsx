import { Box, chakra } from '@chakra-ui/react';
import { formatNumber } from '../../core/format';
import { longestLessonMin, type Plan } from '../../core/practical';
import { stepTimes, type LessonTimetable } from '../../core/timetable';
import { NumberField } from '../ui/fields';
import type { Hold } from './BarMark';

interface PlainTableProps {
  plan: Plan;
  timetable: LessonTimetable;
  onHold: Hold;
}

/** The timetable as a table: who does what when; a minute typed holds the step there. */
export function PlainTable({ plan, timetable, onHold }: PlainTableProps) {
  return (
    <chakra.details mt="3" fontSize="sm">
      <chakra.summary cursor="pointer" color="soft">
        In words: who does what when
      </chakra.summary>
      <Box
        as="table"
        mt="2"
        w="100%"
        css={{ borderCollapse: 'collapse', '& td, & th': { padding: '3px 10px 3px 0' } }}
      >
        <thead>
          <tr>
            {['Step', 'Stations', 'Minutes after the bell'].map((words) => (
              <Box as="th" key={words} textAlign="left" color="soft" fontWeight="medium">
                {words}
              </Box>
            ))}
          </tr>
        </thead>
        <tbody>
          {stepTimes(plan, timetable).flatMap(({ id, number, words, turns }) =>
            turns.map(({ numbers, stations, startMin, endMin }, i) => (
              <Box
                as="tr"
                key={`${id}-${i}`}
                verticalAlign="top"
                borderTopWidth={i === 0 ? '1px' : 0}
                borderColor="rule"
              >
                <td>{i === 0 && `${number}. ${words}`}</td>
                <td>{stations || 'all together'}</td>
                <Box as="td" whiteSpace="nowrap">
                  <NumberField
                    label={`Minute at which step ${number} begins at ${stations === '' ? 'all' : stations}`}
                    value={startMin}
                    {...{ low: 0, high: longestLessonMin, unit: 'min', chars: 2 }}
                    onValue={(minute) => onHold(id, numbers.length === 0 ? [null] : numbers, minute!)}
                  />{' '}
                  to {formatNumber(endMin)}
                </Box>
              </Box>
            )),
          )}
        </tbody>
      </Box>
    </chakra.details>
  );
}
