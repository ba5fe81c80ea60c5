import { Box, Flex } from '@chakra-ui/react';
import type { Response } from '../../core/practical';
import { NumberField, TextField } from '../ui/fields';
import { usePlan } from './edit-context';
import { Row } from './Row';
import { AddLine, RemoveButton } from './line-tools';
import { newId, withItem, without } from './lists';

/** What is measured: “snap force in N, with a spring balance, to 0.1”. */
export function ResponseLines() {
  const { plan, edit } = usePlan();
  const change = (id: string, patch: Partial<Response>) =>
    edit(`${id}-${Object.keys(patch)[0]}`, (was) => ({
      ...was,
      responses: withItem(was.responses, id, patch),
    }));
  return (
    <Row name="We measure">
      {plan.responses.map((response) => (
        <Flex
          key={response.id}
          data-anchor={`fair-test:${response.id}`}
          align="baseline"
          gap="1.5"
          role="group"
        >
          <Box as="span" fontWeight="bold">
            <TextField
              label="What is measured"
              needed
              most={80}
              value={response.name}
              onValue={(name) => change(response.id, { name })}
            />
          </Box>
          <Soft>in</Soft>
          <TextField
            label={`Unit of ${response.name}`}
            most={20}
            value={response.unit}
            placeholder="unit?"
            chars={1}
            onValue={(unit) => change(response.id, { unit })}
          />
          <Soft>with</Soft>
          <Box flex="1" minW="0">
            <TextField
              label={`Instrument for ${response.name}`}
              most={120}
              value={response.instrument}
              placeholder="what instrument?"
              chars={1}
              onValue={(instrument) => change(response.id, { instrument })}
            />
            <Soft>{', to '}</Soft>
            <NumberField
              label={`Smallest division for ${response.name}`}
              value={response.smallestDivision}
              low={0.000001}
              high={1e6}
              mayBeEmpty
              placeholder="?"
              chars={1}
              onValue={(smallestDivision) => change(response.id, { smallestDivision })}
            />
          </Box>
          <RemoveButton
            what={response.name}
            onClick={() =>
              edit(`${response.id}-gone`, (was) => ({
                ...was,
                responses: without(was.responses, response.id),
              }))
            }
          />
        </Flex>
      ))}
      <AddLine
        label="Add what is measured"
        most={80}
        full={plan.responses.length >= 12}
        placeholder={
          plan.responses.length === 0
            ? 'something to measure, such as height in mm'
            : 'something else to measure'
        }
        onAdd={(text) => {
          const { name, unit } = nameAndUnit(text);
          edit('responses', (was) => ({
            ...was,
            responses: [
              ...was.responses,
              { id: newId(), name, unit, instrument: '', smallestDivision: null },
            ],
          }));
        }}
      />
    </Row>
  );
}

const Soft = ({ children }: { children: string }) => (
  <Box as="span" color="soft">
    {children}
  </Box>
);

/** “height in mm” is a name with its unit. */
function nameAndUnit(text: string): { name: string; unit: string } {
  const match = /^(.+?)\s+in\s+(\S{1,8})$/.exec(text);
  return match ? { name: match[1]!, unit: match[2]! } : { name: text, unit: '' };
}
