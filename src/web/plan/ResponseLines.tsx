import { Box, Flex } from '@chakra-ui/react';
import { Suspense, useState } from 'react';
import { partLater } from '../offline/part-later';
import { isPhoto, newResponse, planShape, responseShape, type Response } from '../../core/practical';
import { isFull, longest, range } from '../../core/shape';
import { WordButton } from '../ui/Button';
import { NumberField, TextField } from '../ui/fields';
import { usePlan } from './edit-context';
import { kindOf, ResponseKind } from './ResponseKind';
import { Row } from './Row';
import { AddLine, DetailsButton, RemoveButton } from '../ui/line-tools';
import { ResponseDetails } from './ResponseDetails';
import { newId, withItem, without } from '../ui/lists';

const MeasuresDialog = partLater(() =>
  import('../measures/MeasuresDialog').then((one) => one.MeasuresDialog),
);

/** What is measured: “snap force in N, with a spring balance, to 0.1”. */
export function ResponseLines() {
  const { plan, edit } = usePlan();
  return (
    <Row name="We measure">
      {plan.responses.map((response) => (
        <ResponseLine
          key={response.id}
          response={response}
          onChange={(patch) =>
            edit(`${response.id}-${Object.keys(patch)[0]}`, (was) => ({
              ...was,
              responses: withItem(was.responses, response.id, patch),
            }))
          }
          onRemove={() =>
            edit(`${response.id}-gone`, (was) => ({ ...was, responses: without(was.responses, response.id) }))
          }
        />
      ))}
      <ChooseMeasure />
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

/** The way to the measures of the trade, fetched when it is taken. */
function ChooseMeasure() {
  const { plan, edit } = usePlan();
  const [open, setOpen] = useState(false);
  if (isFull(planShape.fields.responses, plan.responses)) return null;
  return (
    <>
      <WordButton fontSize="sm" css={{ mr: '4', fontWeight: 'medium' }} onClick={() => setOpen(true)}>
        choose a measure
      </WordButton>
      {open && (
        <Suspense fallback={null}>
          <MeasuresDialog
            plan={plan}
            onChoose={(chosen) => {
              edit('responses', (was) => ({ ...was, responses: [...was.responses, ...chosen] }));
              setOpen(false);
            }}
            onClose={() => setOpen(false)}
          />
        </Suspense>
      )}
    </>
  );
}

interface ResponseLineProps {
  response: Response;
  onChange(patch: Partial<Response>): void;
  onRemove(): void;
}

function ResponseLine({ response, onChange, onRemove }: ResponseLineProps) {
  const { name, unit, formula } = response;
  const [open, setOpen] = useState(false);
  return (
    <Flex
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
          value={name}
          onValue={(value) => onChange({ name: value })}
        />
      </Box>
      {!isPhoto(response) && (
        <>
          <Soft>in</Soft>
          <TextField
            label={`Unit of ${name}`}
            most={longest(responseShape.fields.unit)}
            value={unit}
            placeholder={response.points.length > 0 ? 'words' : 'unit?'}
            chars={1}
            onValue={(value) => onChange({ unit: value })}
          />
        </>
      )}
      <Soft>{formula === '' ? 'with' : 'computed as'}</Soft>
      <Box flex="0 1 auto" minW="0">
        {formula === '' ? (
          <Instrument response={response} onChange={onChange} />
        ) : (
          <TextField
            label={`Formula of ${name}`}
            most={longest(responseShape.fields.formula)}
            value={formula}
            chars={1}
            onValue={(value) => onChange({ formula: value })}
          />
        )}
      </Box>
      <Flex as="span" align="baseline" gap="1.5" minW="0" maxW="100%">
        {formula === '' && <ResponseKind response={response} onChange={onChange} />}
        <DetailsButton what={name} open={open} onClick={() => setOpen(!open)} />
        <RemoveButton what={name} onClick={onRemove} />
      </Flex>
      {open && <ResponseDetails response={response} onChange={onChange} />}
    </Flex>
  );
}

/** What it is measured with, and how finely; a scale of words has no division. */
function Instrument({ response, onChange }: Omit<ResponseLineProps, 'onRemove'>) {
  const { name, instrument, smallestDivision, points } = response;
  const photo = isPhoto(response);
  return (
    <>
      <TextField
        label={`Instrument for ${name}`}
        most={longest(responseShape.fields.instrument)}
        value={instrument}
        placeholder={photo ? 'from where, in which light?' : 'what instrument?'}
        chars={1}
        onValue={(value) => onChange({ instrument: value })}
      />
      {!photo && points.length === 0 && (
        <>
          <Soft>{', to '}</Soft>
          <NumberField
            label={`Smallest division for ${name}`}
            value={smallestDivision}
            {...range(responseShape.fields.smallestDivision)}
            mayBeEmpty
            placeholder="?"
            chars={1}
            onValue={(value) => onChange({ smallestDivision: value })}
          />
        </>
      )}
    </>
  );
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
