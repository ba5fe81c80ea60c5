import { Box, Flex, Heading } from '@chakra-ui/react';
import { useState } from 'react';
import { useParams } from 'react-router';
import { routes } from '../../contract/routes';
import type { Run } from '../../contract/runs';
import { fetchPracticalAhead, usePractical } from '../api/queries';
import { PracticalFrame } from '../frame/PracticalFrame';
import type { LiveRun } from '../run/live-run';
import { runSubtitle } from '../run/run-subtitle';
import { useFreshLists } from '../run/use-fresh-lists';
import { boardDoor } from '../api/doors';
import { useLiveRun, useLiveState } from '../run/use-live-run';
import { Aside } from '../ui/Aside';
import { CheckLine } from '../ui/CheckLine';
import { Waiting } from '../ui/Notice';
import { ClassReport } from './ClassReport';
import type { PaperName } from '../paper/paper';
import { PaperChoice } from '../paper/PaperChoice';
import { TeacherSheet } from './TeacherSheet';
import { StudentSheets } from './StudentSheets';
import { usePaper } from '../paper/use-paper';

/** What can be handed on: previews as they will print, and the files. */
export function ReportPage() {
  const { runId } = useParams();
  const { live, error } = useLiveRun(boardDoor(runId!), ({ practicalId }) =>
    fetchPracticalAhead(practicalId),
  );
  if (!live) return <Waiting error={error} />;
  return <OpenReport live={live} />;
}

function OpenReport({ live }: { live: LiveRun }) {
  const { state } = useLiveState(live);
  useFreshLists(state.run);
  const { run, version } = state;
  const { data: practical } = usePractical(run.practicalId);
  const begun = run.status !== 'planned';
  const [paper, setPaper] = useState<PaperName>('A4');
  const [parts, setParts] = useState<Parts>({
    report: begun,
    sheet: true,
    teacher: false,
  });
  usePaper(paper);
  if (!practical) return <Waiting />;
  return (
    <PracticalFrame
      practical={practical}
      runId={run.id}
      at="Report"
      subtitle={runSubtitle(run)}
      keys={[{ keys: 'Ctrl P', does: 'print what is chosen' }]}
    >
      <Flex flex="1" direction={{ base: 'column', lg: 'row' }}>
        <Box flex="1" minW="0" overflowX="auto" px={{ base: '3', md: '8' }} py="6" className="print-root">
          {parts.report && begun && (
            <ClassReport run={run} notebook={live.notebook} version={version} paper={paper} />
          )}
          {parts.sheet && <StudentSheets run={run} paper={paper} />}
          {parts.teacher && <TeacherSheet plan={run.plan} paper={paper} />}
          {!parts.sheet && !parts.teacher && !(parts.report && begun) && (
            <Box color="soft">Choose what to print.</Box>
          )}
        </Box>
        <HandOn {...{ run, paper, setPaper, parts, setParts }} />
      </Flex>
    </PracticalFrame>
  );
}

interface Parts {
  report: boolean;
  sheet: boolean;
  teacher: boolean;
}

interface HandOnProps {
  run: Run;
  paper: PaperName;
  setPaper(paper: PaperName): void;
  parts: Parts;
  setParts(parts: Parts): void;
}

/** What is printed, on which paper, and the files. */
function HandOn({ run, paper, setPaper, parts, setParts }: HandOnProps) {
  const begun = run.status !== 'planned';
  return (
    <Aside name="What to hand on" wide={288} px="5" className="no-print" py="6">
      <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="semibold" mb="2">
        On paper
      </Heading>
      {begun && (
        <CheckLine
          label="Class report"
          checked={parts.report}
          onChange={(report) => setParts({ ...parts, report })}
        />
      )}
      <CheckLine
        label="Blank student sheets, one a level"
        checked={parts.sheet}
        onChange={(sheet) => setParts({ ...parts, sheet })}
      />
      <CheckLine
        label="Teacher’s sheet, with answers"
        checked={parts.teacher}
        onChange={(teacher) => setParts({ ...parts, teacher })}
      />
      <PaperChoice paper={paper} onPaper={setPaper} />
      <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="semibold" mt="8" mb="2">
        As files
      </Heading>
      {begun && (
        <FileLink
          href={routes.logCsv(run.id)}
          name="The log, CSV"
          about="one line an entry, for a spreadsheet"
        />
      )}
      <FileLink
        href={routes.runArchive(run.id)}
        name="The whole run, ZIP"
        about="plan, log and pictures; can be read in again on Today, without loss"
      />
    </Aside>
  );
}

function FileLink({ href, name, about }: { href: string; name: string; about: string }) {
  return (
    <Box mb="3">
      <Box
        asChild
        color="tawnyDeep"
        fontWeight="semibold"
        textDecoration="underline"
        textUnderlineOffset="3px"
      >
        <a href={href} download>
          {name}
        </a>
      </Box>
      <Box color="soft" fontSize="sm">
        {about}
      </Box>
    </Box>
  );
}
