import { Box, chakra, Heading } from '@chakra-ui/react';
import { format, isSameDay } from 'date-fns';
import type { RunJob } from '../../contract/days';
import type { Place, Plan } from '../../core/practical';
import {
  orderWords,
  runningOrder,
  type LessonTimetable,
  type OrderFor,
  type OrderLine,
} from '../../core/timetable';
import { Page } from '../paper/Page';
import type { PaperName } from '../paper/paper';
import { Part } from '../paper/paper-parts';
import type { SayMinute } from '../timetable/drawing-scale';

interface OrderSheetProps {
  plan: Plan;
  place: Place | null;
  unit: 'C' | 'F';
  timetable: LessonTimetable;
  when: string;
  say: SayMinute;
  jobs: readonly RunJob[];
  paper: PaperName;
}

const columns: readonly (readonly [OrderFor, string, string])[] = [
  ['teacher', 'Teacher', '24%'],
  ['helper', 'Helper: ovens, looks, clearing', '30%'],
  ['stations', 'Stations', '37%'],
];

/** The running order as a card: the lesson minute by minute, for the teacher and for whoever helps. */
export function OrderSheet({ plan, place, unit, timetable, when, say, jobs, paper }: OrderSheetProps) {
  const lines = runningOrder(plan, place, unit, timetable);
  const minutes = [...new Set(lines.map(({ atMin }) => atMin))];
  return (
    <Page paper={paper} foot={`Running order · ${plan.title} · ${when}`}>
      <Heading as="h2" fontFamily="heading" fontSize="16pt" fontWeight="semibold">
        Running order
      </Heading>
      <Box fontSize="11pt" mt="0.5mm">
        {plan.title} · {when}
      </Box>
      <JobLines name="Before the bell" jobs={jobs.filter(({ when: at }) => at === 'before')} />
      <Box
        as="table"
        mt="4mm"
        w="100%"
        fontSize="9.5pt"
        lineHeight="1.3"
        css={{
          borderCollapse: 'collapse',
          tableLayout: 'fixed',
          '& td, & th': { padding: '1mm 2mm 1mm 0', verticalAlign: 'top', textAlign: 'left' },
          '& tr': { breakInside: 'avoid' },
        }}
      >
        <thead>
          <Box as="tr" borderBottomWidth="1.5px" borderColor="strongRule">
            <chakra.td w="16mm" />
            {columns.map(([key, words, wide]) => (
              <chakra.th scope="col" key={key} w={wide} fontWeight="semibold" color="tawny">
                {words}
              </chakra.th>
            ))}
          </Box>
        </thead>
        <tbody>
          {minutes.map((minute) => (
            <Box as="tr" key={minute} borderBottomWidth="1px" borderColor="rule">
              <chakra.th scope="row" fontWeight="bold" whiteSpace="nowrap">
                {say(minute)}
              </chakra.th>
              {columns.map(([key]) => (
                <td key={key}>
                  {lines
                    .filter((line) => line.atMin === minute && line.for === key)
                    .map((line) => (
                      <OrderWords key={line.words} line={line} say={say} />
                    ))}
                </td>
              ))}
            </Box>
          ))}
        </tbody>
      </Box>
      <JobLines name="Afterwards" jobs={jobs.filter(({ when: at }) => at === 'after')} />
    </Page>
  );
}

const OrderWords = ({ line, say }: { line: OrderLine; say: SayMinute }) => (
  <Box mb="0.5mm">{orderWords(line, say)}</Box>
);

/** Jobs with their day and hour, each to be ticked. */
function JobLines({ name, jobs }: { name: string; jobs: readonly RunJob[] }) {
  if (jobs.length === 0) return null;
  return (
    <Part name={name}>
      {jobs.map(({ stepId, startsAt, lessonAt, words, moved, who }) => (
        <Box key={stepId} css={{ breakInside: 'avoid' }}>
          ☐ <strong>{format(startsAt, isSameDay(startsAt, lessonAt) ? 'HH:mm' : 'EEE d MMM HH:mm')}</strong>{' '}
          {words}{' '}
          <Box as="span" color="soft">
            ({moved ? `${who}; ${moved}` : who})
          </Box>
        </Box>
      ))}
    </Part>
  );
}
