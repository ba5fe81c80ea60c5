import { Box, Flex, Heading } from '@chakra-ui/react';
import { TriangleAlert } from 'lucide-react';
import { useState } from 'react';
import { formatNumber } from '../../core/format';
import { planShape, type Plan, type Step } from '../../core/practical';
import { hazards } from '../../core/safety';
import { roomIn } from '../../core/shape';
import { stepsOf, techniques, techniquesSource, type Technique } from '../../core/techniques';
import { newId } from '../ui/lists';
import { MainButton } from '../ui/Button';
import { ChoiceItem } from '../ui/ChoiceItem';
import { Choice } from '../ui/fields';
import { PlainDialog } from '../ui/PlainDialog';

interface TechniquesDialogProps {
  plan: Plan;
  /** Puts the steps in, before the step of that place. */
  onInsert(steps: Step[], place: number): void;
  onClose(): void;
}

/** Ways of working with their usual steps: looked at, put in, then edited like any other. */
export function TechniquesDialog({ plan, onInsert, onClose }: TechniquesDialogProps) {
  const [chosen, setChosen] = useState(techniques[0]!);
  const [place, setPlace] = useState(plan.steps.length);
  const steps = stepsOf(chosen, newId, plan.thermometers[0]?.id ?? null);
  const room = roomIn(planShape.fields.steps, plan.steps) >= steps.length;
  return (
    <PlainDialog
      title="Ways of working"
      size="xl"
      onClose={onClose}
      foot={
        <Flex gap="4" align="center" wrap="wrap" w="100%">
          <span>
            Put {steps.length === 1 ? 'the step' : `the ${steps.length} steps`}{' '}
            <Choice
              label="Where"
              value={String(place)}
              options={[
                ...plan.steps.map(
                  (step, i) => [String(i), `before ${i + 1}, ${step.text.slice(0, 40)}`] as const,
                ),
                [
                  String(plan.steps.length),
                  plan.steps.length === 0 ? 'into the method' : 'at the end',
                ] as const,
              ]}
              onValue={(value) => setPlace(Number(value))}
            />
          </span>
          <MainButton disabled={!room} onClick={() => onInsert(steps, place)}>
            Put in
          </MainButton>
          {!room && (
            <Box color="amberInk" fontWeight="medium">
              The method has no room for {steps.length} more steps.
            </Box>
          )}
        </Flex>
      }
    >
      <Flex gap="7" direction={{ base: 'column', md: 'row' }}>
        <Box w={{ md: '13rem' }} flexShrink={0} columnCount={{ base: 2, md: 1 }}>
          {techniques.map((technique) => (
            <ChoiceItem
              key={technique.id}
              aria-pressed={technique.id === chosen.id}
              onClick={() => setChosen(technique)}
            >
              {technique.name}
            </ChoiceItem>
          ))}
        </Box>
        <Box flex="1" minW="0" position={{ md: 'sticky' }} top="0" alignSelf="flex-start">
          <Shown technique={chosen} steps={steps} />
        </Box>
      </Flex>
    </PlainDialog>
  );
}

function Shown({ technique, steps }: { technique: Technique; steps: readonly Step[] }) {
  return (
    <>
      <Heading as="h3" fontFamily="heading" fontSize="xl" fontWeight="semibold">
        {technique.name}
      </Heading>
      <Box color="soft">{technique.purpose}</Box>
      <Box as="ol" listStyleType="none" mt="3" display="grid" gap="4">
        {steps.map((step, i) => (
          <Box as="li" key={i}>
            <StepShown step={step} />
          </Box>
        ))}
      </Box>
      <Box fontSize="xs" color="soft" mt="4">
        {techniquesSource.text}
      </Box>
    </>
  );
}

const stirs = { always: 'stir all the time', 'now-and-then': 'stir now and then', never: 'do not stir' };
const changes = {
  physical: 'Physical change',
  chemical: 'Chemical change',
  both: 'Physical and chemical change',
};

/** What ends a step, in words. */
function endsOf({ ends, need }: Step): string {
  const signs = ends.flatMap((end) => {
    if (end.kind === 'sign') return [end.words];
    return end.kind === 'temperature' && end.celsius !== null ? [`${formatNumber(end.celsius)} °C`] : [];
  });
  return signs.length === 0 ? '' : `until ${signs.join(need === 'all' ? ' and ' : ' or ')}`;
}

function StepShown({ step }: { step: Step }) {
  const ends = endsOf(step);
  const facts = [
    step.stir && stirs[step.stir],
    step.stayBelowC !== null && `stay below ${formatNumber(step.stayBelowC)} °C`,
    step.people > 1 && `${step.people} people`,
    ...step.windows.map(({ words, from, until }) =>
      [words, from !== null && `from ${from}`, until !== null && `until ${until}`, 'min']
        .filter(Boolean)
        .join(' '),
    ),
    step.safeStop && 'safe place to stop',
    step.ready.length > 0 && `ready: ${step.ready.join(', ')}`,
  ].filter(Boolean);
  return (
    <>
      <Flex gap="4" align="baseline">
        <Box flex="1" fontSize="lg" lineHeight="1.35">
          {step.text}
        </Box>
        <Box flexShrink={0} fontWeight="bold">
          {formatNumber(step.minutes ?? 0)}
          {step.minutesTo !== null && `–${formatNumber(step.minutesTo)}`} min
        </Box>
      </Flex>
      <Flex wrap="wrap" columnGap="4" fontSize="sm" color="soft">
        {ends && <span>{ends}</span>}
        {facts.map((fact) => (
          <span key={String(fact)}>{fact}</span>
        ))}
        {step.hazards.map((id) => (
          <Flex key={id} as="span" align="center" gap="1" color="ember" fontWeight="bold">
            <TriangleAlert size={13} aria-hidden />
            {hazards[id].name}
          </Flex>
        ))}
      </Flex>
      {step.wrong && (
        <Box fontSize="sm" mt="0.5">
          <b>When it goes wrong:</b> {step.wrong}
        </Box>
      )}
      {step.change && (
        <Box fontSize="sm" color="soft">
          {changes[step.change]}
          {step.why && `: ${step.why}`}
        </Box>
      )}
    </>
  );
}
