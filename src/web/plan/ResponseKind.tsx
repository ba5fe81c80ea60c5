import { Box } from '@chakra-ui/react';
import { isScore } from '../../core/inference';
import { readPoints, responseKinds, responseShape, type Response } from '../../core/practical';
import { range, refusalsOf } from '../../core/shape';
import { DraftField } from '../ui/DraftField';
import { Choice, NumberField } from '../ui/fields';

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
  photo: 'a photo',
};

/** Kinds whose values may have names. */
const named: readonly Response['kind'][] = ['score', 'ordered-words', 'colour', 'sensory'];

interface ResponsePartProps {
  response: Response;
  onChange(patch: Partial<Response>): void;
}

/** What kind of value it is, the names of its points, and whether it is taken of each piece. */
export function ResponseKind({ response, onChange }: ResponsePartProps) {
  const { name, kind, points } = response;
  return (
    <Box as="span" color="soft" fontSize="sm" minW="0">
      <Choice
        label={`Kind of ${name}`}
        value={kind}
        options={responseKinds.map((one) => [one, kinds[one]] as const)}
        onValue={(one) => onChange({ kind: one })}
      />
      {(named.includes(kind) || points.length > 0) && (
        <>
          {': '}
          <PointsField response={response} onChange={onChange} />
        </>
      )}
      {', '}
      <TakenOf response={response} onChange={onChange} />
    </Box>
  );
}

/** The names of a scale’s points, least first, as a list to type. */
function PointsField({ response, onChange }: ResponsePartProps) {
  const label = `Points of ${response.name}, least first`;
  return (
    <DraftField
      label={label}
      value={response.points}
      placeholder={response.kind === 'ordered-words' ? 'least, …, most' : 'points without names'}
      chars={1}
      format={(points) => points.join(', ')}
      parse={(typed) => {
        const points = readPoints(typed);
        const [wrong] = refusalsOf(responseShape.fields.points, points);
        if (!wrong) return { value: points };
        return { error: `${label}: ${String(wrong.value)}; allowed: ${wrong.allowed}` };
      }}
      onValue={(points) => onChange({ points })}
    />
  );
}

/** Whether it is taken of the station as a whole or of each of its pieces. */
function TakenOf({ response, onChange }: ResponsePartProps) {
  const { name, pieces } = response;
  return (
    <>
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
    </>
  );
}

/** What kind of value a response most likely is. */
export function kindOf(name: string, unit: string): Response['kind'] {
  if (/^(photo|photograph|picture)\b/i.test(name)) return 'photo';
  if (isScore({ name, unit })) return 'score';
  if (/^(number|count) of\b/i.test(name)) return 'count';
  if (/^°\s*[CF]$/i.test(unit)) return 'temperature';
  return /^(s|min|h)$/.test(unit) ? 'time' : 'number';
}
