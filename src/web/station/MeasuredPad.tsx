import { Box, chakra, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { formatNumber } from '../../core/format';
import { factorUnit, type Plan, type Response } from '../../core/practical';
import type { EntryBody, MeasurementBody, Noted, NotedBody } from '../../core/run';
import { parseNumber } from '../ui/fields';
import type { PadProps } from './pad-props';
import { Chip, KeepKey } from './pad-keys';

/** What is noted once, and one line for each response of the plan. */
export function MeasuredPad({ run, state, notes, onLog }: PadProps) {
  const { responses, noted } = run.plan;
  const typed = responses.filter((response) => response.formula.trim() === '');
  const asked = [
    ...state.own.open.map(({ id, name }) => ({
      id,
      name: `${name || 'your level'}: what you chose`,
      unit: unitOf(run.plan, id),
    })),
    ...noted.map(({ id, what, unit }) => ({ id, name: what, unit })),
  ];
  if (typed.length + asked.length === 0) return <Box color="soft">This plan measures nothing yet.</Box>;
  return (
    <Flex direction="column" gap="4">
      {asked.map((one) => (
        <NotedLine
          key={one.id}
          {...one}
          written={notes.noted.findLast((entry) => entry.body.about === one.id) ?? null}
          onLog={onLog}
        />
      ))}
      {typed.map((response) => (
        <ResponseLine
          key={response.id}
          response={response}
          measured={notes.measurements.filter((noted) => noted.body.responseId === response.id)}
          onLog={onLog}
        />
      ))}
    </Flex>
  );
}

interface ResponseLineProps {
  response: Response;
  measured: readonly Noted<MeasurementBody>[];
  onLog(body: EntryBody): Promise<unknown>;
}

function ResponseLine({ response, measured, onLog }: ResponseLineProps) {
  const [typed, setTyped] = useState('');
  const [chosen, setChosen] = useState<number | null>(null);
  const byPiece = response.pieces > 1;
  const next = firstWithout(response, measured);
  const piece = chosen ?? next;
  const value = parseNumber(typed);
  const wrong = typed !== '' && (value === null || Math.abs(value) > 1e9);
  return (
    <chakra.form
      onSubmit={(event) => {
        event.preventDefault();
        if (value === null || wrong) return;
        void onLog({
          kind: 'measurement',
          responseId: response.id,
          name: response.name,
          value,
          unit: response.unit,
          ...(byPiece && { piece }),
        });
        setTyped('');
        setChosen(null);
      }}
    >
      <Box fontWeight="bold">
        {response.name}
        {measured.length > 0 && (
          <Box as="span" color="moss" fontWeight="semibold" ml="2">
            ✓ {measured.map(valueWords).join(', ')} {response.unit}
          </Box>
        )}
      </Box>
      {response.instrument && (
        <Box color="soft" fontSize="sm">
          {response.instrument}
        </Box>
      )}
      {byPiece && (
        <Flex gap="1.5" mt="1" wrap="wrap" role="group" aria-label={`Piece for ${response.name}`}>
          {Array.from({ length: response.pieces }, (_, i) => i + 1).map((one) => (
            <Chip key={one} type="button" aria-pressed={piece === one} onClick={() => setChosen(one)}>
              {measured.some((entry) => entry.body.piece === one) ? '✓ ' : ''}
              {one}
              {one === 1 && response.warmUp ? ' warm-up' : ''}
            </Chip>
          ))}
        </Flex>
      )}
      <Flex gap="2" mt="1">
        <chakra.input
          aria-label={`${response.name}${byPiece ? ` of piece ${piece}` : ''} in ${response.unit || 'numbers'}`}
          aria-invalid={wrong}
          inputMode="decimal"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
          flex="1"
          minW="0"
          bg="sheet"
          borderWidth="1px"
          borderColor={wrong ? 'ember' : 'strongRule'}
          borderRadius="8px"
          px="3"
          minH="52px"
          fontSize="xl"
          fontWeight="bold"
        />
        <KeepKey type="submit" disabled={value === null || wrong} css={{ minW: '96px', minH: '52px' }}>
          Keep
          {value !== null && !wrong && ` ${formatNumber(value)}`}
        </KeepKey>
      </Flex>
      {wrong && (
        <Box role="alert" color="ember" fontSize="sm" fontWeight="medium">
          {response.name} is “{typed}”; allowed: a number, such as 3.2
        </Box>
      )}
    </chakra.form>
  );
}

const valueWords = ({ body }: Noted<MeasurementBody>) =>
  `${body.piece === undefined ? '' : `${body.piece}: `}${formatNumber(body.value)}`;

/** The first piece that has no value yet; all have one: the first. */
function firstWithout(response: Response, measured: readonly Noted<MeasurementBody>[]): number {
  for (let piece = 1; piece <= response.pieces; piece += 1) {
    if (!measured.some((entry) => entry.body.piece === piece)) return piece;
  }
  return 1;
}

/** The unit of a factor whose level the station chooses. */
function unitOf(plan: Plan, id: string): string {
  const factor = plan.factors.find((one) => one.id === id);
  return factor ? factorUnit(plan, factor) : '';
}

interface NotedLineProps {
  id: string;
  name: string;
  unit: string;
  written: Noted<NotedBody> | null;
  onLog(body: EntryBody): Promise<unknown>;
}

/** Something that is written down once at this station: a noted variable, or the level it chose. */
function NotedLine({ id, name, unit, written, onLog }: NotedLineProps) {
  const [typed, setTyped] = useState('');
  const text = typed.trim();
  return (
    <chakra.form
      onSubmit={(event) => {
        event.preventDefault();
        if (text === '') return;
        const value = parseNumber(text.replace(unit === '' ? /$^/ : unit, ''));
        const body: NotedBody = {
          kind: 'noted',
          about: id,
          name: name.slice(0, 120),
          text: text.slice(0, 200),
          value,
          unit,
        };
        void onLog(written ? { kind: 'correction', corrects: written.id, to: body } : body);
        setTyped('');
      }}
    >
      <Box fontWeight="bold">
        {name}
        {written && (
          <Box as="span" color="moss" fontWeight="semibold" ml="2">
            ✓ {written.body.text} {written.body.value === null ? '' : unit}
          </Box>
        )}
      </Box>
      <Flex gap="2" mt="1">
        <chakra.input
          aria-label={`${name}${unit ? ` in ${unit}` : ''}`}
          placeholder={written ? 'something else' : 'written down once'}
          value={typed}
          maxLength={200}
          onChange={(event) => setTyped(event.target.value)}
          flex="1"
          minW="0"
          bg="sheet"
          borderWidth="1px"
          borderColor="strongRule"
          borderRadius="8px"
          px="3"
          minH="52px"
          fontSize="lg"
        />
        <KeepKey type="submit" disabled={text === ''} css={{ minW: '96px', minH: '52px' }}>
          {written ? 'Correct' : 'Keep'}
        </KeepKey>
      </Flex>
    </chakra.form>
  );
}
