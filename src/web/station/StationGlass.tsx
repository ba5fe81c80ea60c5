import { Box, Flex } from '@chakra-ui/react';
import { formatNumber, formatTemperature } from '../../core/format';
import type { StationState } from '../../core/run';
import { fahrenheitFromCelsius } from '../../core/units';
import { targetWords } from '../run/station-words';
import { Vessel } from '../run/Vessel';
import type { VesselScale } from '../run/vessel-scale';

/** The station’s glass with its number, while there is a temperature to watch. */
export function StationGlass({
  state,
  scale,
  unit,
}: {
  state: StationState;
  scale: VesselScale;
  unit: 'C' | 'F';
}) {
  const { reading, target, inAMinuteC, heating } = state;
  if (!heating) return null;
  const words = targetWords(state, unit);
  return (
    <Flex px="4" pb="2" gap="5" align="center">
      <Box h="124px" w="52px" flexShrink={0}>
        <Vessel
          fill={reading ? scale.fill(reading.celsius) : null}
          shade={reading ? scale.shade(reading.celsius) : 0}
          ghost={inAMinuteC === null ? null : scale.fill(inAMinuteC)}
          notch={target ? scale.fill(target.localC) : null}
          marks={scale.marks}
          label={reading ? formatTemperature(reading.celsius, unit) : 'no reading yet'}
        />
      </Box>
      <Box minW="0">
        <Flex align="baseline" gap="2">
          <Box fontSize="5xl" fontWeight="bold" lineHeight="1.05">
            {reading
              ? formatNumber(unit === 'C' ? reading.celsius : fahrenheitFromCelsius(reading.celsius), 1)
              : '—'}
          </Box>
          <Box color="soft" fontSize="xl">
            °{unit}
          </Box>
        </Flex>
        <Box fontSize="lg" lineHeight="1.3">
          {state.words}
          {words.strong && (
            <>
              ,{' '}
              <Box as="strong" whiteSpace="nowrap">
                {words.strong}
              </Box>
            </>
          )}
        </Box>
        {words.soft && <Box color="soft">{words.soft}</Box>}
      </Box>
    </Flex>
  );
}
