import { Box, chakra, Flex } from '@chakra-ui/react';
import { Command } from 'cmdk';
import { Calculator, Table, X } from 'lucide-react';
import { useMemo, useRef, useState, type KeyboardEvent, type RefObject } from 'react';
import { formatTemperature } from '../../core/format';
import { boilingIn, type Place } from '../../core/practical';
import { searchShelf, type ShelfHit } from '../../core/shelf';
import { IconButton } from '../ui/Button';
import { CalculatorAnswer } from './CalculatorAnswer';
import { nameOf, type TypedField } from './came-from';
import { searchLook, searchPlaceholder } from './search-look';
import { TableAnswer } from './TableAnswer';
import { useShelfPlace } from './use-shelf-place';

const Input = chakra(Command.Input);
const List = chakra(Command.List);
const Item = chakra(Command.Item);

interface ShelfBodyProps {
  search: RefObject<HTMLInputElement | null>;
  question: string;
  onQuestion(text: string): void;
  /** The field a value goes back into. */
  field: TypedField | null;
  onUse(text: string): void;
  onClose(): void;
}

const titleOf = (hit: ShelfHit) =>
  hit.kind === 'calculator' ? hit.calculator.title : hit.kind === 'row' ? hit.row.name : hit.table.title;

/** The search, what it found, and the answer beside it. */
export function ShelfBody({ search, question, onQuestion, field, onUse, onClose }: ShelfBodyProps) {
  const place = useShelfPlace();
  const [chosen, setChosen] = useState('');
  const answer = useRef<HTMLDivElement>(null);
  const hits = useMemo(() => searchShelf(question, place), [question, place]);
  const hit = hits.find((one) => one.id === chosen) ?? hits[0];
  const uses = field === null ? null : nameOf(field);

  const intoAnswer = () =>
    answer.current?.querySelector<HTMLElement>('input, textarea, select, button')?.focus();
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key !== 'Enter' || !(event.target as HTMLElement).matches('[cmdk-input]')) return;
    event.preventDefault();
    if (event.ctrlKey || event.metaKey)
      answer.current?.querySelector<HTMLElement>('[data-main-use]')?.click();
    else intoAnswer();
  };

  return (
    <Command
      label="What do you look for?"
      shouldFilter={false}
      value={hit?.id ?? ''}
      onValueChange={setChosen}
      onKeyDown={onKeyDown}
      style={{ display: 'flex', flexDirection: 'column', minHeight: 0, height: '100%' }}
    >
      <Flex align="center" borderBottomWidth="1px" borderColor="rule" pr="3">
        <Input
          ref={search}
          autoFocus
          value={question}
          onValueChange={(text: string) => {
            onQuestion(text);
            setChosen('');
          }}
          placeholder={searchPlaceholder}
          {...searchLook}
        />
        <IconButton
          aria-label="Close the shelf"
          title="Close (Esc)"
          onClick={onClose}
          css={{ minW: '44px', minH: '44px' }}
        >
          <X size={18} />
        </IconButton>
      </Flex>
      <Where place={place} uses={uses} />
      <Flex flex="1" minH="0" direction={{ base: 'column', md: 'row' }}>
        <Hits
          hits={hits}
          onChoose={(id) => {
            setChosen(id);
            intoAnswer();
          }}
        />
        <Box ref={answer} flex="1" minW="0" overflowY="auto" px="6" py="5" tabIndex={-1} aria-live="polite">
          {hit === undefined ? (
            <Box color="soft">
              Nothing on the shelf for “{question}”. Try a stage, an ingredient, a food, or what you want to
              work out: soft ball, cup of sugar, salmon, latent heat.
            </Box>
          ) : (
            <Answer hit={hit} place={place} uses={uses} onUse={onUse} />
          )}
        </Box>
      </Flex>
    </Command>
  );
}

/** Whose boiling point the answers are for, and what Enter does. */
function Where({ place, uses }: { place: Place | null; uses: string | null }) {
  return (
    <Flex
      px="6"
      py="2"
      fontSize="sm"
      color="soft"
      borderBottomWidth="1px"
      borderColor="rule"
      justify="space-between"
      gap="4"
    >
      <span>
        {place
          ? `for ${place.name}, where water boils at ${formatTemperature(boilingIn(place).boilingC)}`
          : 'for sea level: no room is known'}
      </span>
      <span>{uses ? `Ctrl Enter puts it into “${uses}”` : '↑ ↓ choose · Enter goes into it · Esc back'}</span>
    </Flex>
  );
}

/** What was found, best first. */
function Hits({ hits, onChoose }: { hits: readonly ShelfHit[]; onChoose(id: string): void }) {
  return (
    <List
      w={{ base: '100%', md: '290px' }}
      maxH={{ base: '30vh', md: 'none' }}
      flexShrink={0}
      overflowY="auto"
      p="2"
      borderRightWidth={{ md: '1px' }}
      borderColor="rule"
    >
      {hits.map((one) => (
        <Item
          key={one.id}
          value={one.id}
          onSelect={() => onChoose(one.id)}
          px="3"
          py="2"
          borderRadius="6px"
          cursor="pointer"
          display="flex"
          gap="2.5"
          alignItems="baseline"
          css={{ '&[data-selected=true]': { bg: 'tawnyWash', color: 'tawnyDeep' } }}
        >
          <Box color="soft" flexShrink={0} position="relative" top="2px" aria-hidden>
            {one.kind === 'calculator' ? <Calculator size={15} /> : <Table size={15} />}
          </Box>
          <Box minW="0">
            <Box fontWeight="semibold" lineHeight="1.25">
              {titleOf(one)}
            </Box>
            {one.kind === 'row' && (
              <Box fontSize="sm" color="soft" lineHeight="1.25">
                {one.table.title}
              </Box>
            )}
          </Box>
        </Item>
      ))}
    </List>
  );
}

interface AnswerProps {
  hit: ShelfHit;
  place: Place | null;
  uses: string | null;
  onUse(text: string): void;
}

function Answer({ hit, place, uses, onUse }: AnswerProps) {
  if (hit.kind === 'calculator') {
    return (
      <CalculatorAnswer
        key={`${hit.id} ${JSON.stringify(hit.inputs)}`}
        calculator={hit.calculator}
        given={hit.inputs}
        uses={uses}
        onUse={onUse}
      />
    );
  }
  return (
    <TableAnswer
      table={hit.table}
      rowId={hit.kind === 'row' ? hit.row.id : null}
      place={place}
      uses={uses}
      onUse={onUse}
    />
  );
}
