import { Box, chakra, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { formatNumber } from '../../core/format';
import type { Response } from '../../core/practical';
import type { EntryBody, MeasurementBody, Noted } from '../../core/run';
import { parseNumber } from '../ui/fields';
import type { PadProps } from './pad-props';
import { KeepKey } from './pad-keys';

/** One line for each response of the plan. */
export function MeasuredPad({ run, notes, onLog }: PadProps) {
  if (run.plan.responses.length === 0) return <Box color="soft">This plan measures nothing yet.</Box>;
  return (
    <Flex direction="column" gap="4">
      {run.plan.responses.map((response) => (
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
        });
        setTyped('');
      }}
    >
      <Box fontWeight="bold">
        {response.name}
        {measured.length > 0 && (
          <Box as="span" color="moss" fontWeight="semibold" ml="2">
            ✓ {measured.map((noted) => formatNumber(noted.body.value)).join(', ')} {response.unit}
          </Box>
        )}
      </Box>
      {response.instrument && (
        <Box color="soft" fontSize="sm">
          {response.instrument}
        </Box>
      )}
      <Flex gap="2" mt="1">
        <chakra.input
          aria-label={`${response.name} in ${response.unit || 'numbers'}`}
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
