import { Box, chakra, Flex, Heading } from '@chakra-ui/react';
import { format } from 'date-fns';
import type { ReactNode } from 'react';
import type { Run } from '../../contract/runs';
import { formatNumber, formatTemperature } from '../../core/format';
import { levelLabel, levelOf, levelsInOrder, targetOf, type Step } from '../../core/practical';
import { hazards, whoDecides, type HazardId } from '../../core/safety';
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

/** A blank sheet for one station: what a tablet can log can be written here too. */
export function StudentSheet({ run, paper }: { run: Run; paper: PaperName }) {
  const { plan } = run;
  const foot = `${plan.title} · ${run.className} · ${format(run.startsAt, 'd MMMM yyyy')} · blank student sheet`;
  return (
    <>
      <Page paper={paper} foot={foot}>
        <Flex justify="space-between" align="baseline" fontSize="11pt">
          <Box>
            Station <Blank width="14mm" /> Seats <Blank width="34mm" />
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
        <Part name={`Our level of ${plan.factor.name || 'what changes'}`}>
          <Levels run={run} />
        </Part>
        <Part name="We expect, because">
          <Lines count={2} />
        </Part>
        <Part name="One batch">
          <Box css={{ columns: 2, columnGap: '8mm' }}>
            {plan.formula.map((ingredient) => (
              <Box key={ingredient.id}>
                ☐{' '}
                {ingredient.amount === null
                  ? ''
                  : `${formatNumber(ingredient.amount)} ${ingredient.unit === 'each' ? '' : ingredient.unit} `}
                {ingredient.name}
              </Box>
            ))}
          </Box>
        </Part>
        <Part name="Method">
          <Box as="ol" listStyleType="none">
            {plan.steps
              .filter((step) => step.when === 'lesson')
              .map((step, i) => (
                <MethodLine key={step.id} step={step} number={i + 1} run={run} />
              ))}
          </Box>
          <Box fontSize="8.5pt" color="soft" mt="1mm">
            {whoDecides}
          </Box>
        </Part>
      </Page>
      <Page paper={paper} foot={foot}>
        {plan.thermometer.in !== 'none' && (
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
        <Part name="What we measured">
          <Grid
            heads={[
              '',
              ...plan.responses.map(
                (response) => `${response.name}${response.unit ? `, ${response.unit}` : ''}`,
              ),
            ]}
            firsts={['1st', '2nd', '3rd']}
            rows={3}
          />
        </Part>
        <Part name="What went differently">
          <Lines count={2} />
        </Part>
        {plan.studentQuestions.map((question, i) => (
          <Box key={i} mt="3mm" css={{ breakInside: 'avoid' }}>
            <strong>{String.fromCharCode(97 + i)}</strong> {question}
            <Lines count={plan.thermometer.in === 'none' ? 3 : 2} />
          </Box>
        ))}
      </Page>
    </>
  );
}

/** The levels to tick, with their stations where the lots are drawn. */
function Levels({ run }: { run: Run }) {
  const { plan, place } = run;
  return (
    <Flex wrap="wrap" columnGap="7mm" rowGap="1mm">
      {levelsInOrder(plan.factor).map((level) => {
        const stations = run.allocation.filter((one) => one.levelId === level.id).map((one) => one.station);
        const target = targetOf(plan, { kind: 'level' }, levelOf(plan, level.id), place);
        return (
          <Box key={level.id}>
            ☐ <strong>{levelLabel(plan.factor, level)}</strong>
            {target?.shifted && `: stop at ${formatTemperature(target.localC, run.unit)}`}
            <Box as="span" color="soft" fontSize="9.5pt">
              {' '}
              (station {stations.join(', ')})
            </Box>
          </Box>
        );
      })}
    </Flex>
  );
}

function MethodLine({ step, number, run }: { step: Step; number: number; run: Run }) {
  const target =
    step.endpoint.kind === 'temperature' ? targetOf(run.plan, step.endpoint, undefined, run.place) : null;
  return (
    <Box as="li" display="flex" gap="3mm" mb="1.6mm" css={{ breakInside: 'avoid' }}>
      <strong>{number}</strong>
      <Box flex="1">
        {step.text}
        {target && <strong> To {formatTemperature(target.localC, run.unit)}.</strong>}
        {step.endpoint.kind === 'level' && <strong> To the temperature of your level.</strong>}
        {step.endpoint.kind === 'appearance' && step.endpoint.look && ` Until ${step.endpoint.look}.`}
        {step.hazards.map((id) => (
          <Box key={id} fontSize="9.5pt" borderLeftWidth="3px" borderColor="ember" pl="2mm" mt="0.8mm">
            {cautionFor(run, step, id)}
          </Box>
        ))}
      </Box>
      <Box color="soft" whiteSpace="nowrap">
        {step.minutes !== null && `${formatNumber(step.minutes)} min`}
        {step.lookAt !== null && `, look at ${formatNumber(step.lookAt)}`}
      </Box>
    </Box>
  );
}

/** The whole caution where a danger comes up first; afterwards its name and where it stands. */
function cautionFor({ plan }: Run, step: Step, id: HazardId): string {
  const steps = plan.steps.filter((one) => one.when === 'lesson');
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
