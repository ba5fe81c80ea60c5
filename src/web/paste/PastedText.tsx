import { Box, chakra, Flex } from '@chakra-ui/react';
import { memo, type ReactNode } from 'react';
import type { Reading } from './use-reading';

const looks = {
  ingredient: { borderBottom: '2px solid', borderColor: 'strongRule' },
  step: { borderBottom: '2px solid', borderColor: 'glass' },
  unsure: { borderBottom: '2px dashed', borderColor: 'amber' },
  contradicts: { borderBottom: '3px double', borderColor: 'ember' },
} as const;
type Look = keyof typeof looks;

const legend: readonly (readonly [Look, string])[] = [
  ['ingredient', 'ingredient'],
  ['step', 'step'],
  ['unsure', 'not sure'],
  ['contradicts', 'contradicts'],
];

const Marked = chakra('span', {
  base: {
    cursor: 'pointer',
    _hover: { bg: 'tawnyWash' },
  },
});

/** The text as it was pasted, underlined by what it was understood as. A stretch leads to its line. */
export const PastedText = memo(function PastedText({ text, reading }: { text: string; reading: Reading }) {
  const { marks, now, recipe } = reading;
  const contested = new Set(now.open.flatMap(({ contradiction }) => contradiction.lines));
  const lookOf = (kind: 'ingredient' | 'step', index: number): Look => {
    const line = kind === 'ingredient' ? recipe.formula[index]!.line : recipe.steps[index]!.line;
    const named = now.open.some(
      ({ contradiction }) =>
        contested.has(line) &&
        contradiction.lines.includes(line) &&
        concerns(contradiction.text, kind, index, reading),
    );
    if (named) return 'contradicts';
    return kind === 'ingredient' && now.doubtful.includes(index) ? 'unsure' : kind;
  };
  const parts: ReactNode[] = [];
  let at = 0;
  for (const mark of marks) {
    parts.push(text.slice(at, mark.from));
    parts.push(
      <Marked
        key={mark.from}
        css={looks[lookOf(mark.kind, mark.index)]}
        onClick={() => focusLine(`${mark.kind}-${mark.index}`)}
      >
        {text.slice(mark.from, mark.to)}
      </Marked>,
    );
    at = mark.to;
  }
  parts.push(text.slice(at));
  return (
    <>
      <Box whiteSpace="pre-wrap" overflowWrap="anywhere" lineHeight="1.75" fontSize="sm">
        {parts}
      </Box>
      <Flex gap="4" mt="4" fontSize="sm" color="soft" wrap="wrap">
        {legend.map(([look, words]) => (
          <Box as="span" key={look} css={looks[look]}>
            {words}
          </Box>
        ))}
      </Flex>
    </>
  );
});

/** Whether a contradiction about a line of the text is about this thing of it: several stand in one line of a list. */
function concerns(said: string, kind: 'ingredient' | 'step', index: number, { recipe }: Reading): boolean {
  if (kind === 'step') return true;
  const own = recipe.formula[index]!;
  const alone = recipe.formula.filter((line) => line.line === own.line).length === 1;
  return alone || said.toLowerCase().includes(own.name.toLowerCase());
}

/** Puts the keyboard on the line of the understood recipe that something is about. */
function focusLine(id: string): void {
  document.getElementById(id)?.focus();
}
