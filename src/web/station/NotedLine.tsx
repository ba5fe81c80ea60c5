import { Box, chakra, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { EntryBody, Noted, NotedBody } from '../../core/run';
import { parseNumber } from '../ui/fields';
import { KeepKey } from '../ui/pad-keys';

interface NotedLineProps {
  id: string;
  name: string;
  unit: string;
  written: Noted<NotedBody> | null;
  onLog(body: EntryBody): Promise<unknown>;
}

/** Something that is written down once at this station: a noted variable, or the level it chose. */
export function NotedLine({ id, name, unit, written, onLog }: NotedLineProps) {
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
