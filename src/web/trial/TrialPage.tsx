import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { useParams } from 'react-router';
import type { Practical } from '../../contract/practicals';
import { formatNumber } from '../../core/format';
import {
  minutesInLesson,
  minutesWords,
  stationPlan,
  studentsTake,
  treatmentsOf,
  type Place,
  type Plan,
  type Step,
} from '../../core/practical';
import { ingredientGrams } from '../../core/batch';
import { hazards } from '../../core/safety';
import { usePractical } from '../api/queries';
import { useRoomChoices } from '../api/room-choices';
import { PracticalFrame } from '../frame/PracticalFrame';
import { draftsOf } from '../plan/plan-drafts';
import { Aside } from '../ui/Aside';
import { QuietButton } from '../ui/Button';
import { Choice, NumberField } from '../ui/fields';
import { Notice, Waiting } from '../ui/Notice';
import { useNow } from '../ui/use-now';
import { begin, end, keepTrial, readTrial, type TrialNow } from './trial-clock';
import { EarlierTrials, TrialEnding } from './TrialEnding';

/** A dry run at one station: each step is timed, and its minutes come back into the plan. */
export function TrialPage() {
  const { practicalId } = useParams();
  const { data: practical, error } = usePractical(practicalId);
  if (!practical) return <Waiting error={error} />;
  if (draftsOf(practical.id).read()) {
    return (
      <Box p="6">
        <Notice kind="stop">
          This plan has changes that the server does not have yet. Open the plan, wait until it says “Kept”,
          then try it.
        </Notice>
      </Box>
    );
  }
  return <Trial practical={practical} />;
}

function Trial({ practical }: { practical: Practical }) {
  const { plan } = practical;
  const rooms = useRoomChoices();
  const place = rooms.find((room) => room.id === plan.roomId)?.place ?? null;
  const treatments = treatmentsOf(plan);
  const [treatmentId, setTreatment] = useState(
    () => (treatments.find(({ control }) => control) ?? treatments[0])?.id ?? '',
  );
  const [trial, setTrial] = useState<TrialNow>(() => readTrial(practical.id));
  const [factor, setFactor] = useState(studentsTake);
  const change = (next: TrialNow) => {
    setTrial(next);
    keepTrial(practical.id, next);
  };
  return (
    <PracticalFrame practical={practical} runId={null} at="Plan" subtitle="Trial batch">
      <Flex flex="1" direction={{ base: 'column', lg: 'row' }}>
        <Box flex="1" minW="0" px={{ base: '4', md: '7' }} py="5" bg="sheet">
          <Box color="soft" fontSize="lg" mb="3">
            One station, before the class: press a step when it begins and again when it is done. What it took
            comes back into the plan.
          </Box>
          <Box as="ol" listStyleType="none">
            {stepsOf(plan, place, treatmentId).map((step, i) => (
              <TrialStep
                key={step.id}
                step={step}
                number={i + 1}
                trial={trial}
                factor={factor}
                onTrial={change}
              />
            ))}
          </Box>
          {plan.steps.length === 0 && <Box>The method has no step yet: nothing to try.</Box>}
        </Box>
        <Aside name="What comes of it" wide={320} px="6" py="6">
          {treatments.length > 1 && (
            <Box mb="4">
              Tried:{' '}
              <Choice
                label="Treatment tried"
                value={treatmentId}
                options={treatments.map(({ id, label }) => [id, label] as const)}
                onValue={setTreatment}
              />
            </Box>
          )}
          <Box mb="4">
            Hands-on steps take students{' '}
            <Choice
              label="How much longer students take"
              value={String(factor)}
              options={[
                ['1', 'as long as it took you'],
                ['1.25', 'a quarter longer'],
                ['1.5', 'half as long again'],
                ['2', 'twice as long'],
              ]}
              onValue={(value) => setFactor(Number(value))}
            />
            ; waiting takes what it took.
          </Box>
          <TrialEnding
            practical={practical}
            trial={trial}
            factor={factor}
            treatment={treatments.find(({ id }) => id === treatmentId)?.label ?? ''}
            onTrial={change}
          />
          <EarlierTrials plan={plan} />
        </Aside>
      </Flex>
    </PracticalFrame>
  );
}

/** The steps of the lesson and before it, as one treatment does them. */
function stepsOf(plan: Plan, place: Place | null, treatmentId: string): Step[] {
  const treatment = treatmentsOf(plan).find(({ id }) => id === treatmentId);
  const own = treatment
    ? stationPlan(plan, place, treatment, ingredientGrams).steps.map(({ id }) => id)
    : null;
  return plan.steps.filter((step) => own === null || own.includes(step.id));
}

interface TrialStepProps {
  step: Step;
  number: number;
  trial: TrialNow;
  factor: number;
  onTrial(trial: TrialNow): void;
}

function TrialStep({ step, number, trial, factor, onTrial }: TrialStepProps) {
  const running = trial.running?.stepId === step.id ? trial.running : null;
  const took = trial.took[step.id];
  return (
    <Flex
      as="li"
      gap="4"
      py="3"
      borderTopWidth="1px"
      borderColor="rule"
      align="flex-start"
      wrap={{ base: 'wrap', md: 'nowrap' }}
      bg={running ? 'tawnyWash' : undefined}
      px="2"
    >
      <Box color="soft" w="1.4rem">
        {number}
      </Box>
      <Box flex="1" minW="14rem">
        <Box fontSize="lg" lineHeight="1.35">
          {step.text}
        </Box>
        {step.hazards.length > 0 && (
          <Box color="ember" fontWeight="bold" fontSize="sm">
            {step.hazards.map((id) => hazards[id].name).join(' · ')}
          </Box>
        )}
        <Box color="soft" fontSize="sm">
          planned:{' '}
          {step.minutes === null ? 'nothing said' : minutesWords(step) || `${formatNumber(step.minutes)} min`}
          {took !== undefined && `, then: ${formatNumber(minutesInLesson(step, took, factor))} min`}
        </Box>
      </Box>
      <Flex align="center" gap="3" minW="15rem" justify="flex-end">
        {running ? (
          <Clock since={running.since} before={took ?? 0} />
        ) : (
          took !== undefined && (
            <span>
              took{' '}
              <NumberField
                label={`Minutes step ${number} took`}
                value={took}
                low={0}
                high={10_080}
                unit="min"
                chars={2}
                align="right"
                onValue={(value) => onTrial({ ...trial, took: { ...trial.took, [step.id]: value! } })}
              />{' '}
              min
            </span>
          )
        )}
        <QuietButton
          aria-pressed={running !== null}
          aria-label={`${running ? 'Done' : 'Begin'}: step ${number}`}
          css={{ minH: '44px', minW: '6rem' }}
          onClick={() => onTrial(running ? end(trial, Date.now()) : begin(trial, step.id, Date.now()))}
        >
          {running ? 'Done' : took === undefined ? 'Begin' : 'Go on'}
        </QuietButton>
      </Flex>
    </Flex>
  );
}

function Clock({ since, before }: { since: number; before: number }) {
  const now = useNow(1000).getTime();
  const seconds = Math.max(0, Math.floor((now - since) / 1000 + before * 60));
  return (
    <Box fontSize="2xl" fontWeight="bold" role="timer">
      {Math.floor(seconds / 60)}:{String(seconds % 60).padStart(2, '0')}
    </Box>
  );
}
