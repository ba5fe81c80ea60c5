import { Box, chakra, Flex } from '@chakra-ui/react';
import { Search } from 'lucide-react';
import { useEffect, useState } from 'react';
import { useSearchParams } from 'react-router';
import type { Library } from '../../contract/library';
import { counted } from '../../core/format';
import { useLibrary } from '../api/library-queries';
import { Frame } from '../frame/Frame';
import { Waiting } from '../ui/Notice';
import { Choice } from '../ui/fields';
import { WordButton } from '../ui/Button';
import { LibraryRow } from './LibraryRow';
import { ways, type Way } from './ways';

/** Quiet time before what is typed is searched for, ms. */
const settledAfterMs = 150;

/** All practicals: found by their words, by what happens in them, by what they need and how long they take. */
export function LibraryPage() {
  const [params, setParams] = useSearchParams();
  const asked = new URLSearchParams(params).toString();
  const { data, error } = useLibrary(asked);
  const change = (field: string, value: string) =>
    setParams(
      (was) => {
        const next = new URLSearchParams(was);
        if (value === '') next.delete(field);
        else next.set(field, value);
        return next;
      },
      { replace: true },
    );
  const archived = params.get('archived') === 'yes';
  return (
    <Frame
      title="Library"
      subtitle={archived ? 'Practicals that were put away' : 'Every practical of the school'}
    >
      <Flex flex="1" direction={{ base: 'column', lg: 'row' }} bg="sheet">
        <Box flex="1" minW="0" px={{ base: '4', md: '7' }} py="5">
          <SearchLine value={params.get('search') ?? ''} onValue={(words) => change('search', words)} />
          <Ways params={params} library={data} onChange={change} />
          {error && !data && <Waiting error={error} />}
          {data && (
            <Found library={data} anything={asked !== '' && asked !== 'archived=yes'} archived={archived} />
          )}
          <Box mt="5" fontSize="sm">
            <WordButton onClick={() => change('archived', archived ? '' : 'yes')}>
              {archived ? 'back to those in use' : 'show those put away'}
            </WordButton>
          </Box>
        </Box>
      </Flex>
    </Frame>
  );
}

const Input = chakra('input', {
  base: {
    flex: '1',
    minWidth: '0',
    background: 'transparent',
    fontFamily: 'heading',
    fontSize: '2xl',
    minHeight: '48px',
    '&:focus': { outline: 'none' },
    '&::placeholder': { color: 'soft', opacity: 1 },
  },
});

/** What is typed is drawn at once and searched for when it has settled. */
function SearchLine({ value, onValue }: { value: string; onValue(words: string): void }) {
  const [typed, setTyped] = useState(value);
  useEffect(() => {
    if (typed === value) return undefined;
    const settled = setTimeout(() => onValue(typed), settledAfterMs);
    return () => clearTimeout(settled);
  }, [typed, value, onValue]);
  return (
    <Flex
      align="center"
      gap="3"
      borderBottomWidth="2px"
      borderColor="strongRule"
      _focusWithin={{ borderColor: 'glass' }}
    >
      <Box asChild color="soft">
        <Search size={20} aria-hidden />
      </Box>
      <Input
        type="search"
        autoFocus
        aria-label="Search the practicals"
        placeholder="a dish, a word of the method, an ingredient …"
        maxLength={200}
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
      />
    </Flex>
  );
}

interface WaysProps {
  params: URLSearchParams;
  library: Library | undefined;
  onChange(field: string, value: string): void;
}

/** The other ways to narrow what was found, as a sentence. */
function Ways({ params, library, onChange }: WaysProps) {
  if (!library) return null;
  return (
    <Flex wrap="wrap" columnGap="6" rowGap="1" py="3" color="soft">
      {ways.map((way) => (
        <WayChoice
          key={way.field}
          way={way}
          chosen={params.get(way.field) ?? ''}
          library={library}
          onChange={onChange}
        />
      ))}
    </Flex>
  );
}

interface WayChoiceProps extends Pick<WaysProps, 'onChange'> {
  way: Way;
  chosen: string;
  library: Library;
}

function WayChoice({ way, chosen, library, onChange }: WayChoiceProps) {
  const options = way.options(library);
  // What was chosen stays to be seen and undone, even where nothing has it any more.
  const known = chosen === '' || options.some(([value]) => value === chosen);
  const all = known ? options : [...options, [chosen, chosen] as const];
  return (
    <span>
      {way.says}{' '}
      <Choice
        label={way.label}
        value={chosen}
        options={[['', way.any] as const, ...all]}
        onValue={(value) => onChange(way.field, value)}
      />
    </span>
  );
}

interface FoundProps {
  library: Library;
  anything: boolean;
  archived: boolean;
}

function Found({ library, anything, archived }: FoundProps) {
  const { entries, total } = library;
  if (total === 0) return <NothingFound anything={anything} archived={archived} />;
  return (
    <>
      <Box role="status" color="soft" fontSize="sm" pb="1.5">
        {counted(total, 'practical')}
        {entries.length < total && `, the first ${entries.length} of them; one more word finds fewer`}
      </Box>
      <Box as="ol" listStyleType="none" borderTopWidth="1px" borderColor="rule">
        {entries.map((entry) => (
          <LibraryRow key={entry.id} entry={entry} />
        ))}
      </Box>
    </>
  );
}

function NothingFound({ anything, archived }: Omit<FoundProps, 'library'>) {
  return (
    <Box role="status" py="6">
      <Box color="soft" fontSize="lg">
        {anything
          ? 'Nothing has all of that. Take a word away, or choose “any” again.'
          : archived
            ? 'Nothing was put away. A practical that is no longer taught can be, and comes back as it was.'
            : 'No practical yet. Begin one on Today, or paste a recipe.'}
      </Box>
    </Box>
  );
}
