import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { useParams } from 'react-router';
import { boardDoor } from '../api/doors';
import { useRunPrep } from '../api/prep-queries';
import { fetchPracticalAhead, usePractical, useRunTimetable } from '../api/queries';
import { PracticalFrame } from '../frame/PracticalFrame';
import type { LiveRun } from '../run/live-run';
import { runSubtitle } from '../run/run-subtitle';
import { useBenchSetting } from '../run/use-bench-setting';
import { useLiveRun, useLiveState } from '../run/use-live-run';
import { Aside } from '../ui/Aside';
import { Waiting } from '../ui/Notice';
import { BeforeBellLines } from './BeforeBellLines';
import { LessonOrder } from './LessonOrder';
import { NotOnTheBench } from './NotOnTheBench';
import { PrepPapers } from './PrepPapers';
import { PrepWaysLine } from './PrepWaysLine';
import { TrayPicture } from './TrayPicture';

/** Everything on the bench before the bell: jobs, tray, order, and what is still missing. */
export function PrepPage() {
  const { runId } = useParams();
  const { live, error } = useLiveRun(boardDoor(runId!), ({ practicalId }) =>
    fetchPracticalAhead(practicalId),
  );
  if (!live) return <Waiting error={error} />;
  return <OpenPrep live={live} />;
}

const keys = [{ keys: '← →', does: 'another station’s tray, with the list of stations in focus' }];

function OpenPrep({ live }: { live: LiveRun }) {
  const { state } = useLiveState(live);
  const { run } = state;
  const { data: practical } = usePractical(run.practicalId);
  const { data: prep } = useRunPrep(run.id);
  const { data: told } = useRunTimetable(run.id);
  const setting = useBenchSetting(run);
  const [station, setStation] = useState(run.stations[0]!);
  if (!practical || !prep) return <Waiting />;
  return (
    <PracticalFrame practical={practical} runId={run.id} at="Prep" subtitle={runSubtitle(run)} keys={keys}>
      <Flex flex="1" direction={{ base: 'column', lg: 'row' }} bg="sheet">
        <Box w={{ base: '100%', lg: '250px' }} flexShrink={0} px={{ base: '4', md: '5' }} py="5">
          <BeforeBellLines run={run} jobs={told?.jobs ?? []} />
        </Box>
        <Box flex="1" minW="0" px={{ base: '4', md: '5' }} py="5">
          <TrayPicture {...{ run, setting, ways: prep.ways, station, onStation: setStation }} />
          <PrepWaysLine runId={run.id} prep={prep} />
          <LessonOrder run={run} />
        </Box>
        <Aside name="Not on the bench yet" wide={316} bg="paper" px="5" py="5">
          <NotOnTheBench {...{ live, setting, prep, timetable: told?.timetable ?? null }} />
          <PrepPapers run={run} />
        </Aside>
      </Flex>
    </PracticalFrame>
  );
}
