import { Box, Flex, Heading } from '@chakra-ui/react';
import { format } from 'date-fns';
import { useState, type ReactNode } from 'react';
import { Link as RouterLink, useParams } from 'react-router';
import type { RunJob, RunTimetable } from '../../contract/days';
import type { Practical } from '../../contract/practicals';
import { routes } from '../../contract/routes';
import type { Run } from '../../contract/runs';
import type { School } from '../../contract/school';
import { clockWords, minuteMs } from '../../core/days';
import type { Place, Plan } from '../../core/practical';
import type { LessonTimetable } from '../../core/timetable';
import { usePractical, useRunOnce, useRunTimetable, useSchool } from '../api/queries';
import { useRoomChoices } from '../api/room-choices';
import { PracticalFrame } from '../frame/PracticalFrame';
import { usePlanToPrint } from '../plan/use-plan-to-print';
import type { PaperName } from '../paper/paper';
import { PaperChoice } from '../paper/PaperChoice';
import { usePaper } from '../paper/use-paper';
import type { SayMinute } from '../timetable/drawing-scale';
import { sayMinutes } from '../timetable/timetable-words';
import { useTimetable } from '../timetable/use-timetable';
import { Aside } from '../ui/Aside';
import { CheckLine } from '../ui/CheckLine';
import { Notice, Waiting } from '../ui/Notice';
import { OrderSheet } from './OrderSheet';
import { WallSheet } from './WallSheet';

/** The timetable of a run on paper, with clock times: for the wall, and as a card. */
export function RunWallPage() {
  const { runId } = useParams();
  const { data: now, error } = useRunOnce(runId);
  const { data: practical } = usePractical(now?.run.practicalId);
  const { data: school } = useSchool();
  const { data: told, error: untold } = useRunTimetable(runId);
  if (!now || !practical || !school || !told) return <Waiting error={error ?? untold} />;
  return <OfRun {...{ practical, school, told }} run={now.run} />;
}

interface OfRunProps {
  run: Run;
  practical: Practical;
  school: School;
  told: RunTimetable;
}

function OfRun({ run, practical, school, told }: OfRunProps) {
  return (
    <Sheets
      {...{ practical, school }}
      plan={run.plan}
      place={run.place}
      unit={run.unit}
      runId={run.id}
      timetable={told.timetable}
      impossible={told.impossible}
      jobs={told.jobs}
      when={`${run.className} · ${run.place.name} · ${format(run.startsAt, 'EEEE d MMMM HH:mm')}`}
      say={(minute) => clockWords(run.startsAt + Math.round(minute * minuteMs))}
    >
      {practical.number !== run.revision && run.status === 'planned' && (
        <Box mt="3">
          <Notice kind="kept">
            This is revision {run.revision} of the plan, and it has been changed since.{' '}
            <RouterLink to={`/runs/${run.id}/bench`}>Take the change</RouterLink> to have it here too.
          </Notice>
        </Box>
      )}
      {told.clashes.map(({ words, daysThatHold }) => (
        <Box key={words} mt="3">
          <Notice kind="stop">
            {words}
            {daysThatHold.length > 0 &&
              ` It would hold for a lesson on ${daysThatHold.map((day) => format(day, 'EEE d MMM')).join(', ')}.`}
          </Notice>
        </Box>
      ))}
    </Sheets>
  );
}

/** The timetable of a plan on paper, in minutes after the bell: no day has been set. */
export function PlanWallPage() {
  const { practicalId } = useParams();
  const { data: practical, error } = usePractical(practicalId);
  const { data: school } = useSchool();
  if (!practical || !school) return <Waiting error={error} />;
  return <OfPlan {...{ practical, school }} />;
}

function OfPlan({ practical, school }: { practical: Practical; school: School }) {
  const { plan, place } = usePlanToPrint(practical);
  const rooms = useRoomChoices();
  const { timetable, looking, impossible } = useTimetable(plan, place, school.ways, rooms);
  if (!impossible && (!timetable || looking)) return <Waiting />;
  return (
    <Sheets
      {...{ practical, school, plan, place, timetable, impossible }}
      unit="C"
      runId={null}
      jobs={[]}
      when={place?.name ?? 'no room yet'}
      say={sayMinutes}
    />
  );
}

interface SheetsProps {
  practical: Practical;
  school: School;
  plan: Plan;
  place: Place | null;
  unit: 'C' | 'F';
  runId: string | null;
  timetable: LessonTimetable | null;
  impossible: string | null;
  jobs: readonly RunJob[];
  when: string;
  say: SayMinute;
  children?: ReactNode;
}

function Sheets({
  practical,
  school,
  plan,
  place,
  unit,
  runId,
  timetable,
  impossible,
  jobs,
  when,
  say,
  children,
}: SheetsProps) {
  const [paper, setPaper] = useState<PaperName>('A4');
  const [parts, setParts] = useState({ wall: true, order: true });
  usePaper(paper);
  const sheet = { plan, place, unit, when, say, paper };
  return (
    <PracticalFrame
      practical={practical}
      runId={runId}
      at={runId === null ? 'Plan' : 'Run'}
      subtitle={when}
      keys={[{ keys: 'Ctrl P', does: 'print what is chosen' }]}
    >
      <Flex flex="1" direction={{ base: 'column', lg: 'row' }}>
        <Box flex="1" minW="0" overflowX="auto" px={{ base: '3', md: '8' }} py="6" className="print-root">
          {timetable && parts.wall && (
            <WallSheet {...sheet} timetable={timetable} opening={school.ways.opening} />
          )}
          {timetable && parts.order && <OrderSheet {...sheet} {...{ timetable, jobs }} />}
          {!timetable && <Notice kind="stop">No timetable can hold: {impossible}</Notice>}
          {timetable && !parts.wall && !parts.order && <Box color="soft">Choose what to print.</Box>}
        </Box>
        <Aside name="What to print" wide={288} px="5" className="no-print" py="6">
          <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="semibold" mb="2">
            On paper
          </Heading>
          <CheckLine
            label="Timetable for the wall"
            checked={parts.wall}
            onChange={(wall) => setParts({ ...parts, wall })}
          />
          <CheckLine
            label="Running order, a card"
            checked={parts.order}
            onChange={(order) => setParts({ ...parts, order })}
          />
          <PaperChoice paper={paper} onPaper={setPaper} />
          {runId !== null && (
            <Box mt="6" fontSize="sm">
              <Box asChild color="tawnyDeep" fontWeight="semibold" textDecoration="underline">
                <a href={routes.calendarFile} download>
                  All lessons as a calendar file
                </a>
              </Box>
              <Box color="soft">with these minutes; the school’s page has an address to subscribe to</Box>
            </Box>
          )}
          {children}
        </Aside>
      </Flex>
    </PracticalFrame>
  );
}
