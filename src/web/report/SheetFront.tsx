import { Box, Flex, Heading } from '@chakra-ui/react';
import { format } from 'date-fns';
import type { Run } from '../../contract/runs';
import { capitalised, formatNumber, listed } from '../../core/format';
import {
  idsOf,
  levelsHere,
  earlyLook,
  factorsWithLevels,
  factorUnit,
  minutesWords,
  piecesWords,
  sentenceOf,
  stepMarks,
  takenWords,
  untilWords,
  type StationStep,
} from '../../core/practical';
import { lessonSteps, type OwnPlan } from '../../core/run';
import { hazards, whoDecides, type HazardId } from '../../core/safety';
import { Blank, Lines, Part } from '../paper/paper-parts';

interface SheetFrontProps {
  run: Run;
  own: OwnPlan;
  varied: ReadonlySet<string>;
  stations: readonly number[];
}

/** Whose sheet it is, its level, its batch and its method. */
export function SheetFront({ run, own, varied, stations }: SheetFrontProps) {
  return (
    <>
      <SheetHead run={run} stations={stations} />
      <OwnLevel run={run} own={own} />
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
    </>
  );
}

function SheetHead({ run, stations }: Pick<SheetFrontProps, 'run' | 'stations'>) {
  const { plan } = run;
  return (
    <>
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
      <Heading as="h2" fontFamily="heading" fontSize="18pt" fontWeight="semibold" lineHeight="1.15" mt="4mm">
        {plan.title}
      </Heading>
      <Box fontFamily="heading" fontSize="12.5pt" mt="1.5mm">
        {plan.question}
      </Box>
    </>
  );
}

function OwnLevel({ run, own }: Pick<SheetFrontProps, 'run' | 'own'>) {
  const { plan } = run;
  const changed = factorsWithLevels(plan).map((factor) => factor.name || 'what changes');
  return (
    <Part name={`Our level of ${listed(changed)}`}>
      <strong>{own.treatment?.label}</strong>
      {own.treatment?.control && ', the control'}
      {own.open.map((factor) => (
        <Box as="span" key={factor.id}>
          ; we chose <Blank width="24mm" /> {factorUnit(plan, factor)}
        </Box>
      ))}
      {[...levelsHere(plan, own, run.unit), ...piecesWords(own, run.unit)].map((words) => `; ${words}`)}
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
  const until = untilWords(step, unit);
  const marks = stepMarks(step, idsOf(lessonSteps(own)), unit, ['minutes', 'lookAt']);
  return (
    <Box as="li" display="flex" gap="3mm" mb="1.6mm" css={{ breakInside: 'avoid' }}>
      <strong>{number}</strong>
      <Box flex="1">
        {sentenceOf(step, unit)}
        {until && <strong> Until {until}.</strong>}
        {marks.length > 0 && <Box fontWeight="semibold">{capitalised(marks.join(' · '))}</Box>}
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
