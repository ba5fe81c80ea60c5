import { Box, Flex } from '@chakra-ui/react';
import { listed } from '../../core/format';
import { media, type Medium, type Thermometer, thermometerShape } from '../../core/practical';
import { range } from '../../core/shape';
import { Choice, NumberField } from '../ui/fields';
import { usePlan } from './edit-context';
import { MoreButton, RemoveButton } from '../ui/line-tools';
import { newId, withItem, without } from '../ui/lists';
import { Row } from './Row';

export const mediumWords: Record<Medium, string> = {
  syrup: 'in the boiling syrup',
  food: 'in the food',
  core: 'in the core of a piece',
  oven: 'in the oven',
  water: 'in the water',
  oil: 'in the oil',
  dough: 'in the dough',
};

/** The thermometers of a station: where each goes, how finely it reads, which steps it ends. */
export function ThermometerLines() {
  const { plan, edit } = usePlan();
  const { thermometers } = plan;
  const several = thermometers.length > 1;
  return (
    <Row name={several ? 'Thermometers' : 'Thermometer'}>
      {thermometers.map((thermometer, i) => (
        <ThermometerLine key={thermometer.id} thermometer={thermometer} which={several ? ` ${i + 1}` : ''} />
      ))}
      {thermometers.length < 4 && (
        <MoreButton
          onClick={() =>
            edit('thermometers', (was) => ({
              ...was,
              thermometers: [...was.thermometers, { id: newId(), in: 'food', smallestDivisionC: 1 }],
            }))
          }
        >
          {thermometers.length === 0 ? 'none: plan one' : 'one more'}
        </MoreButton>
      )}
    </Row>
  );
}

/** @param which its number after a blank, where there are several */
function ThermometerLine({ thermometer, which }: { thermometer: Thermometer; which: string }) {
  const { plan, edit } = usePlan();
  const { id } = thermometer;
  const change = (line: string, patch: Partial<Thermometer>) =>
    edit(`${line}-${id}`, (was) => ({ ...was, thermometers: withItem(was.thermometers, id, patch) }));
  const steps = plan.steps.flatMap((step, at) => (step.thermometerId === id ? [String(at + 1)] : []));
  const remove = () =>
    edit(`thermometer-${id}-gone`, (was) => ({
      ...was,
      thermometers: without(was.thermometers, id),
      steps: was.steps.map((step) => (step.thermometerId === id ? { ...step, thermometerId: null } : step)),
    }));
  return (
    <Flex data-anchor={`fair-test:${id}`} role="group" align="baseline" gap="1.5">
      <Box>
        {which && <strong>{which.trim()} </strong>}
        <Choice
          label={`Where the thermometer${which} goes`}
          value={thermometer.in}
          options={media.map((one) => [one, mediumWords[one]] as const)}
          onValue={(dip) => change('thermometer', { in: dip })}
        />
        , reads to{' '}
        <NumberField
          label={`Smallest division${which && ` of thermometer${which}`}`}
          value={thermometer.smallestDivisionC}
          {...range(thermometerShape.fields.smallestDivisionC)}
          unit="°C"
          chars={1}
          onValue={(value) => change('division', { smallestDivisionC: value! })}
        />{' '}
        °C
        <Box as="span" color="soft" fontSize="sm" ml="2">
          {steps.length === 0
            ? 'ends no step'
            : `ends ${steps.length === 1 ? 'step' : 'steps'} ${listed(steps)}`}
        </Box>
      </Box>
      <RemoveButton what={`thermometer${which}`} onClick={remove} />
    </Flex>
  );
}
