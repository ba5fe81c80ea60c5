import { Box, Flex, Heading } from '@chakra-ui/react';
import { useState, type ReactNode } from 'react';
import { useParams } from 'react-router';
import { capitalised } from '../../core/format';
import type { PlotAt } from '../../core/run';
import { usePractical } from '../api/queries';
import { ResponseChart } from '../charts/ResponseChart';
import { TraceChart } from '../charts/TraceChart';
import { PracticalFrame } from '../frame/PracticalFrame';
import { RemarkCard } from '../margin/RemarkCard';
import { runSubtitle } from '../run/run-subtitle';
import type { LiveRun } from '../run/live-run';
import { QuickLine, quickLineKeys } from '../run/QuickLine';
import { useLiveRun, useLiveState } from '../run/use-live-run';
import { useQuickContext } from '../run/use-quick-context';
import { QuietButton } from '../ui/Button';
import { Waiting } from '../ui/Notice';
import { ClassTable } from './ClassTable';
import { useResults } from './use-results';

/** What it means: the class table, the traces, each response against the factor, and what they can tell. */
export function ResultsPage() {
  const { runId } = useParams();
  const { live, error } = useLiveRun(runId!);
  if (!live) return <Waiting error={error} />;
  return <OpenResults live={live} />;
}

function OpenResults({ live }: { live: LiveRun }) {
  const { state, outbox } = useLiveState(live);
  const { run, version } = state;
  const { data: practical } = usePractical(run.practicalId);
  const [plotAt, setPlotAt] = useState<PlotAt>('planned');
  const [pointed, setPointed] = useState<number | null>(null);
  const results = useResults(run, live.notebook, version, plotAt);
  const context = useQuickContext(run, live.notebook, run.unit);
  if (!practical) return <Waiting />;
  const { plan } = run;
  const isTarget = plan.factor.kind === 'target';
  return (
    <PracticalFrame
      practical={practical}
      runId={run.id}
      at="Results"
      subtitle={runSubtitle(run)}
      keys={quickLineKeys}
    >
      <Flex flex="1" direction={{ base: 'column', lg: 'row' }}>
        <Box flex="1" minW="0" bg="sheet" px={{ base: '4', md: '7' }} py="5">
          {results.traces.length > 0 && (
            <Figure name="Temperature at each station" note={traceNote(results.bands.length > 0)}>
              <TraceChart
                lines={results.traces}
                bands={results.bands}
                boilingC={results.boilingC}
                pointed={pointed}
                onPoint={setPointed}
              />
            </Figure>
          )}
          <Box
            display="grid"
            gridTemplateColumns={{ base: '1fr', xl: '1fr 1fr' }}
            columnGap="8"
            alignItems="start"
          >
            <Figure name="Class table" note={legend(results.rows)}>
              <ClassTable
                run={run}
                rows={results.rows}
                colourOf={results.colourOf}
                pointed={pointed}
                onPoint={setPointed}
              />
            </Figure>
            {results.series.map((one) => (
              <Figure
                key={one.response.id}
                name={`${capitalised(one.response.name)} against ${plan.factor.name || 'level'}`}
                note={`${one.response.unit ? `in ${one.response.unit}; ` : ''}every station a dot; ${one.ordinal ? 'square: mean; scores are judged by their order' : 'square and bar: mean and 95 % interval'}`}
              >
                <ResponseChart
                  series={one}
                  factorName={plan.factor.name}
                  factorUnit={isTarget ? '°C at sea level' : plan.factor.unit}
                  colourOf={results.colourOf}
                  pointed={pointed}
                  onPoint={setPointed}
                />
              </Figure>
            ))}
          </Box>
        </Box>
        <Box
          as="aside"
          aria-label="What this tells"
          w={{ base: '100%', lg: '312px' }}
          flexShrink={0}
          borderLeftWidth={{ lg: '1px' }}
          borderColor="rule"
          px="5"
          py="5"
        >
          <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="semibold" mb="1">
            What this tells
          </Heading>
          {isTarget && (
            <Flex gap="1.5" my="2" role="group" aria-label="Where points are drawn">
              <QuietButton
                aria-pressed={plotAt === 'planned'}
                onClick={() => setPlotAt('planned')}
                css={{ minH: '34px', fontSize: 'sm' }}
              >
                as planned
              </QuietButton>
              <QuietButton
                aria-pressed={plotAt === 'reached'}
                onClick={() => setPlotAt('reached')}
                css={{ minH: '34px', fontSize: 'sm' }}
              >
                where they stopped
              </QuietButton>
            </Flex>
          )}
          {results.findings.map((finding) => (
            <Box key={finding.id} borderBottomWidth="1px" borderColor="rule" py="1">
              <RemarkCard said={finding} />
            </Box>
          ))}
          {results.findings.length === 0 && <Box color="soft">Nothing can be told yet.</Box>}
        </Box>
      </Flex>
      {run.status !== 'planned' && (
        <QuickLine
          context={context}
          waiting={outbox.waiting.length}
          onLog={(entries) => live.log(entries)}
          focused={false}
        />
      )}
    </PracticalFrame>
  );
}

const traceNote = (stages: boolean) =>
  stages
    ? 'bands are the stages as they lie on thermometers here; dots: off the heat'
    : 'dots: end of the step';

/** Explains only the marks that are there. */
function legend(rows: ReturnType<typeof useResults>['rows']): string {
  const marks = [
    rows.some((row) => row.deviations.length > 0) ? '! went differently' : '',
    rows.some((row) => row.cells.some((cell) => cell.values.some((one) => one.corrected)))
      ? 'c corrected'
      : '',
    'repeats at one station are averaged',
  ];
  return marks.filter(Boolean).join(' · ');
}

function Figure({ name, note, children }: { name: string; note?: string; children: ReactNode }) {
  return (
    <Box as="section" aria-label={name} mb="6" minW="0">
      <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="semibold" lineHeight="1.25">
        {name}
      </Heading>
      {note && (
        <Box color="soft" fontSize="sm" mb="2">
          {note}
        </Box>
      )}
      {children}
    </Box>
  );
}
