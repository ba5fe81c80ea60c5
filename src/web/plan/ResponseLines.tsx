import { Box, Flex } from '@chakra-ui/react';
import { isScore } from '../../core/inference';
import { newResponse, responseKinds, type Response, planShape, responseShape } from '../../core/practical';
import { isFull, longest, range } from '../../core/shape';
import { Choice, NumberField, TextField } from '../ui/fields';
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
          columnGap="1.5"
          pb="1"
          role="group"
          wrap="wrap"
        >
          <Box as="span" fontWeight="bold">
            <TextField
              label="What is measured"
              needed
              most={longest(responseShape.fields.name)}
              value={response.name}
              onValue={(name) => change(response.id, { name })}
            />
          </Box>
          <Soft>in</Soft>
          <TextField
            label={`Unit of ${response.name}`}
            most={longest(responseShape.fields.unit)}
            value={response.unit}
            placeholder="unit?"
            chars={1}
            onValue={(unit) => change(response.id, { unit })}
          />
          <Soft>{response.formula === '' ? 'with' : 'computed as'}</Soft>
          <Box flex="0 1 auto" minW="0">
            {response.formula === '' ? (
              <>
                <TextField
                  label={`Instrument for ${response.name}`}
                  most={longest(responseShape.fields.instrument)}
                  value={response.instrument}
                  placeholder="what instrument?"
                  chars={1}
                  onValue={(instrument) => change(response.id, { instrument })}
                />
                <Soft>{', to '}</Soft>
                <NumberField
                  label={`Smallest division for ${response.name}`}
                  value={response.smallestDivision}
                  {...range(responseShape.fields.smallestDivision)}
                  mayBeEmpty
                  placeholder="?"
                  chars={1}
                  onValue={(smallestDivision) => change(response.id, { smallestDivision })}
                />
              </>
            ) : (
              <TextField
                label={`Formula of ${response.name}`}
                most={longest(responseShape.fields.formula)}
                value={response.formula}
                chars={1}
                onValue={(formula) => change(response.id, { formula })}
              />
            )}
          </Box>
          <Flex as="span" align="baseline" gap="1.5">
            {response.formula === '' && (
              <PiecesOf response={response} onChange={(patch) => change(response.id, patch)} />
            )}
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
        </Flex>
      ))}
      <AddLine
        label="Add what is measured"
        most={300}
        full={isFull(planShape.fields.responses, plan.responses)}
        placeholder={
          plan.responses.length === 0
            ? 'something to measure, such as height in mm'
            : 'something else, or computed: loss in % = (a − b) / a × 100'
        }
        onAdd={(text) => {
          const { name, unit, formula } = nameAndUnit(text);
          edit('responses', (was) => ({
            ...was,
            responses: [
              ...was.responses,
              newResponse({ id: newId(), name, unit, formula, kind: kindOf(name, unit) }),
            ],
          }));
        }}
      />
    </Row>
  );
}

const kinds: Record<Response['kind'], string> = {
  number: 'a number',
  count: 'a count',
  score: 'a score',
  'ordered-words': 'words in order',
  time: 'a time',
  temperature: 'a temperature',
  colour: 'a colour',
  'mass-difference': 'a difference in mass',
  sensory: 'a panel’s answer',
};

/** What kind of value it is, and whether it is taken of each piece. */
function PiecesOf({ response, onChange }: { response: Response; onChange(patch: Partial<Response>): void }) {
  const { name, pieces } = response;
  return (
    <Box as="span" color="soft" fontSize="sm">
      <Choice
        label={`Kind of ${name}`}
        value={response.kind}
        options={responseKinds.map((kind) => [kind, kinds[kind]] as const)}
        onValue={(kind) => onChange({ kind })}
      />
      {', '}
      <Choice
        label={`What ${name} is taken of`}
        value={pieces > 1 ? 'piece' : 'station'}
        options={[
          ['station', 'once a station'],
          ['piece', 'of each piece:'],
        ]}
        onValue={(of) => onChange({ pieces: of === 'piece' ? 4 : 1, warmUp: false })}
      />
      {pieces > 1 && (
        <>
          {' '}
          <NumberField
            label={`Pieces for ${name}`}
            value={pieces}
            {...range(responseShape.fields.pieces)}
            low={2}
            chars={1}
            onValue={(value) => onChange({ pieces: value! })}
          />{' '}
          of them,{' '}
          <Choice
            label={`First piece for ${name}`}
            value={response.warmUp ? 'warm-up' : 'counts'}
            options={[
              ['counts', 'the first counts'],
              ['warm-up', 'the first is a warm-up'],
            ]}
            onValue={(value) => onChange({ warmUp: value === 'warm-up' })}
          />
        </>
      )}
    </Box>
  );
}

/** What kind of value a response most likely is. */
function kindOf(name: string, unit: string): Response['kind'] {
  if (isScore({ name, unit })) return 'score';
  if (/^(number|count) of\b/i.test(name)) return 'count';
  if (/^°\s*[CF]$/i.test(unit)) return 'temperature';
  return /^(s|min|h)$/.test(unit) ? 'time' : 'number';
}

const Soft = ({ children }: { children: string }) => (
  <Box as="span" color="soft">
    {children}
  </Box>
);

/** “height in mm” is a name with its unit, “loss in % = (before − after) / before × 100” also how it is computed. */
function nameAndUnit(text: string): { name: string; unit: string; formula: string } {
  const [said = '', ...formula] = text.split('=');
  const match = /^(.+?)\s+in\s+(\S{1,8})$/.exec(said.trim());
  const computed = formula.join('=').trim().slice(0, 200);
  return match
    ? { name: match[1]!.slice(0, 80), unit: match[2]!, formula: computed }
    : { name: said.trim().slice(0, 80) || text.slice(0, 80), unit: '', formula: computed };
}
