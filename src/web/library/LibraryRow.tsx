import { Box, Flex } from '@chakra-ui/react';
import { format } from 'date-fns';
import { Link as RouterLink, useNavigate } from 'react-router';
import type { LibraryEntry } from '../../contract/library';
import { counted, listed } from '../../core/format';
import type { FoundPiece } from '../../core/library';
import { useArchive, useDuplicate } from '../api/library-queries';
import { sayError } from '../api/request';
import { WordButton } from '../ui/Button';

/** One practical: what it asks, what happens in it, what it needs, when it ran, and what can be done with it. */
export function LibraryRow({ entry }: { entry: LibraryEntry }) {
  const { id, title, question, facts } = entry;
  return (
    <Box as="li" borderBottomWidth="1px" borderColor="rule" py="3" _hover={{ bg: 'paper' }}>
      <Flex columnGap="6" rowGap="1" wrap={{ base: 'wrap', md: 'nowrap' }}>
        <Box flex="1" minW="0">
          <Box
            asChild
            fontFamily="heading"
            fontSize="lg"
            fontWeight="semibold"
            _hover={{ textDecoration: 'underline' }}
          >
            <RouterLink to={`/practicals/${id}/plan`}>{title}</RouterLink>
          </Box>
          {question && <Box>{question}</Box>}
          <Flex wrap="wrap" columnGap="4" fontSize="sm" color="soft" mt="0.5">
            {facts.phenomena.length > 0 && (
              <Box as="span" color="glass" fontWeight="semibold">
                {facts.phenomena.join(', ')}
              </Box>
            )}
            {testWords(entry) && <span>{testWords(entry)}</span>}
            {facts.tags.map((tag) => (
              <Box as="span" key={tag} bg="tawnyWash" color="tawnyDeep" px="1.5" borderRadius="4px">
                {tag}
              </Box>
            ))}
          </Flex>
          {entry.found.length > 0 && <Snippet pieces={entry.found} />}
        </Box>
        <Box w={{ base: '100%', md: '15.5rem' }} flexShrink={0} fontSize="sm" color="soft">
          <Box color="ink">
            <Box as="span" fontWeight="bold">
              {facts.minutes} min
            </Box>
            {facts.days > 1 && `, over ${facts.days} days`}
            {facts.over && (
              <Box as="span" color="amberInk">
                {', and goes on beyond the bell'}
              </Box>
            )}
          </Box>
          <Box>{facts.equipment.join(', ') || 'no equipment named'}</Box>
          <Box>{ranWords(entry)}</Box>
        </Box>
        <Doings entry={entry} />
      </Flex>
    </Box>
  );
}

/** “final temperature → snap force, bubble size and colour”. */
function testWords({ facts: { changes, measures } }: LibraryEntry): string {
  if (changes.length === 0 && measures.length === 0) return '';
  return `${listed(changes) || 'nothing yet'} → ${listed(measures.slice(0, 3)) || 'nothing yet'}`;
}

function ranWords({ runs, lastRunAt }: LibraryEntry): string {
  if (lastRunAt === null) return 'has not run yet';
  return `ran ${runs === 1 ? 'once' : `${counted(runs, 'time')}, last`} ${format(lastRunAt, 'd MMM yyyy')}`;
}

function Snippet({ pieces }: { pieces: readonly FoundPiece[] }) {
  return (
    <Box fontSize="sm" color="soft" mt="0.5" lineClamp={1}>
      {pieces.map(({ text, hit }, i) =>
        hit ? (
          <Box as="mark" key={i} bg="glassWash" color="ink" fontWeight="semibold">
            {text}
          </Box>
        ) : (
          <span key={i}>{text}</span>
        ),
      )}
    </Box>
  );
}

const quiet = { fontWeight: 'medium', color: 'soft' };

/** Duplicate it, look at its revisions, put it away or bring it back. */
function Doings({ entry: { id, title, archived } }: { entry: LibraryEntry }) {
  const navigate = useNavigate();
  const duplicate = useDuplicate();
  const archive = useArchive();
  const failed = duplicate.error ?? archive.error;
  const copy = async () => {
    const made = await duplicate.mutateAsync(id);
    await navigate(`/practicals/${made.id}/plan`);
  };
  return (
    <Flex
      direction={{ base: 'row', md: 'column' }}
      align="flex-start"
      columnGap="4"
      rowGap="0.5"
      fontSize="sm"
      w={{ md: '6.5rem' }}
      flexShrink={0}
    >
      <WordButton
        aria-label={`Duplicate ${title}`}
        css={quiet}
        disabled={duplicate.isPending}
        onClick={() => void copy().catch(() => undefined)}
      >
        duplicate
      </WordButton>
      <WordButton asChild css={quiet} aria-label={`Revisions of ${title}`}>
        <RouterLink to={`/practicals/${id}/revisions`}>revisions</RouterLink>
      </WordButton>
      <WordButton
        aria-label={`${archived ? 'Bring back' : 'Put away'} ${title}`}
        css={quiet}
        disabled={archive.isPending}
        onClick={() => archive.mutate({ id, archived: !archived })}
      >
        {archived ? 'bring back' : 'put away'}
      </WordButton>
      {failed && (
        <Box role="alert" color="ember">
          {sayError(failed)}
        </Box>
      )}
    </Flex>
  );
}
