import { Box, chakra, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { formatNumber } from '../../core/format';
import type { Response } from '../../core/practical';
import type { EntryBody, MeasurementBody, Noted } from '../../core/run';
import { parseNumber } from '../ui/fields';
import { Chip, KeepKey } from '../ui/pad-keys';
import { firstWithout, PieceChips } from './PieceChips';
import { ResponseHead } from './ResponseHead';

interface ResponseLineProps {
  response: Response;
  measured: readonly Noted<MeasurementBody>[];
  onLog(body: EntryBody): Promise<unknown>;
}

/** One response of the plan: what is there of it, and a place for the next value. */
export function ResponseLine({ response, measured, onLog }: ResponseLineProps) {
  const [chosen, setChosen] = useState<number | null>(null);
  const byPiece = response.pieces > 1;
  const done = measured.map(({ body }) => body.piece);
  const piece = chosen ?? firstWithout(response, done);
  const keep = (value: number, word?: string) => {
    void onLog({
      kind: 'measurement',
      responseId: response.id,
      name: response.name,
      value,
      unit: response.unit,
      ...(word !== undefined && { word }),
      ...(byPiece && { piece }),
    });
    setChosen(null);
  };
  const unit = response.points.length === 0 ? response.unit : '';
  const label = `${response.name}${byPiece ? ` of piece ${piece}` : ''}`;
  return (
    <Box>
      <ResponseHead
        response={response}
        there={measured.length === 0 ? '' : `${measured.map(valueWords).join(', ')} ${unit}`.trim()}
      />
      <PieceChips response={response} done={done} piece={piece} onPiece={setChosen} />
      {response.points.length > 0 ? (
        <Flex gap="1.5" mt="1" wrap="wrap" role="group" aria-label={label}>
          {response.points.map((word, i) => (
            <Chip key={i} type="button" onClick={() => keep(i + 1, word)}>
              {word}
            </Chip>
          ))}
        </Flex>
      ) : (
        <NumberLine response={response} label={label} onKeep={keep} />
      )}
    </Box>
  );
}

interface NumberLineProps {
  response: Response;
  label: string;
  onKeep(value: number): void;
}

function NumberLine({ response, label, onKeep }: NumberLineProps) {
  const [typed, setTyped] = useState('');
  const value = parseNumber(typed);
  const wrong = typed !== '' && (value === null || Math.abs(value) > 1e9);
  return (
    <chakra.form
      onSubmit={(event) => {
        event.preventDefault();
        if (value === null || wrong) return;
        onKeep(value);
        setTyped('');
      }}
    >
      <Flex gap="2" mt="1">
        <chakra.input
          aria-label={`${label} in ${response.unit || 'numbers'}`}
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
  `${body.piece === undefined ? '' : `${body.piece}: `}${body.word ?? formatNumber(body.value)}`;
