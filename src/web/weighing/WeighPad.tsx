import { Box, Flex } from '@chakra-ui/react';
import { Delete } from 'lucide-react';
import { useState } from 'react';
import { formatNumber } from '../../core/format';
import { gramsWords } from '../../core/practical';
import { fineG, stopAt, weighedVerdict, type Wanted } from '../../core/weighing';
import { KeepKey, PadKey } from '../ui/pad-keys';
import { parseNumber } from '../ui/fields';
import { TypedInput } from '../ui/TypedInput';

interface WeighPadProps {
  /** What is to go in; null: nobody has said how much. */
  wanted: Wanted | null;
  name: string;
  /** What the display shows before it is weighed, g. */
  shownG: number;
  onShown(grams: number): void;
  /** What went in, and what the display shows now. */
  onKeep(grams: number, nowG: number): void;
}

const mostTyped = 8;
const rankLook = { fine: 'moss', note: 'amberInk', check: 'ember' } as const;
const rankSays = { fine: 'Fine.', note: 'Note it.', check: 'Check.' } as const;

/** What the scale shows, the number to stop at, and what is typed judged by what it does, as it is typed. */
export function WeighPad({ wanted, name, shownG, onShown, onKeep }: WeighPadProps) {
  const [typed, setTyped] = useState('');
  const [settingZero, setSettingZero] = useState(false);
  const value = parseNumber(typed);
  const went = value === null ? null : Number((value - shownG).toPrecision(9));
  const wrong =
    typed !== '' &&
    typed !== '-' &&
    (value === null || (!settingZero && went! < 0) || Math.abs(value) > 100_000);
  const verdict = !settingZero && wanted && went !== null && went >= 0 ? weighedVerdict(wanted, went) : null;
  const keep = () => {
    if (value === null || wrong) return;
    setTyped('');
    if (settingZero) {
      setSettingZero(false);
      onShown(value);
    } else onKeep(went!, value);
  };
  return (
    <Box>
      <Display
        {...{ wanted, name, shownG, settingZero }}
        went={settingZero ? null : went}
        onSetting={() => setSettingZero(!settingZero)}
      />
      <Flex align="center" gap="3" mt={{ base: '1', md: '2' }}>
        <TypedInput
          label={settingZero ? 'What the scale shows before' : 'What the scale shows now'}
          placeholder={settingZero ? 'what it shows before you begin' : 'what it shows now'}
          typed={typed}
          most={mostTyped}
          wrong={wrong}
          onTyped={setTyped}
          onEnter={keep}
        />
      </Flex>
      <Box
        role="status"
        minH="42px"
        mt="1"
        lineHeight="1.3"
        color={wrong ? 'ember' : verdict ? rankLook[verdict.rank] : 'soft'}
      >
        {wrong &&
          `it is “${typed}”; allowed: a number of grams${settingZero ? '' : `, ${formatNumber(shownG)} or more`}`}
        {!wrong && verdict && (
          <>
            <strong>{rankSays[verdict.rank]}</strong>{' '}
            {verdict.rank === 'fine' ? `${gramsWords(went!)} went in.` : `${verdict.words}.`}
          </>
        )}
      </Box>
      <WeighKeys
        typed={typed}
        onTyped={setTyped}
        onZero={() => onShown(0)}
        says={settingZero ? 'It shows this' : 'Keep'}
        onKeep={value === null || wrong ? null : keep}
      />
    </Box>
  );
}

interface DisplayProps extends Pick<WeighPadProps, 'wanted' | 'name' | 'shownG'> {
  settingZero: boolean;
  went: number | null;
  onSetting(): void;
}

/** What the scale shows, where to stop, and how wide fine is. */
function Display({ wanted, name, shownG, settingZero, went, onSetting }: DisplayProps) {
  return (
    <Box bg="tawnyWash" borderRadius="8px" px="4" py={{ base: '1.5', md: '3' }}>
      <Flex align="baseline" justify="space-between" gap="3" wrap="wrap">
        <Flex align="baseline" gap="2">
          <span>the scale shows</span>
          <Box
            asChild
            fontSize="2xl"
            fontWeight="bold"
            textDecoration="underline"
            textDecorationStyle="dashed"
            textUnderlineOffset="5px"
            minW="44px"
            minH="44px"
          >
            <button
              type="button"
              aria-pressed={settingZero}
              aria-label={`The scale shows ${formatNumber(shownG)} g: it shows something else`}
              onClick={onSetting}
            >
              {formatNumber(shownG)}
            </button>
          </Box>
        </Flex>
        {wanted && (
          <Flex align="baseline" gap="2">
            <span>stop at</span>
            <Box
              fontSize="4xl"
              lineHeight="1"
              fontWeight="bold"
              color="tawnyDeep"
              css={{ fontVariantNumeric: 'tabular-nums' }}
            >
              {formatNumber(roundedTo(stopAt(shownG, wanted.wantedG), wanted.divisionG))}
            </Box>
            <span>g</span>
          </Flex>
        )}
      </Flex>
      {wanted && <FineBar wanted={wanted} went={went} />}
      <Box fontSize="sm" color="soft">
        {wanted
          ? `${gramsWords(fineG(wanted))} either way is fine for ${name.toLowerCase()}`
          : `how much ${name.toLowerCase()} is not said: write down what goes in`}
      </Box>
    </Box>
  );
}

interface WeighKeysProps {
  typed: string;
  onTyped(text: string): void;
  onZero(): void;
  says: string;
  /** Null: there is nothing to keep. */
  onKeep: (() => void) | null;
}

/** Digits, one back, the scale at zero, and the key that keeps it. */
function WeighKeys({ typed, onTyped, onZero, says, onKeep }: WeighKeysProps) {
  const press = (key: string) => typed.length < mostTyped && onTyped(typed + key);
  return (
    <Box
      display="grid"
      gridTemplateColumns="repeat(4, 1fr)"
      gap={{ base: '1.5', md: '2' }}
      css={{ '& button': { minH: { base: '48px', md: '60px' } } }}
    >
      {['7', '8', '9'].map((key) => (
        <PadKey key={key} onClick={() => press(key)}>
          {key}
        </PadKey>
      ))}
      <PadKey aria-label="Take back the last digit" onClick={() => onTyped(typed.slice(0, -1))}>
        <Box asChild mx="auto">
          <Delete size={24} />
        </Box>
      </PadKey>
      {['4', '5', '6'].map((key) => (
        <PadKey key={key} onClick={() => press(key)}>
          {key}
        </PadKey>
      ))}
      <PadKey css={{ fontSize: 'sm' }} onClick={onZero} aria-label="The scale was set to zero">
        set to 0
      </PadKey>
      {['1', '2', '3'].map((key) => (
        <PadKey key={key} onClick={() => press(key)}>
          {key}
        </PadKey>
      ))}
      <KeepKey gridRow="span 2" disabled={onKeep === null} onClick={() => onKeep?.()}>
        {says}
      </KeepKey>
      <PadKey onClick={() => press('0')}>0</PadKey>
      <PadKey onClick={() => !typed.includes('.') && press('.')}>.</PadKey>
      <PadKey
        aria-label="minus"
        onClick={() => onTyped(typed.startsWith('-') ? typed.slice(1) : `-${typed}`)}
      >
        −
      </PadKey>
    </Box>
  );
}

/** A number as the display can show it. */
const roundedTo = (value: number, division: number) =>
  Number((Math.round(value / division) * division).toPrecision(9));

/** How wide “fine” is, and where what is typed stands in it. */
function FineBar({ wanted, went }: { wanted: Wanted; went: number | null }) {
  const fine = fineG(wanted);
  const span = Math.max(wanted.wantedG * 1.25, wanted.wantedG + 6 * fine);
  const at = (grams: number) => `${Math.max(0, Math.min(100, (100 * grams) / span))}%`;
  return (
    <Box
      position="relative"
      h="14px"
      my={{ base: '1', md: '2' }}
      borderRadius="7px"
      bg="rule"
      aria-hidden
      overflow="hidden"
    >
      <Box
        position="absolute"
        top="0"
        bottom="0"
        bg="moss"
        opacity="0.55"
        left={at(wanted.wantedG - fine)}
        right={`calc(100% - ${at(wanted.wantedG + fine)})`}
      />
      {went !== null && (
        <Box position="absolute" top="0" bottom="0" w="4px" ml="-2px" bg="ink" left={at(went)} />
      )}
    </Box>
  );
}
