import { Box, Flex } from '@chakra-ui/react';
import { listed } from '../../core/format';
import { media, type Medium, type Thermometer, thermometerShape } from '../../core/practical';
import { range } from '../../core/shape';
import { WordButton } from '../ui/Button';
import { Choice, NumberField } from '../ui/fields';
import { usePlan } from './edit-context';
import { RemoveButton } from './line-tools';
import { newId, withItem, without } from './lists';
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
  const change = (id: string, line: string, patch: Partial<Thermometer>) =>
    edit(line, (was) => ({ ...was, thermometers: withItem(was.thermometers, id, patch) }));
  return (
    <Row name={plan.thermometers.length > 1 ? 'Thermometers' : 'Thermometer'}>
      {plan.thermometers.map((thermometer, i) => {
        const steps = plan.steps.flatMap((step, at) =>
          step.thermometerId === thermometer.id ? [at + 1] : [],
        );
        const which = plan.thermometers.length > 1 ? ` ${i + 1}` : '';
        return (
          <Flex
            key={thermometer.id}
            data-anchor={`fair-test:${thermometer.id}`}
            role="group"
            align="baseline"
            gap="1.5"
          >
            <Box>
              {which && <strong>{i + 1} </strong>}
              <Choice
                label={`Where the thermometer${which} goes`}
                value={thermometer.in}
                options={media.map((one) => [one, mediumWords[one]] as const)}
                onValue={(dip) => change(thermometer.id, `thermometer-${thermometer.id}`, { in: dip })}
              />
              , reads to{' '}
              <NumberField
                label={`Smallest division${which && ` of thermometer${which}`}`}
                value={thermometer.smallestDivisionC}
                {...range(thermometerShape.fields.smallestDivisionC)}
                unit="°C"
                chars={1}
                onValue={(value) =>
                  change(thermometer.id, `division-${thermometer.id}`, { smallestDivisionC: value! })
                }
              />{' '}
              °C
              <Box as="span" color="soft" fontSize="sm" ml="2">
                {steps.length === 0
                  ? 'ends no step'
                  : `ends ${steps.length === 1 ? 'step' : 'steps'} ${listed(steps.map(String))}`}
              </Box>
            </Box>
            <RemoveButton
              what={`thermometer${which}`}
              onClick={() =>
                edit(`thermometer-${thermometer.id}-gone`, (was) => ({
                  ...was,
                  thermometers: without(was.thermometers, thermometer.id),
                  steps: was.steps.map((step) =>
                    step.thermometerId === thermometer.id ? { ...step, thermometerId: null } : step,
                  ),
                }))
              }
            />
          </Flex>
        );
      })}
      {plan.thermometers.length < 4 && (
        <WordButton
          fontSize="sm"
          css={{ fontWeight: 'medium', color: 'soft' }}
          onClick={() =>
            edit('thermometers', (was) => ({
              ...was,
              thermometers: [...was.thermometers, { id: newId(), in: 'food', smallestDivisionC: 1 }],
            }))
          }
        >
          {plan.thermometers.length === 0 ? 'none: plan one' : 'one more'}
        </WordButton>
      )}
    </Row>
  );
}
