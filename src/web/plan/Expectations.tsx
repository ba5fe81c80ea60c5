import { Box, Flex } from '@chakra-ui/react';
import { scaleLinear } from 'd3';
import { formatNumber } from '../../core/format';
import type { Expected, Prediction } from '../../core/predictions';
import { levelColour } from '../theme/heat-scale';
import { WordButton } from '../ui/Button';
import { WorkingPopover } from '../ui/WorkingPopover';
import { usePlan } from './edit-context';
import { usePredictions } from './use-predictions';

/** What the models expect of each treatment, drawn beside each other on one scale a quantity; nothing where none knows. */
export function Expectations() {
  const { plan, place } = usePlan();
  const predictions = usePredictions(plan, place);
  if (predictions.length === 0) return null;
  return (
    <Box as="section" aria-label="What the models expect" pl={{ base: 0, sm: '6.95rem' }} mt="1" mb="4">
      <Box color="soft" fontSize="sm" mb="2">
        What the models expect, before the class knows better
      </Box>
      <Flex wrap="wrap" columnGap="8" rowGap="4">
        {predictions.map((prediction) => (
          <ExpectationPicture key={prediction.id} prediction={prediction} />
        ))}
      </Flex>
    </Box>
  );
}

/** Treatments below each other: a dot where it is expected, a band where it may well be. */
function ExpectationPicture({ prediction }: { prediction: Prediction }) {
  const { what, unit, working, expected } = prediction;
  const [least, most] = [
    Math.min(...expected.map(({ low }) => low)),
    Math.max(...expected.map(({ high }) => high)),
  ];
  // Amounts of something begin at nothing; temperatures and strengths where they differ.
  const isOrder = unit === '';
  const fromZero = least >= 0 && least < 0.5 * most;
  const scale = scaleLinear()
    .domain(isOrder ? [1, most] : fromZero ? [0, most] : [least, most])
    .nice(isOrder ? most : 4)
    .range([0, 100])
    .clamp(true);
  return (
    <Box flex="1 1 17rem" maxW="26rem" minW="0">
      <WorkingPopover working={working} title={what}>
        <WordButton
          fontSize="sm"
          css={{ fontWeight: 'semibold', textDecorationStyle: 'dashed', textAlign: 'left' }}
        >
          {what}
          {unit && `, ${unit}`}
        </WordButton>
      </WorkingPopover>
      <Box as="table" w="100%" css={{ borderCollapse: 'collapse' }} aria-label={what} fontSize="sm">
        <tbody>
          {expected.map((one, i) => (
            <tr key={one.treatment.id}>
              <Box
                as="th"
                textAlign="left"
                fontWeight="normal"
                py="0.5"
                pr="2"
                whiteSpace="nowrap"
                maxW="11rem"
                overflow="hidden"
                textOverflow="ellipsis"
              >
                {one.treatment.label}
              </Box>
              <Box as="td" w="45%" minW="70px" py="0.5">
                <Band one={one} scale={scale} colour={levelColour(i, expected.length)} />
              </Box>
              <Box as="td" pl="2" py="0.5" whiteSpace="nowrap">
                <b>{wordsOf(one, prediction)}</b>{' '}
                <Box as="span" color="soft" fontSize="xs">
                  {rangeOf(one, prediction)}
                </Box>
              </Box>
            </tr>
          ))}
        </tbody>
      </Box>
    </Box>
  );
}

function Band({ one, scale, colour }: { one: Expected; scale(value: number): number; colour: string }) {
  const [from, at, to] = [scale(one.low), scale(one.middle), scale(one.high)];
  return (
    <Box position="relative" h="14px" mx="6px" aria-hidden>
      <Box position="absolute" left="-5px" right="-5px" top="6.5px" h="1px" bg="rule" />
      <Box
        position="absolute"
        top="3px"
        h="8px"
        borderRadius="full"
        bg="strongRule"
        opacity={0.7}
        style={{ left: `${from}%`, width: `max(2px, ${to - from}%)` }}
      />
      <Box
        position="absolute"
        top="2px"
        w="10px"
        h="10px"
        ml="-5px"
        borderRadius="full"
        borderWidth="1.5px"
        borderColor="ink"
        style={{ left: `${at}%`, background: colour }}
      />
    </Box>
  );
}

/** “57, soft”, “×2.1”, “palest”. */
function wordsOf({ middle, words }: Expected, { unit, decimals }: Prediction): string {
  if (unit === '') return words || `place ${formatNumber(middle, decimals)}`;
  return [formatNumber(middle, decimals), words].filter(Boolean).join(', ');
}

function rangeOf({ low, high }: Expected, { decimals }: Prediction): string {
  const [from, to] = [low, high].map((value) => formatNumber(value, decimals));
  return from === to ? '' : `${from} to ${to}`;
}
