import { Box, Flex } from '@chakra-ui/react';
import { levelLabel } from '../../core/practical';
import { hazardIds, hazards, whoDecides, type HazardId } from '../../core/safety';
import { Check } from '../ui/Check';
import { usePlan } from './edit-context';
import { StepDoing } from './StepDoing';
import { StepEnds } from './StepEnds';
import { StepHeat } from './StepHeat';
import { StepOrder } from './StepOrder';
import type { StepPartProps } from './step-part';
import { StepSettings } from './StepSettings';
import { StepTakes } from './StepTakes';
import { StepTime } from './StepTime';

/** Everything about a step that does not fit its line. */
export function StepDetails(props: StepPartProps) {
  const { step, onChange } = props;
  return (
    <Box ml="10" mt="2" p="3.5" bg="paper" borderRadius="6px" display="grid" gap="2.5">
      <StepTakes {...props} />
      <StepTime {...props} />
      <StepHeat {...props} />
      <StepOrder {...props} />
      <StepEnds {...props} />
      <StepSettings {...props} />
      <StepDoing {...props} />
      <OnlyLevels {...props} />
      <HazardChecks chosen={step.hazards} onChange={(chosen) => onChange({ hazards: chosen })} />
    </Box>
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
