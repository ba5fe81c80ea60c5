import { Box, chakra, Flex, Heading } from '@chakra-ui/react';
import { format } from 'date-fns';
import type { ReactNode } from 'react';
import type { Run } from '../../contract/runs';
import { capitalised, formatNumber, formatTemperature, listed } from '../../core/format';
import {
  earlyLook,
  factorsWithLevels,
  factorUnit,
  minutesWords,
  piecesWords,
  settingsWords,
  takenWords,
  treatmentsOf,
  type Plan,
  type Response,
  type StationStep,
} from '../../core/practical';
import { lessonSteps, type OwnPlan } from '../../core/run';
import { hazards, whoDecides, type HazardId } from '../../core/safety';
import { useBenchSetting } from '../run/use-bench-setting';
import { Page } from './Page';
import type { PaperName } from './paper';

const Cell = chakra('td', { base: { borderWidth: '1px', borderColor: 'strongRule', h: '7mm', px: '2mm' } });
const Head = chakra('th', {
  base: {
    borderWidth: '1px',
    borderColor: 'strongRule',
    px: '2mm',
    py: '1mm',
    fontSize: '9.5pt',
    fontWeight: 'semibold',
    textAlign: 'left',
    bg: '#F6EFE2',
  },
});

/** Blank sheets, one for each treatment: what a tablet can log can be written here, and nobody reads another’s amounts. */
export function StudentSheets({ run, paper }: { run: Run; paper: PaperName }) {
  const setting = useBenchSetting(run);
  return treatmentsOf(run.plan).map((treatment) => {
    const stations = run.allocation
      .filter((one) => one.treatmentId === treatment.id)
      .map((one) => one.station);
    if (stations.length === 0) return null;
    return (
      <StudentSheet
        key={treatment.id}
        run={run}
        paper={paper}
        own={setting.own(stations[0]!)}
        varied={setting.varied}
        stations={stations}
      />
    );
  });
}

interface SheetProps {
  run: Run;
  paper: PaperName;
  own: OwnPlan;
  varied: ReadonlySet<string>;
  stations: readonly number[];
}

function StudentSheet({ run, paper, own, varied, stations }: SheetProps) {
  const { plan } = run;
  const changed = factorsWithLevels(plan).map((factor) => factor.name || 'what changes');
  const measured = plan.thermometers.length > 0;
  const foot = `${plan.title} · ${run.className} · ${format(run.startsAt, 'd MMMM yyyy')} · ${own.treatment?.label ?? ''} · blank student sheet`;
  return (
    <>
      <Page paper={paper} foot={foot}>
        <Flex justify="space-between" align="baseline" fontSize="11pt">
          <Box>
            Station{' '}
            {stations.map((station) => (
              <Box as="span" key={station} mr="3mm">
                ☐ {station}
              </Box>
            ))}
            Seats <Blank width="34mm" />
          </Box>
          <Box>
            {run.className} · {format(run.startsAt, 'd MMMM yyyy')}
          </Box>
        </Flex>
        <Heading
          as="h2"
          fontFamily="heading"
          fontSize="18pt"
          fontWeight="semibold"
          lineHeight="1.15"
          mt="4mm"
        >
          {plan.title}
        </Heading>
        <Box fontFamily="heading" fontSize="12.5pt" mt="1.5mm">
          {plan.question}
        </Box>
        <Part name={`Our level of ${listed(changed)}`}>
          <strong>{own.treatment?.label}</strong>
          {own.treatment?.control && ', the control'}
          {own.open.map((factor) => (
            <Box as="span" key={factor.id}>
              ; we chose <Blank width="24mm" /> {factorUnit(plan, factor)}
            </Box>
          ))}
          {piecesWords(own, run.unit).map((words) => `; ${words}`)}
        </Part>
        <Part name="We expect, because">
          <Lines count={2} />
        </Part>
        {own.ingredients.length > 0 && (
          <Part name="Our batch">
            <Box css={{ columns: 2, columnGap: '8mm' }}>
              {own.ingredients.map((one) => (
                <Box key={one.id} fontWeight={varied.has(one.id) ? 'bold' : 'normal'}>
                  ☐ {takenWords(one)}
                </Box>
              ))}
            </Box>
          </Part>
        )}
        <Part name="Method">
          <Box as="ol" listStyleType="none">
            {lessonSteps(own).map((step, i) => (
              <MethodLine key={step.id} step={step} number={i + 1} own={own} unit={run.unit} />
            ))}
          </Box>
          <Box fontSize="8.5pt" color="soft" mt="1mm">
            {whoDecides}
          </Box>
        </Part>
      </Page>
      <Page paper={paper} foot={foot}>
        {plan.noted.length > 0 && (
          <Part name="Noted once">
            {plan.noted.map((noted) => (
              <Box as="span" key={noted.id} mr="8mm" whiteSpace="nowrap">
                {noted.what} <Blank width="26mm" /> {noted.unit}
              </Box>
            ))}
          </Part>
        )}
        {measured && (
          <Part name="Temperature">
            <Grid
              heads={['minute', `°${run.unit}`, 'minute', `°${run.unit}`, 'minute', `°${run.unit}`]}
              rows={6}
            />
          </Part>
        )}
        <Part name="What we saw: appearance, colour, texture, smell, sound">
          <Grid heads={['before', 'during', 'after']} rows={1} tall />
        </Part>
        <Measured plan={plan} />
        <Part name="What went differently">
          <Lines count={2} />
        </Part>
        {plan.studentQuestions.map((question, i) => (
          <Box key={i} mt="3mm" css={{ breakInside: 'avoid' }}>
            <strong>{String.fromCharCode(97 + i)}</strong> {question}
            <Lines count={measured ? 2 : 3} />
          </Box>
        ))}
      </Page>
    </>
  );
}

/** Grids for what is measured: once a station, and piece by piece. */
function Measured({ plan }: { plan: Plan }) {
  const typed = plan.responses.filter((response) => response.formula === '');
  const head = ({ name, unit }: Response) => `${name}${unit ? `, ${unit}` : ''}`;
  const once = typed.filter((response) => response.pieces === 1);
  const byPiece = typed.filter((response) => response.pieces > 1);
  const most = Math.max(0, ...byPiece.map((response) => response.pieces));
  return (
    <Part name="What we measured">
      {once.length > 0 && <Grid heads={['', ...once.map(head)]} firsts={['1st', '2nd', '3rd']} rows={3} />}
      {byPiece.length > 0 && (
        <Box mt={once.length > 0 ? '2mm' : undefined}>
          <Grid
            heads={['piece', ...byPiece.map(head)]}
            firsts={Array.from({ length: most }, (_, i) =>
              i === 0 && byPiece.some((response) => response.warmUp) ? '1 (warm-up)' : String(i + 1),
            )}
            rows={most}
          />
        </Box>
      )}
    </Part>
  );
}

interface MethodLineProps {
  step: StationStep;
  number: number;
  own: OwnPlan;
  unit: 'C' | 'F';
}

function MethodLine({ step, number, own, unit }: MethodLineProps) {
  const look = earlyLook(step);
  const signs = step.ends.flatMap((end) => (end.kind === 'sign' && end.words ? [end.words] : []));
  const settings = settingsWords(step.settings, unit);
  return (
    <Box as="li" display="flex" gap="3mm" mb="1.6mm" css={{ breakInside: 'avoid' }}>
      <strong>{number}</strong>
      <Box flex="1">
        {step.text}
        {step.target && <strong> To {formatTemperature(step.target.localC, unit)}.</strong>}
        {signs.length > 0 && ` Until ${signs.join(step.need === 'all' ? ' and ' : ' or ')}.`}
        {settings && <strong> {capitalised(settings)}.</strong>}
        {step.adult && <strong> An adult does this.</strong>}
        {step.hazards.map((id) => (
          <Box key={id} fontSize="9.5pt" borderLeftWidth="3px" borderColor="ember" pl="2mm" mt="0.8mm">
            {cautionFor(own, step, id)}
          </Box>
        ))}
      </Box>
      <Box color="soft" whiteSpace="nowrap">
        {minutesWords(step)}
        {look !== null && `, look at ${formatNumber(look)}`}
      </Box>
    </Box>
  );
}

/** The whole caution where a danger comes up first; afterwards its name and where it stands. */
function cautionFor(own: OwnPlan, step: StationStep, id: HazardId): string {
  const steps = lessonSteps(own);
  const first = steps.findIndex((one) => one.hazards.includes(id));
  if (steps[first] === step) return hazards[id].caution;
  return `Caution, ${hazards[id].name}: see step ${first + 1}.`;
}

const Blank = ({ width }: { width: string }) => (
  <Box as="span" display="inline-block" borderBottomWidth="1px" borderColor="ink" style={{ width }} />
);

function Lines({ count }: { count: number }) {
  return (
    <>
      {Array.from({ length: count }, (_, i) => (
        <Box key={i} borderBottomWidth="1px" borderColor="strongRule" h="7mm" />
      ))}
    </>
  );
}

interface GridProps {
  heads: readonly string[];
  rows: number;
  firsts?: readonly string[];
  tall?: boolean;
}

function Grid({ heads, rows, firsts = [], tall = false }: GridProps) {
  return (
    <chakra.table
      w="100%"
      css={{ borderCollapse: 'collapse', tableLayout: firsts.length > 0 ? 'auto' : 'fixed' }}
    >
      <thead>
        <tr>
          {heads.map((head, i) => (
            <Head key={i}>{head}</Head>
          ))}
        </tr>
      </thead>
      <tbody>
        {Array.from({ length: rows }, (_, row) => (
          <tr key={row}>
            {heads.map((_, i) => (
              <Cell key={i} css={tall ? { height: '16mm' } : {}}>
                {i === 0 ? firsts[row] : ''}
              </Cell>
            ))}
          </tr>
        ))}
      </tbody>
    </chakra.table>
  );
}

function Part({ name, children }: { name: string; children: ReactNode }) {
  return (
    <Box mt="4mm">
      <Heading as="h3" fontFamily="heading" fontSize="11.5pt" fontWeight="semibold" color="tawny" mb="1mm">
        {name}
      </Heading>
      {children}
    </Box>
  );
}
