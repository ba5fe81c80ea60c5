import { Box, Flex, Heading } from '@chakra-ui/react';
import type { Answer, Contradiction } from '../../core/recipe';
import { workingOf } from '../../core/working';
import { WordButton } from '../ui/Button';
import { RankMark, rankColours, rankWords } from '../ui/RankMark';
import { WorkingPopover } from '../ui/WorkingPopover';
import type { Reading } from './use-reading';

/** A thing that is listed and not used, or used and not listed, is often meant so. */
const rankOf = ({ kind }: Contradiction) => (kind === 'unused' || kind === 'unlisted' ? 'note' : 'check');

/** What contradicts itself, each with its answers; what was answered can be taken back. */
export function ToSettle({ reading }: { reading: Reading }) {
  const { recipe, now, answered } = reading;
  const doubts = now.doubtful.length;
  return (
    <>
      <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="semibold" mb="3">
        {now.open.length + doubts === 0 ? 'Nothing to settle' : `${now.open.length + doubts} to settle`}
      </Heading>
      {now.open.map(({ contradiction, index }) => (
        <Card
          key={index}
          contradiction={contradiction}
          onAnswer={(answer) => reading.answer(index, answer)}
        />
      ))}
      {doubts > 0 && (
        <Box fontSize="sm" color="soft" py="2">
          {doubts === 1 ? 'One line is' : `${doubts} lines are`} not sure, marked “?”: Enter takes it as
          shown, typing changes it.
        </Box>
      )}
      {[...answered].map(([index, answer]) => (
        <Box key={index} fontSize="sm" color="soft" py="1.5">
          {titleOf(recipe.contradictions[index]!)} → <strong>{answer.label}</strong>{' '}
          <WordButton
            fontSize="sm"
            css={{ fontWeight: 'medium' }}
            onClick={() => reading.answer(index, null)}
          >
            ask again
          </WordButton>
        </Box>
      ))}
      {recipe.notUnderstood.length > 0 && (
        <Box fontSize="sm" color="soft" pt="3">
          {recipe.notUnderstood.length === 1 ? 'One line is' : `${recipe.notUnderstood.length} lines are`} no
          part of list or method and stay in the text.
        </Box>
      )}
    </>
  );
}

/** The first words of a contradiction: up to its colon or comma. */
const titleOf = ({ text }: Contradiction) => /^[^:,.]{3,60}/.exec(text)?.[0] ?? text.slice(0, 60);

function Card({ contradiction, onAnswer }: { contradiction: Contradiction; onAnswer(answer: Answer): void }) {
  const rank = rankOf(contradiction);
  return (
    <Flex
      role="note"
      aria-label={contradiction.text}
      gap="3"
      py="2.5"
      borderBottomWidth="1px"
      borderColor="rule"
    >
      <RankMark rank={rank} />
      <Box minW="0" flex="1">
        <Box lineHeight="1.4">
          <Box as="span" fontWeight="bold" color={rankColours[rank]}>
            {rankWords[rank]}
          </Box>{' '}
          {contradiction.text}
        </Box>
        <Flex gap="3.5" mt="1" fontSize="sm" wrap="wrap" rowGap="1">
          {contradiction.answers.map((answer) => (
            <WordButton key={answer.label} fontSize="sm" onClick={() => onAnswer(answer)}>
              {answer.label}
            </WordButton>
          ))}
          <WorkingPopover working={workingOf(contradiction.working)} title="How they were compared">
            <WordButton fontSize="sm" css={{ fontWeight: 'medium', color: 'soft' }}>
              working
            </WordButton>
          </WorkingPopover>
        </Flex>
      </Box>
    </Flex>
  );
}
