import { Box, chakra, Flex, Heading } from '@chakra-ui/react';
import { useRef, useState } from 'react';
import { Link as RouterLink, useNavigate } from 'react-router';
import { newPlan } from '../../core/practical';
import { useAddPractical, useImport, usePracticals, useRooms } from '../api/queries';
import { sayError } from '../api/request';
import { newId } from '../ui/lists';
import { QuietButton, WordButton } from '../ui/Button';
import { Notice } from '../ui/Notice';

/** All practicals, a line to begin a new one, and a way in for a run from elsewhere. */
export function PracticalsList() {
  const { data: practicals = [] } = usePracticals();
  return (
    <Box as="section" aria-label="Practicals">
      <Flex justify="space-between" align="baseline" mb="2">
        <Heading as="h2" fontFamily="heading" fontSize="md" fontWeight="semibold" color="tawny">
          Practicals
        </Heading>
        <WordButton asChild fontSize="sm">
          <RouterLink to="/library">search the library</RouterLink>
        </WordButton>
      </Flex>
      <Box borderTopWidth="2px" borderColor="strongRule">
        {practicals.map((practical) => (
          <Flex
            key={practical.id}
            asChild
            align="baseline"
            columnGap="4"
            py="2"
            px="2.5"
            borderBottomWidth="1px"
            borderColor="rule"
            wrap={{ base: 'wrap', md: 'nowrap' }}
            _hover={{ bg: 'tawnyWash' }}
          >
            <RouterLink to={`/practicals/${practical.id}/plan`}>
              <Box fontWeight="bold" flexShrink={{ md: 0 }} minW="0" w={{ md: '20rem' }}>
                {practical.title}
              </Box>
              <Box color="soft" minW="0">
                {practical.question}
              </Box>
            </RouterLink>
          </Flex>
        ))}
        <NewPracticalLine />
      </Box>
    </Box>
  );
}

function NewPracticalLine() {
  const [title, setTitle] = useState('');
  const [empty, setEmpty] = useState(false);
  const navigate = useNavigate();
  const add = useAddPractical();
  const { data: rooms = [] } = useRooms();
  const begin = async () => {
    if (title.trim() === '') {
      setEmpty(true);
      return;
    }
    const plan = newPlan(title.trim(), rooms[0]?.id ?? null);
    const practical = await add.mutateAsync({ id: newId(), plan });
    await navigate(`/practicals/${practical.id}/plan`);
  };
  return (
    <Box py="3" px="2.5">
      <chakra.form
        display="flex"
        gap="3"
        flexWrap="wrap"
        alignItems="center"
        onSubmit={(event) => {
          event.preventDefault();
          void begin().catch(() => undefined);
        }}
      >
        <chakra.input
          aria-label="Title of a new practical"
          aria-invalid={empty}
          placeholder="A new practical: its title"
          value={title}
          maxLength={120}
          onChange={(event) => {
            setTitle(event.target.value);
            setEmpty(false);
          }}
          flex="1"
          minW="15rem"
          bg="sheet"
          borderWidth="1px"
          borderColor={empty ? 'ember' : 'strongRule'}
          borderRadius="6px"
          px="3"
          minH="44px"
        />
        <QuietButton type="submit" css={{ minH: '44px' }}>
          Begin it
        </QuietButton>
        <QuietButton type="button" css={{ minH: '44px' }} onClick={() => void navigate('/paste')}>
          Paste a recipe
        </QuietButton>
        <ReadRunFile />
      </chakra.form>
      {empty && (
        <Box role="alert" color="ember" fontSize="sm" fontWeight="medium" mt="1">
          The title is empty; it needs 1 to 120 characters
        </Box>
      )}
      {add.error && <Refused>{withNothingChanged(sayError(add.error))}</Refused>}
    </Box>
  );
}

/** The way in for a run from elsewhere. */
function ReadRunFile() {
  const navigate = useNavigate();
  const take = useImport();
  const file = useRef<HTMLInputElement>(null);
  const readFile = async (chosen: File) => {
    // Systems call archives by many names.
    const type = /\.json$/i.test(chosen.name) ? 'application/json' : 'application/zip';
    const { runId } = await take.mutateAsync(chosen.slice(0, chosen.size, type));
    await navigate(`/runs/${runId}/results`);
  };
  return (
    <>
      <QuietButton
        type="button"
        css={{ minH: '44px' }}
        disabled={take.isPending}
        onClick={() => file.current?.click()}
      >
        {take.isPending ? 'Reading it in…' : 'Read a run file'}
      </QuietButton>
      <input
        ref={file}
        type="file"
        accept=".zip,.json,application/zip,application/json"
        hidden
        aria-label="Run file"
        onChange={(event) => {
          const chosen = event.target.files?.[0];
          event.target.value = '';
          if (chosen) void readFile(chosen).catch(() => undefined);
        }}
      />
      {take.error && <Refused>{withNothingChanged(sayError(take.error))}</Refused>}
    </>
  );
}

const nothingChanged = 'Nothing was changed.';
const withNothingChanged = (said: string) =>
  said.endsWith(nothingChanged) ? said : `${said} ${nothingChanged}`;

const Refused = ({ children }: { children: string }) => (
  <Box mt="3" w="100%">
    <Notice kind="stop">{children}</Notice>
  </Box>
);
