import { Box, chakra, Flex } from '@chakra-ui/react';
import { useRef, useState, type KeyboardEvent, type RefObject } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import {
  completionsOf,
  readQuickLine,
  type QuickEntry,
  type QuickLineContext,
  type Understood,
} from '../../core/run';

interface QuickLineProps {
  context: QuickLineContext;
  /** How many entries wait on this device. */
  waiting: number;
  onLog(entries: readonly QuickEntry[]): Promise<unknown>;
  /** Takes the focus when the page opens. */
  focused?: boolean;
}

/** One line for everything: it says what it understood before Enter, and completes as you type. */
export function QuickLine({ context, waiting, onLog, focused = true }: QuickLineProps) {
  const input = useRef<HTMLInputElement>(null);
  const [line, setLine] = useState('');
  const [kept, setKept] = useState<string | null>(null);
  const [past, setPast] = useState<string[]>([]);
  useHotkeys('enter', () => input.current?.focus(), {
    preventDefault: true,
    // On a button or a link Enter is its own.
    ignoreEventWhen: ({ target }) =>
      (target as HTMLElement).closest('button, a, summary, [role=dialog]') !== null,
  });

  const understood = readQuickLine(line, context);
  const completions = completionsOf(line, context);
  const keep = async () => {
    if (understood.kind !== 'entries') return;
    setLine('');
    setPast([line, ...past].slice(0, 30));
    await onLog(understood.entries);
    setKept(understood.words);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === 'Escape') {
      if (line === '') input.current?.blur();
      setLine('');
      return;
    }
    const next = { Tab: event.shiftKey ? undefined : completions[0], ArrowUp: past[0] }[event.key];
    if (event.key !== 'Enter' && next === undefined) return;
    event.preventDefault();
    if (next === undefined) void keep();
    else setLine(next);
  };

  return (
    <Flex
      as="section"
      aria-label="Quick line"
      className="no-print"
      position="sticky"
      bottom="0"
      zIndex="2"
      bg="bench"
      color="onBench"
      px={{ base: '4', md: '6' }}
      minH="56px"
      align="center"
      columnGap="4"
      rowGap="1"
      py="1.5"
      wrap="wrap"
    >
      <Box asChild color="onBenchSoft" flexShrink={0}>
        <label htmlFor="quick-line">Quick line</label>
      </Box>
      <LineInput
        {...{ input, line, focused, onKeyDown }}
        refused={understood.kind === 'refused'}
        onLine={(typed) => {
          setLine(typed);
          setKept(null);
        }}
      />
      <Box id="quick-line-says" role="status" flex="1" minW="14rem" lineHeight="1.25">
        <Says understood={understood} kept={kept} waiting={waiting} />
      </Box>
      <Completions
        completions={completions}
        onTake={(completion) => {
          setLine(completion);
          input.current?.focus();
        }}
      />
    </Flex>
  );
}

interface LineInputProps {
  input: RefObject<HTMLInputElement | null>;
  line: string;
  focused: boolean;
  refused: boolean;
  onLine(typed: string): void;
  onKeyDown(event: KeyboardEvent): void;
}

function LineInput({ input, line, focused, refused, onLine, onKeyDown }: LineInputProps) {
  return (
    <chakra.input
      id="quick-line"
      ref={input}
      value={line}
      autoComplete="off"
      autoFocus={focused}
      spellCheck={false}
      placeholder="4 118.5"
      aria-describedby="quick-line-says"
      aria-invalid={refused}
      onChange={(event) => onLine(event.target.value)}
      onKeyDown={onKeyDown}
      w={{ base: '100%', md: '21rem' }}
      bg="transparent"
      border="none"
      borderBottomWidth="2px"
      borderBottomColor={refused ? '#FF9B84' : '#8A745C'}
      fontSize="xl"
      fontWeight="bold"
      minH="40px"
      css={{
        '&::placeholder': { color: '#A08B74', fontWeight: 500 },
        '&:focus': { outline: 'none', borderBottomColor: '#F0CF86' },
      }}
    />
  );
}

/** What could come next, to tap; Tab takes the first. */
function Completions({
  completions,
  onTake,
}: {
  completions: readonly string[];
  onTake(line: string): void;
}) {
  return (
    <Flex gap="2" wrap="wrap">
      {completions.map((completion) => (
        <chakra.button
          key={completion}
          type="button"
          onClick={() => onTake(completion)}
          borderWidth="1px"
          borderColor="#8A745C"
          borderRadius="5px"
          px="2"
          minH="32px"
          fontSize="sm"
          cursor="pointer"
          _hover={{ borderColor: 'onBenchWarm', color: 'onBenchWarm' }}
        >
          {completion}
        </chakra.button>
      ))}
      {completions.length === 0 && (
        <Box color="onBenchSoft" fontSize="sm" whiteSpace="nowrap">
          Enter keeps it · Esc clears · ? keys
        </Box>
      )}
    </Flex>
  );
}

function Says({
  understood,
  kept,
  waiting,
}: {
  understood: Understood;
  kept: string | null;
  waiting: number;
}) {
  switch (understood.kind) {
    case 'entries':
      return (
        <Box as="span" color="onBenchWarm">
          {understood.words}
        </Box>
      );
    case 'refused':
      return (
        <Box as="span" color="#FFB3A0" fontWeight="semibold">
          {understood.field} is “{understood.value}”; allowed: {understood.allowed}
        </Box>
      );
    case 'open':
      return (
        <Box as="span" color="onBenchSoft">
          … {understood.hint}
        </Box>
      );
    case 'empty':
      if (!kept) return null;
      return (
        <Box as="span" color="#C9DDB0">
          {waiting === 0 ? 'Kept' : 'Saved here, on its way'}: {kept}
        </Box>
      );
  }
}

/** The keys of the quick line, for the help of the screens that have it. */
export const quickLineKeys = [
  { keys: '4 118.5', does: 'station 4 reads 118.5 in the unit of the class' },
  { keys: '4 244F', does: 'the same in the other unit' },
  { keys: '4 t2 117', does: 'its second thermometer' },
  { keys: '4 golden', does: 'something seen' },
  { keys: '4 soda in', does: 'a step of the method done (or: 4 done)' },
  { keys: '4 snap 3.2', does: 'a measurement; also 4 m 86.2g' },
  { keys: '4 ! dropped it', does: 'something went differently' },
  { keys: '4 / 118.0', does: 'corrects its last reading' },
  { keys: '4 / strike', does: 'strikes out the last thing written there (both stay in the log)' },
  { keys: '4 timer 20 look 15', does: 'a timer with an early look' },
  { keys: 'all door opened', does: 'an event everywhere' },
  { keys: 'Enter', does: 'to the quick line, and keep what it says' },
  { keys: 'Tab', does: 'take the first completion' },
  { keys: '↑', does: 'the last line again' },
];
