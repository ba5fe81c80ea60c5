import { Box, chakra, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { gramsWords, inSentence, takenWords } from '../../core/practical';
import { asMade, type AsMadeLine } from '../../core/run';
import { WeighPad } from '../weighing/WeighPad';
import { QuietButton, WordButton } from '../ui/Button';
import { blindOf } from './blind-of';
import type { PadProps } from './pad-props';

/** A station’s batch, weighed line by line: the number to stop at, fine or not, and two buttons for what goes wrong. */
export function WeighedPad({ run, state, notes, onLog }: PadProps) {
  const divisionG = run.place.balanceG;
  const { lines } = asMade(state.own, notes, divisionG);
  const mine = lines.filter(({ ingredientId }) => ingredientOf(state, ingredientId)?.by === 'students');
  const [chosen, setChosen] = useState<string | null>(null);
  const [shownG, setShownG] = useState(0);
  const [wrong, setWrong] = useState<string | null>(null);
  const [whole, setWhole] = useState(false);
  const hidden = blindOf(run)?.hidden ?? [];
  const now =
    mine.find(({ ingredientId }) => ingredientId === chosen) ?? mine.find(({ grams }) => grams === null);
  const keep = async (grams: number, nowG: number) => {
    if (!now) return;
    await onLog({
      kind: 'weighed',
      ...{ ingredientId: now.ingredientId, name: now.name, grams, wantedG: now.wantedG, by: 'students' },
    });
    setChosen(null);
    setWhole(false);
    setWrong(null);
    // In the same bowl there is no need to set it to zero.
    setShownG(nowG);
  };
  const say = async (text: string, then: string) => {
    await onLog({ kind: 'deviation', text });
    setWrong(then);
  };
  return (
    <Flex direction="column" gap="2.5">
      <Box as="ul" listStyleType="none" aria-label="Our batch, as it is weighed">
        {(whole || !now ? lines : lines.filter((line) => line === now)).map((line) => (
          <BatchLine
            key={line.ingredientId}
            line={line}
            words={wordsOf(state, line)}
            hidden={hidden.includes(line.ingredientId)}
            by={ingredientOf(state, line.ingredientId)?.by ?? 'students'}
            present={line === now}
            onChoose={() => setChosen(line.ingredientId)}
          />
        ))}
      </Box>
      {now && <HowFar mine={mine} whole={whole} onWhole={setWhole} />}
      {now ? (
        <>
          <WeighPad
            key={`${now.ingredientId} ${shownG}`}
            name={now.name}
            wanted={wantedOf(state, now, divisionG)}
            shownG={shownG}
            onShown={setShownG}
            onKeep={(grams, nowG) => void keep(grams, nowG)}
          />
          <WrongButtons
            onTooMuch={() => setWrong(tooMuchWords)}
            onNone={() => void say(`no ${inSentence(now.name)} left for us`, noneWords)}
          />
          {wrong && (
            <Box role="status" bg="tawnyWash" borderRadius="6px" px="3" py="2">
              {wrong}
            </Box>
          )}
        </>
      ) : (
        <Box bg="mossWash" borderRadius="6px" px="3" py="2.5">
          {mine.length === 0
            ? 'Nothing of your batch is weighed by you.'
            : 'All of it is weighed. Touch a line to weigh it again.'}
        </Box>
      )}
    </Flex>
  );
}

interface HowFarProps {
  mine: readonly AsMadeLine[];
  whole: boolean;
  onWhole(whole: boolean): void;
}

/** How much of the batch is weighed, and the way to all of its lines. */
const HowFar = ({ mine, whole, onWhole }: HowFarProps) => (
  <Flex justify="space-between" align="center" gap="3" fontSize="sm" color="soft" my="-2.5">
    <span>
      {mine.filter(({ grams }) => grams !== null).length} of {mine.length} weighed
    </span>
    <WordButton fontSize="sm" aria-expanded={whole} css={{ minH: '44px' }} onClick={() => onWhole(!whole)}>
      {whole ? 'only what is next' : 'all of our batch'}
    </WordButton>
  </Flex>
);

const tooMuchWords =
  'Spoon out what can be spooned out, weigh again and keep what the scale then shows. What has mixed stays: keep it as it is, your teacher sees it.';
const noneWords =
  'Your teacher sees it on the board. Do not take another thing by yourselves: all stations change together, or none.';

/** What goes wrong at a balance. */
const WrongButtons = ({ onTooMuch, onNone }: { onTooMuch(): void; onNone(): void }) => (
  <Flex gap="2" wrap="wrap">
    <QuietButton css={{ minH: '44px' }} onClick={onTooMuch}>
      too much went in
    </QuietButton>
    <QuietButton css={{ minH: '44px' }} onClick={onNone}>
      we have none
    </QuietButton>
  </Flex>
);

const ingredientOf = ({ own }: PadProps['state'], id: string) => own.ingredients.find((one) => one.id === id);

function wordsOf(state: PadProps['state'], line: AsMadeLine): string {
  const one = ingredientOf(state, line.ingredientId);
  return one ? takenWords(one) : line.name;
}

function wantedOf(state: PadProps['state'], { ingredientId, name, wantedG }: AsMadeLine, divisionG: number) {
  if (wantedG === null) return null;
  const job = ingredientOf(state, ingredientId)?.job ?? '';
  return { name, job, wantedG, otherLevelsG: [], divisionG };
}

interface BatchLineProps {
  line: AsMadeLine;
  words: string;
  by: 'staff' | 'students' | 'shared';
  /** Nobody here is to know how much of it there is. */
  hidden: boolean;
  present: boolean;
  onChoose(): void;
}

function BatchLine({ line, words, by, hidden, present, onChoose }: BatchLineProps) {
  const done = line.grams !== null && !hidden;
  const right = done
    ? `✓ ${gramsWords(line.grams!)}`
    : by === 'staff'
      ? 'tip in all of it'
      : by === 'shared'
        ? 'from the class’s'
        : present
          ? 'now'
          : '';
  return (
    <li>
      <chakra.button
        type="button"
        w="100%"
        minH="44px"
        textAlign="left"
        display="flex"
        justifyContent="space-between"
        alignItems="center"
        gap="3"
        px="2"
        borderBottomWidth="1px"
        borderColor="rule"
        bg={present ? 'tawnyWash' : undefined}
        disabled={by !== 'students'}
        aria-current={present ? 'step' : undefined}
        onClick={onChoose}
      >
        <Box fontWeight={present ? 'bold' : 'medium'}>{words}</Box>
        <Box
          color={done ? (line.verdict && line.verdict.rank === 'check' ? 'ember' : 'moss') : 'soft'}
          fontWeight={done ? 'bold' : 'normal'}
          fontSize="sm"
          whiteSpace="nowrap"
        >
          {right}
        </Box>
      </chakra.button>
    </li>
  );
}
