import { Box, Heading } from '@chakra-ui/react';
import { format } from 'date-fns';
import type { Run } from '../../contract/runs';
import { capitalised, formatNumber, formatTemperature } from '../../core/format';
import { boilingIn, factorsWithLevels, levelLabel, levelsInOrder, type Plan } from '../../core/practical';
import { recordedInWords, type Noted, type Notebook, type RecordedBody } from '../../core/run';
import { fallBelowSeaLevel } from '../../core/sugar';
import { ResponseChart } from '../charts/ResponseChart';
import { TraceChart } from '../charts/TraceChart';
import { ClassTable } from '../results/ClassTable';
import { PhotoTable } from '../results/PhotoTable';
import { useResults } from '../results/use-results';
import { useBenchSetting } from '../run/use-bench-setting';
import { Page } from '../paper/Page';
import { Part } from '../paper/paper-parts';
import type { PaperName } from '../paper/paper';
import { workingOut } from '../results/use-findings';

interface ClassReportProps {
  run: Run;
  notebook: Notebook;
  version: number;
  paper: PaperName;
}

const nobody = () => undefined;

/** The class’s results on paper: question, fair test, table, pictures, what they tell, what went differently. */
export function ClassReport({ run, notebook, version, paper }: ClassReportProps) {
  const setting = useBenchSetting(run);
  const results = useResults(run, setting, notebook, version, 'planned');
  const { plan, place } = run;
  const foot = `${plan.title} · ${run.className} · ${place.name} · ${format(run.startsAt, 'd MMMM yyyy')} · revision ${run.revision}`;
  const notes = notesOf(run, notebook);
  return (
    <>
      <Page paper={paper} foot={foot}>
        <Box fontSize="9pt" color="soft">
          Class report · {run.className} · {format(run.startsAt, 'EEEE d MMMM yyyy')}
        </Box>
        <Heading
          as="h2"
          fontFamily="heading"
          fontSize="20pt"
          fontWeight="semibold"
          lineHeight="1.15"
          mt="1mm"
        >
          {plan.title}
        </Heading>
        {plan.question && (
          <Box fontFamily="heading" fontSize="13pt" mt="2mm">
            {plan.question}
          </Box>
        )}
        {plan.prediction && (
          <Box mt="1mm">
            We expected: {plan.prediction}
            {plan.reason && `, because ${plan.reason}`}.
          </Box>
        )}
        <Part whole name="Fair test">
          {fairTest(run)}
          {results.boilingC !== null &&
            ` Water boils in ${place.name} at ${formatTemperature(boilingIn(place).boilingC)}, so targets were ${formatNumber(fallBelowSeaLevel(results.boilingC), 1)} °C lower than at sea level.`}
        </Part>
        <Part whole name="What the stations measured">
          <Box fontSize="9.5pt" lineHeight="1.25">
            <ClassTable run={run} rows={results.rows} colourOf={results.colourOf} />
          </Box>
        </Part>
        <Part whole name="What this tells">
          {results.findings === null && workingOut}
          {results.findings?.map((finding) => (
            <Box key={finding.id} mb="1mm" css={{ breakInside: 'avoid' }}>
              <strong>{finding.what}.</strong> {finding.why}
            </Box>
          ))}
        </Part>
      </Page>
      {(results.traces.length > 0 ||
        results.series.length > 0 ||
        results.photos.length > 0 ||
        notes.length > 0) && (
        <Page paper={paper} foot={foot}>
          <Pictures plan={plan} results={results} notes={notes} />
        </Page>
      )}
      {results.photos.length > 0 && (
        <Page paper={paper} foot={foot}>
          {results.photos.map((one) => (
            <Part whole key={one.response.id} name={capitalised(one.response.name)}>
              <PhotoTable series={one} colourOf={results.colourOf} />
            </Part>
          ))}
        </Page>
      )}
    </>
  );
}

/** What was changed, kept and noted, in one paragraph. */
function fairTest({ plan, stations }: Run): string {
  const changed = factorsWithLevels(plan).map((factor) => {
    const levels = levelsInOrder(factor).map(
      (level) => levelLabel(plan, factor, level) + (level.control ? ' (control)' : ''),
    );
    return `the ${factor.name}: ${levels.join(', ')}`;
  });
  const kept = plan.held.map((held) => `${held.what} (${held.how || 'not said how'})`);
  return [
    `We changed ${changed.join('; and ')}, at ${stations.length} stations${plan.order === 'shuffled' ? ', drawn by lot' : ''}.`,
    `We kept: ${kept.join('; ') || 'nothing was written down'}.`,
    ...(plan.noted.length > 0 ? [`Noted: ${plan.noted.map((noted) => noted.what).join(', ')}.`] : []),
  ].join(' ');
}

interface PicturesProps {
  plan: Plan;
  results: ReturnType<typeof useResults>;
  notes: readonly Noted<RecordedBody>[];
}

/** The second page: traces, each response against what was changed, and what was noticed. */
function Pictures({ plan, results, notes }: PicturesProps) {
  return (
    <>
      {results.traces.length > 0 && (
        <Part whole name="Temperature at each station">
          <TraceChart
            lines={results.traces}
            bands={results.bands}
            boilingC={results.boilingC}
            pointed={null}
            onPoint={nobody}
          />
        </Part>
      )}
      <Box display="grid" gridTemplateColumns="1fr 1fr" columnGap="6mm">
        {results.series.map((one) => (
          <Part
            whole
            key={one.response.id}
            name={`${capitalised(one.response.name)}${one.response.unit ? `, ${one.response.unit}` : ''}`}
          >
            <ResponseChart
              series={one}
              plan={plan}
              colourOf={results.colourOf}
              pointed={null}
              onPoint={nobody}
            />
          </Part>
        ))}
        {notes.length > 0 && (
          <Box gridColumn={results.series.length % 2 === 0 ? 'span 2' : undefined}>
            <Part whole name="What went differently, and what was seen">
              <Box fontSize="9.5pt">
                {notes.map(({ id, station, at, body }) => (
                  <Box key={id}>
                    {format(at, 'HH:mm')} · {station === null ? 'all' : `station ${station}`} ·{' '}
                    {recordedInWords(body)}
                  </Box>
                ))}
              </Box>
            </Part>
          </Box>
        )}
      </Box>
    </>
  );
}

/** Lines of notes that still fit the page; the log has them all. */
const mostNotes = 12;

/**
 * In order of time: all deviations, what happened and was seen before and after, and what was seen meanwhile as far
 * as it fits.
 */
function notesOf(run: Run, notebook: Notebook): Noted<RecordedBody>[] {
  const rank = ({ body }: Noted<RecordedBody>) =>
    body.kind === 'deviation' ? 0 : body.kind === 'observation' && body.when === 'during' ? 2 : 1;
  const pages = [notebook.everywhere, ...run.stations.map((station) => notebook.station(station))];
  return pages
    .flatMap((notes): Noted<RecordedBody>[] => [
      ...notes.deviations,
      ...notes.observations,
      ...notes.events.filter((event) => event.body.stepId === null),
    ])
    .sort((a, b) => rank(a) - rank(b) || a.at - b.at)
    .slice(0, mostNotes)
    .sort((a, b) => a.at - b.at);
}
