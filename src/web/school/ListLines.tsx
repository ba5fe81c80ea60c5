import { Box, Flex } from '@chakra-ui/react';
import { schoolWaysShape, usualLists } from '../../core/days';
import { formatNumber } from '../../core/format';
import { isFull } from '../../core/shape';
import { WordButton } from '../ui/Button';
import { NumberField, TextField } from '../ui/fields';
import { AddLine, RemoveButton } from '../ui/line-tools';
import { newId, withItem, without } from '../ui/lists';
import { Section } from '../ui/Section';
import type { WaysProps } from './HoursLines';

const says = {
  opening: {
    name: 'First',
    about: 'What every lesson begins with, after the briefing. Its minutes stand in every timetable.',
  },
  closing: { name: 'Last', about: 'What every lesson ends with, after clearing up.' },
} as const;

/** A list that is put into every timetable. */
export function ListLines({ of, ways, onWays }: WaysProps & { of: 'opening' | 'closing' }) {
  const { name, about } = says[of];
  const lines = ways[of];
  const set = (change: (lines: typeof ways.opening) => typeof ways.opening) =>
    onWays((was) => ({ ...was, [of]: change(was[of]) }));
  const sum = lines.reduce((total, { minutes }) => total + minutes, 0);
  return (
    <Section name={name}>
      <Box color="soft" mb="1">
        {about}
      </Box>
      {lines.map(({ id, words, minutes }) => (
        <Flex key={id} role="group" gap="3" py="1" align="baseline">
          <Box flex="1" minW="0">
            <TextField
              label={`Line of “${name}”`}
              value={words}
              needed
              most={120}
              css={{ width: '100%' }}
              onValue={(value) => set((was) => withItem(was, id, { words: value }))}
            />
          </Box>
          <span>
            <NumberField
              label={`Minutes for ${words}`}
              value={minutes}
              {...{ low: 0, high: 30, unit: 'min', chars: 2, align: 'right' }}
              onValue={(value) => set((was) => withItem(was, id, { minutes: value! }))}
            />{' '}
            min
          </span>
          <RemoveButton what={words} onClick={() => set((was) => without(was, id))} />
        </Flex>
      ))}
      <Flex gap="5" align="baseline" wrap="wrap">
        <AddLine
          label={`One more line of “${name}”`}
          placeholder="one more line"
          full={isFull(schoolWaysShape.fields[of], lines)}
          onAdd={(words) => set((was) => [...was, { id: newId(), words, minutes: 0.5 }])}
        />
        {lines.length === 0 && (
          <WordButton
            fontSize="sm"
            onClick={() => set(() => usualLists[of].map((line) => ({ ...line, id: newId() })))}
          >
            take the usual list
          </WordButton>
        )}
        {lines.length > 0 && (
          <Box ml="auto" color="soft">
            {formatNumber(sum)} min in all
          </Box>
        )}
      </Flex>
    </Section>
  );
}
