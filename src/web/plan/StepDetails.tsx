import { Box, chakra, Flex } from '@chakra-ui/react';
import { levelLabel, type StepWhen, stepShape } from '../../core/practical';
import { longest, range } from '../../core/shape';
import { hazardIds, hazards, whoDecides, type HazardId } from '../../core/safety';
import { Choice, NumberField, TextField } from '../ui/fields';
import { usePlan } from './edit-context';
import { StepDoing } from './StepDoing';
import { StepEnds } from './StepEnds';
import type { StepPartProps } from './step-part';

const Check = chakra('input', {
  base: { accentColor: 'var(--chakra-colors-tawny)', w: '18px', h: '18px', flexShrink: 0 },
});

const whens: readonly (readonly [StepWhen, string])[] = [
  ['lesson', 'in the lesson'],
  ['before', 'before the lesson'],
  ['after', 'after the lesson'],
];

/** Everything about a step that does not fit its line. */
export function StepDetails(props: StepPartProps) {
  const { step, onChange } = props;
  return (
    <Box ml="10" mt="2" p="3.5" bg="paper" borderRadius="6px" display="grid" gap="2.5">
      <StepTime {...props} />
      <StepEnds {...props} />
      <StepDoing {...props} />
      <OnlyLevels {...props} />
      <HazardChecks chosen={step.hazards} onChange={(chosen) => onChange({ hazards: chosen })} />
    </Box>
  );
}

/** When it is done, how long it takes, when to look. */
function StepTime({ step, number, onChange }: StepPartProps) {
  return (
    <Flex wrap="wrap" columnGap="5" rowGap="2" align="baseline">
      <span>
        It is{' '}
        <Choice
          label={`Hands or waiting in step ${number}`}
          value={step.hands}
          options={[
            ['hands-on', 'work for the hands'],
            ['waiting', 'waiting'],
          ]}
          onValue={(hands) => onChange({ hands })}
        />
        ,{' '}
        <Choice
          label={`When step ${number} is done`}
          value={step.when}
          options={whens}
          onValue={(when) => onChange({ when, day: when === 'lesson' ? 0 : step.day })}
        />
        {step.when !== 'lesson' && (
          <>
            {', '}
            <NumberField
              label={`Days ${step.when} the lesson of step ${number}`}
              value={Math.abs(step.day)}
              low={0}
              high={range(stepShape.fields.day).high}
              whole
              chars={1}
              onValue={(days) => onChange({ day: step.when === 'before' ? -days! : days! })}
            />{' '}
            days {step.when}
          </>
        )}
      </span>
      <span>
        It takes up to{' '}
        <NumberField
          label={`Most minutes of step ${number}`}
          value={step.minutesTo}
          {...range(stepShape.fields.minutesTo)}
          unit="min"
          mayBeEmpty
          placeholder="no longer"
          chars={1}
          onValue={(minutesTo) => onChange({ minutesTo })}
        />{' '}
        min,{' '}
        <Choice
          label={`What the minutes of step ${number} are of`}
          value={step.per}
          options={[
            ['once', 'in all'],
            ['side', 'a side'],
            ['piece', 'a piece'],
          ]}
          onValue={(per) => onChange({ per })}
        />
      </span>
      <span>
        Look early at{' '}
        <NumberField
          label={`Early look in step ${number}`}
          value={step.lookAt}
          {...range(stepShape.fields.lookAt)}
          unit="min"
          mayBeEmpty
          placeholder="no"
          chars={1}
          onValue={(lookAt) => onChange({ lookAt })}
        />{' '}
        min,{' '}
        <Choice
          label={`The door in step ${number}`}
          value={step.door}
          options={[
            ['open', 'the door may open'],
            ['glass', 'through the glass'],
            ['shut', 'the door stays shut'],
          ]}
          onValue={(door) => onChange({ door })}
        />
      </span>
      <span>
        In the log, say{' '}
        <TextField
          label={`Words for the log when step ${number} is done`}
          most={longest(stepShape.fields.event)}
          value={step.event}
          placeholder={`step ${number} done`}
          chars={1}
          onValue={(event) => onChange({ event })}
        />
      </span>
    </Flex>
  );
}

/** Where levels differ in their method: which of them do this step. */
function OnlyLevels({ step, number, onChange }: StepPartProps) {
  const { plan } = usePlan();
  const factors = plan.factors.filter((factor) => factor.acts.on === 'method' || step.only.length > 0);
  if (factors.length === 0) return null;
  return (
    <Box as="fieldset">
      <Box as="legend" color="soft" fontSize="sm" mb="1">
        Done only at these levels (none ticked: at all)
      </Box>
      <Flex wrap="wrap" columnGap="5" rowGap="1">
        {factors.flatMap((factor) =>
          factor.levels.map((level) => (
            <Flex key={level.id} asChild align="center" gap="2" minH="28px">
              <label>
                <Check
                  type="checkbox"
                  aria-label={`Step ${number} at ${levelLabel(plan, factor, level)}`}
                  checked={step.only.includes(level.id)}
                  onChange={(event) =>
                    onChange({
                      only: event.target.checked
                        ? [...step.only, level.id]
                        : step.only.filter((id) => id !== level.id),
                    })
                  }
                />
                {levelLabel(plan, factor, level)}
              </label>
            </Flex>
          )),
        )}
      </Flex>
    </Box>
  );
}

function HazardChecks({
  chosen,
  onChange,
}: {
  chosen: readonly HazardId[];
  onChange(chosen: HazardId[]): void;
}) {
  return (
    <Box as="fieldset">
      <Box as="legend" color="soft" fontSize="sm" mb="1">
        Cautions that stand on this step
      </Box>
      <Flex wrap="wrap" columnGap="5" rowGap="1">
        {hazardIds.map((id) => (
          <Flex key={id} asChild align="center" gap="2" minH="28px" title={hazards[id].caution}>
            <label>
              <Check
                type="checkbox"
                checked={chosen.includes(id)}
                onChange={(event) =>
                  onChange(event.target.checked ? [...chosen, id] : chosen.filter((one) => one !== id))
                }
              />
              {hazards[id].name}
            </label>
          </Flex>
        ))}
      </Flex>
      <Box fontSize="xs" color="soft" mt="1.5">
        {whoDecides}
      </Box>
    </Box>
  );
}
