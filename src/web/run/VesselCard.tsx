import { Box, Flex } from '@chakra-ui/react';
import { memo } from 'react';
import { Link as RouterLink } from 'react-router';
import { counted, decimalsOf, formatDuration, formatNumber, formatTemperature } from '../../core/format';
import { idsOf, sentenceOf, shownValue, stepMarks, untilWords } from '../../core/practical';
import { isMissing, lastDone, type Countdown, type StationState } from '../../core/run';
import { fahrenheitFromCelsius } from '../../core/units';
import { countdownClock, countdownWords, targetWords } from './station-words';
import { Vessel } from './Vessel';
import type { VesselScale } from './vessel-scale';

interface VesselCardProps {
  state: StationState;
  scale: VesselScale;
  unit: 'C' | 'F';
  runId: string;
  /** A call is out for it: ringed. */
  ring: 'none' | 'check' | 'stop';
  /** When a moment was, as a clock time. */
  clockTime(ms: number): string;
  /** What its present step takes of what differs between the stations, in words. */
  amounts: string;
}

/** Sizes follow the width of the card: read from the desk on a laptop, from three metres on a projector. */
const sizes = { number: 'clamp(1.7rem, 14.2cqw, 5rem)', words: 'clamp(0.95rem, 7.1cqw, 1.9rem)' };

const rings = {
  none: { boxShadow: 'inset 0 0 0 1px var(--chakra-colors-rule)' },
  check: { boxShadow: 'inset 0 0 0 3px var(--chakra-colors-tawny)' },
  stop: { boxShadow: 'inset 0 0 0 4px var(--chakra-colors-ember)' },
};

/** One station on the board: its glass, its number, what that means, how long still. */
export const VesselCard = memo(function VesselCard(props: VesselCardProps) {
  const { state, runId, ring } = props;
  return (
    <Flex
      as="article"
      aria-label={`Station ${state.station}`}
      bg="sheet"
      borderRadius="10px 10px 14px 14px"
      p="2.5"
      gap="2"
      minW="0"
      minH="0"
      overflow="hidden"
      css={{ containerType: 'inline-size', ...rings[ring] }}
    >
      <Box flexShrink={0} w="30%" minH="0" display="flex" justifyContent="center">
        {state.heating ? <HeatSide {...props} /> : <StepSide {...props} />}
      </Box>
      <Flex direction="column" minW="0" flex="1" css={{ fontSize: sizes.words }}>
        <Flex align="baseline" gap="2" lineHeight="1.2">
          <Box
            asChild
            fontWeight="bold"
            css={{ fontSize: '1.28em' }}
            _hover={{ color: 'tawnyDeep', textDecoration: 'underline' }}
          >
            <RouterLink
              reloadDocument
              to={`/runs/${runId}/station/${state.station}`}
              aria-label={`Page of station ${state.station}`}
            >
              {state.station}
            </RouterLink>
          </Box>
          {/* In two lines, if need be: where two things differ, the second is what tells two stations apart. */}
          <Box color="soft" lineClamp={2} title={state.label}>
            {state.label}
          </Box>
        </Flex>
        {state.heating ? <HeatWords {...props} /> : <StepWords {...props} />}
        <Silence state={state} />
      </Flex>
    </Flex>
  );
});

function HeatSide({ state, scale }: VesselCardProps) {
  const { reading, target, inAMinuteC } = state;
  return (
    <Vessel
      fill={reading ? scale.fill(reading.celsius) : null}
      shade={reading ? scale.shade(reading.celsius) : 0}
      ghost={inAMinuteC === null ? null : scale.fill(inAMinuteC)}
      notch={target ? scale.fill(target.localC) : null}
      marks={scale.marks}
      label={
        reading && target
          ? `${formatTemperature(reading.celsius)}, target ${formatTemperature(target.localC)}`
          : 'no reading yet'
      }
    />
  );
}

function HeatWords({ state, unit }: VesselCardProps) {
  const { reading } = state;
  const words = targetWords(state, unit);
  const loud = state.phase === 'past-target' || state.phase === 'at-target';
  return (
    <>
      <Flex align="baseline" gap="1" mt="0.5">
        <Box fontWeight="bold" lineHeight="1.05" css={{ fontSize: sizes.number, letterSpacing: '-0.01em' }}>
          {reading
            ? formatNumber(unit === 'C' ? reading.celsius : fahrenheitFromCelsius(reading.celsius), 1)
            : '—'}
        </Box>
        <Box color="soft">°{unit}</Box>
      </Flex>
      <Box lineHeight="1.25" mt="1">
        {state.words}
      </Box>
      <Box fontWeight="bold" lineHeight="1.25" color={loud ? 'ember' : 'ink'} whiteSpace="nowrap">
        {words.strong}
      </Box>
      {words.soft && (
        <Box css={{ fontSize: '0.88em' }} color="soft">
          {words.soft}
        </Box>
      )}
    </>
  );
}

function StepSide({ state }: VesselCardProps) {
  const { countdown } = state;
  const finished = state.phase === 'finished';
  return (
    <Vessel
      fill={finished || !countdown ? null : Math.min(1, countdown.elapsedS / countdown.lengthS) * 0.94}
      shade={null}
      notch={
        countdown && countdown.lookInS !== null
          ? ((countdown.elapsedS + countdown.lookInS) / countdown.lengthS) * 0.94
          : null
      }
      done={finished}
      label={finished ? 'finished' : countdown ? countdownWords(countdown) : 'no time set'}
    />
  );
}

/** A station that has no temperature to watch: the step it is at and how long it still takes. */
function StepWords({ state, clockTime, unit, amounts }: VesselCardProps) {
  const { step, countdown, lastEvent } = state;
  // What this station takes, and how it sets its oven, where the sentence alone says it of nobody.
  const until = step ? untilWords(step, unit) : '';
  const sentence = step ? sentenceOf(step, unit) : '';
  const own = step
    ? [
        amounts,
        until && `until ${until}`,
        ...stepMarks(step, idsOf(state.own.steps), unit, ['minutes', 'lookAt']),
      ]
        .filter(Boolean)
        .join(' · ')
    : '';
  const done = lastDone(state);
  if (!step) {
    return (
      <>
        <Box fontWeight="bold" css={{ fontSize: '1.5em' }} mt="1.5" lineHeight="1.1">
          Finished
        </Box>
        {lastEvent && done && (
          <Box color="soft" mt="1">
            {clockTime(lastEvent.at)}, {done}
          </Box>
        )}
        <Measured state={state} />
      </>
    );
  }
  return (
    <>
      {countdown && (
        <Box fontWeight="bold" lineHeight="1.05" mt="1" css={{ fontSize: sizes.number }}>
          {countdownClock(countdown)}
        </Box>
      )}
      <Box lineHeight="1.25" mt="1" flexShrink={0} lineClamp={2} title={sentence}>
        {sentence}
      </Box>
      {own && (
        <Box
          color="glass"
          fontWeight="semibold"
          css={{ fontSize: '0.88em' }}
          lineHeight="1.25"
          flexShrink={0}
          lineClamp={1}
          title={own}
        >
          {own}
        </Box>
      )}
      {countdown && isNews(countdown) && (
        <Box fontWeight="bold" lineHeight="1.25">
          {countdownWords(countdown)}
        </Box>
      )}
      {lastEvent && done && (
        <Box color="soft" css={{ fontSize: '0.88em' }} lineHeight="1.25">
          {done}, {clockTime(lastEvent.at)}
        </Box>
      )}
    </>
  );
}

/** What a finished station has written down, and what it has not. */
function Measured({ state }: { state: StationState }) {
  return (
    <Box mt="2" css={{ fontSize: '0.88em' }} lineHeight="1.35">
      {state.measured.slice(0, 3).map(({ response, cell }) => (
        <Flex key={response.id} gap="2" justify="space-between">
          <Box color="soft" truncate>
            {response.name}
          </Box>
          {isMissing(cell) ? (
            <Box color="amberInk" fontWeight="bold" whiteSpace="nowrap">
              missing
            </Box>
          ) : (
            <Box whiteSpace="nowrap">
              <strong>
                {cell.mean === null
                  ? counted(cell.photos.length, 'photo')
                  : shownValue(response, cell.mean, decimalsOf(response.smallestDivision ?? 0.1))}
              </strong>{' '}
              {response.points.length === 0 && response.unit}
            </Box>
          )}
        </Flex>
      ))}
    </Box>
  );
}

/** Whether the countdown says more than its clock does. */
const isNews = ({ elapsedS, lengthS, lookInS }: Countdown) =>
  elapsedS >= lengthS || (lookInS !== null && lookInS > -120);

function Silence({ state }: { state: StationState }) {
  const { silentS, heating, phase } = state;
  if (silentS === null || phase === 'finished') return null;
  const late = heating && silentS >= 60;
  return (
    <Box
      mt="auto"
      alignSelf="flex-end"
      css={{ fontSize: '0.88em' }}
      color={late ? 'ember' : 'soft'}
      fontWeight={late ? 'bold' : 'normal'}
      whiteSpace="nowrap"
    >
      {formatDuration(silentS)} ago
    </Box>
  );
}
