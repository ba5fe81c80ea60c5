import { Box, chakra, Flex } from '@chakra-ui/react';
import type { Endpoint, Step, StepWhen } from '../../core/practical';
import { hazardIds, hazards, whoDecides, type HazardId } from '../../core/safety';
import { Choice, NumberField, TextField } from '../ui/fields';
import { usePlan } from './edit-context';

const Check = chakra('input', {
  base: { accentColor: 'var(--chakra-colors-tawny)', w: '18px', h: '18px', flexShrink: 0 },
});

interface StepDetailsProps {
  step: Step;
  number: number;
  onChange(patch: Partial<Step>): void;
}

const whens: readonly (readonly [StepWhen, string])[] = [
  ['lesson', 'in the lesson'],
  ['before', 'before the lesson'],
  ['after', 'after the lesson'],
];

/** Everything about a step that does not fit its line. */
export function StepDetails({ step, number, onChange }: StepDetailsProps) {
  return (
    <Box ml="10" mt="2" p="3.5" bg="paper" borderRadius="6px" display="grid" gap="2.5">
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
            onValue={(when) => onChange({ when })}
          />
        </span>
        <span>
          Look early at{' '}
          <NumberField
            label={`Early look in step ${number}`}
            value={step.lookAt}
            low={0}
            high={10_080}
            unit="min"
            mayBeEmpty
            placeholder="no"
            chars={1}
            onValue={(lookAt) => onChange({ lookAt })}
          />{' '}
          min
        </span>
        <span>
          In the log, say{' '}
          <TextField
            label={`Words for the log when step ${number} is done`}
            most={60}
            value={step.event}
            placeholder={`step ${number} done`}
            chars={1}
            onValue={(event) => onChange({ event })}
          />
        </span>
      </Flex>
      <EndpointLine
        endpoint={step.endpoint}
        number={number}
        onChange={(endpoint) => onChange({ endpoint })}
      />
      <HazardChecks chosen={step.hazards} onChange={(chosen) => onChange({ hazards: chosen })} />
    </Box>
  );
}

function EndpointLine({
  endpoint,
  number,
  onChange,
}: {
  endpoint: Endpoint;
  number: number;
  onChange(endpoint: Endpoint): void;
}) {
  const { plan } = usePlan();
  const options: (readonly [Endpoint['kind'], string])[] = [
    ['time', 'when the time is up'],
    ['appearance', 'when it looks like this:'],
    ['temperature', 'at a temperature:'],
    ...(plan.factor.kind === 'target' || endpoint.kind === 'level'
      ? [['level', 'at the station’s own level'] as const]
      : []),
  ];
  const choose = (kind: Endpoint['kind']) => {
    if (kind === 'appearance') onChange({ kind, look: '' });
    else if (kind === 'temperature')
      onChange({ kind, celsius: 100, basis: plan.thermometer.in === 'syrup' ? 'sea-level' : 'as-read' });
    else onChange({ kind });
  };
  return (
    <Box>
      It ends{' '}
      <Choice label={`What ends step ${number}`} value={endpoint.kind} options={options} onValue={choose} />{' '}
      {endpoint.kind === 'appearance' && (
        <TextField
          label={`How it looks at the end of step ${number}`}
          value={endpoint.look}
          placeholder="golden at the edges"
          chars={1}
          onValue={(look) => onChange({ ...endpoint, look })}
        />
      )}
      {endpoint.kind === 'temperature' && (
        <>
          <NumberField
            label={`Temperature at the end of step ${number}`}
            value={endpoint.celsius}
            low={-90}
            high={400}
            unit="°C"
            chars={1}
            onValue={(celsius) => onChange({ ...endpoint, celsius: celsius! })}
          />{' '}
          °C,{' '}
          <Choice
            label={`What the temperature of step ${number} means`}
            value={endpoint.basis}
            options={[
              ['sea-level', 'given for sea level'],
              ['as-read', 'as the thermometer shows it'],
            ]}
            onValue={(basis) => onChange({ ...endpoint, basis })}
          />
        </>
      )}
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
