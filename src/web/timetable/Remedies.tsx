import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { formatNumber } from '../../core/format';
import type { Plan } from '../../core/practical';
import { remediesInPairs, remediesOf, type OtherRoom } from '../../core/timetable';
import { QuietButton, WordButton } from '../ui/Button';
import type { TimetableState } from './use-timetable';

interface RemediesProps {
  plan: Plan;
  rooms: readonly OtherRoom[];
  state: TimetableState;
  bellMin: number;
  onPlan(change: (plan: Plan) => Plan): void;
}

/** Ways that are shown at once. */
const fewWays = 5;

/** Ways to make it fit, each with what it would do and cost; those that fit first. */
export function Remedies({
  plan,
  rooms,
  state: { timetable, tried, odds, oneMoreOven },
  bellMin,
  onPlan,
}: RemediesProps) {
  const [all, setAll] = useState(false);
  if (!timetable || (timetable.endsMin <= bellMin && (odds?.chance ?? 1) > 0.9)) return null;
  const singles = remediesOf(plan, rooms);
  const offered = [...singles, ...remediesInPairs(singles)]
    .flatMap((remedy) => {
      const endsMin = tried.find(({ id }) => id === remedy.id)?.endsMin;
      return endsMin === undefined || endsMin >= timetable.endsMin ? [] : [{ remedy, endsMin }];
    })
    .sort(
      (a, b) =>
        Number(a.endsMin > bellMin) - Number(b.endsMin > bellMin) ||
        (a.endsMin > bellMin ? a.endsMin - b.endsMin : 0),
    );
  const oven = oneMoreOven !== null && oneMoreOven < timetable.endsMin ? oneMoreOven : null;
  if (offered.length === 0 && oven === null) return null;
  const shown = all ? offered : offered.slice(0, fewWays);
  return (
    <Box as="section" aria-label="Ways to make it fit" mt="3">
      <Box fontWeight="semibold">Ways to make it fit</Box>
      <Box as="ul" listStyleType="none">
        {shown.map(({ remedy, endsMin }) => (
          <Flex as="li" key={remedy.id} wrap="wrap" align="center" columnGap="3" rowGap="1" mt="1.5">
            <QuietButton minH="34px" onClick={() => onPlan(remedy.apply)}>
              {remedy.label}
            </QuietButton>
            <Box as="span" color={endsMin > bellMin ? 'soft' : 'moss'} fontWeight="semibold">
              {formatNumber(endsMin)} min,{' '}
              {endsMin > bellMin
                ? `still ${formatNumber(endsMin - bellMin)} over`
                : `${formatNumber(bellMin - endsMin)} to spare`}
            </Box>
            <Box as="span" color="soft" fontSize="sm">
              {remedy.cost}
            </Box>
          </Flex>
        ))}
      </Box>
      {oven !== null && (
        <Box color="soft" fontSize="sm" mt="2">
          With one more oven in the room it would be {formatNumber(oven)} min.
        </Box>
      )}
      {shown.length < offered.length && (
        <WordButton fontSize="sm" mt="2" onClick={() => setAll(true)}>
          {offered.length - shown.length} more
        </WordButton>
      )}
    </Box>
  );
}
