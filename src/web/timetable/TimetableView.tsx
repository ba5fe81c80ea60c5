import { Box, Flex } from '@chakra-ui/react';
import { formatNumber } from '../../core/format';
import type { Place, Plan } from '../../core/practical';
import { assumptionWords, bindingWords, remediesOf, withPin } from '../../core/timetable';
import { useSettled } from '../ui/use-settled';
import { QuietButton } from '../ui/Button';
import { waitingHatch } from '../ui/waiting-hatch';
import { TimetableDrawing } from './TimetableDrawing';
import { oddsWords, verdictWords } from './timetable-words';
import type { Hold } from './BarMark';
import { HeldSteps } from './HeldSteps';
import { PlainTable } from './PlainTable';
import { useTimetable, type TimetableState } from './use-timetable';

const settleMs = 300;

interface TimetableViewProps {
  plan: Plan;
  place: Place | null;
  onPlan(change: (plan: Plan) => Plan): void;
}

/** Whether the lesson fits its room: drawn, in words, how sure, and what would help. */
export function TimetableView({ plan, place, onPlan }: TimetableViewProps) {
  const settled = useSettled(plan, settleMs);
  const state = useTimetable(settled, place);
  const { timetable, impossible, odds } = state;
  const hold: Hold = (stepId, stations, startMin) =>
    onPlan((was) => withPin(was, stepId, stations, startMin));
  if (impossible !== null) {
    return (
      <Box role="alert" color="ember" fontWeight="semibold">
        No timetable can hold: {impossible}
        <HeldSteps plan={plan} onPlan={onPlan} />
      </Box>
    );
  }
  if (!timetable) return <Box color="soft">Laying out the lesson …</Box>;
  const over = timetable.endsMin > settled.periodMinutes;
  const doubtful = odds !== null && odds.chance < 0.5;
  return (
    <Box>
      <Box aria-live="polite" mb="1">
        <Box as="span" fontWeight="bold" color={over ? 'ember' : doubtful ? 'tawnyDeep' : 'moss'}>
          {verdictWords(timetable, settled.periodMinutes)}
        </Box>{' '}
        {over && bindingWords(timetable.bound.by, timetable.bound.endsMin)}
      </Box>
      {odds && (
        <Box color="soft" fontSize="sm" mb="2">
          {oddsWords(settled, odds).join(' ')}
        </Box>
      )}
      <TimetableDrawing plan={settled} timetable={timetable} odds={odds} onHold={hold} />
      <Legend />
      <HeldSteps plan={plan} onPlan={onPlan} />
      {assumptionWords(settled, timetable.assumptions).map((words) => (
        <Box key={words} color="soft" fontSize="sm" mt="1">
          {words}
        </Box>
      ))}
      <Remedies {...{ plan, state, onPlan }} bellMin={settled.periodMinutes} />
      <PlainTable plan={settled} timetable={timetable} onHold={hold} />
    </Box>
  );
}

function Legend() {
  const mark = (css: object, words: string) => (
    <Flex align="center" gap="1.5">
      <Box w="18px" h="9px" borderRadius="2px" css={css} /> {words}
    </Flex>
  );
  return (
    <Flex wrap="wrap" columnGap="4" fontSize="xs" color="soft" mt="1">
      {mark({ bg: 'tawny' }, 'hands')}
      {mark(waitingHatch, 'waiting')}
      {mark({ bg: 'ember', height: '4px' }, 'the teacher stands by')}
      {mark({ bg: 'moss', height: '4px' }, 'where nine in ten such lessons end')}
    </Flex>
  );
}

interface RemediesProps {
  plan: Plan;
  state: TimetableState;
  bellMin: number;
  onPlan(change: (plan: Plan) => Plan): void;
}

/** Ways to make it fit, each with what it would do and cost; those that fit first. */
function Remedies({ plan, state: { timetable, tried, odds }, bellMin, onPlan }: RemediesProps) {
  if (!timetable || (timetable.endsMin <= bellMin && (odds?.chance ?? 1) > 0.9)) return null;
  const offered = remediesOf(plan)
    .flatMap((remedy) => {
      const endsMin = tried.find(({ id }) => id === remedy.id)?.endsMin;
      return endsMin === undefined || endsMin >= timetable.endsMin ? [] : [{ remedy, endsMin }];
    })
    .sort(
      (a, b) =>
        Number(a.endsMin > bellMin) - Number(b.endsMin > bellMin) ||
        (a.endsMin > bellMin ? a.endsMin - b.endsMin : 0),
    );
  if (offered.length === 0) return null;
  return (
    <Box as="section" aria-label="Ways to make it fit" mt="3">
      <Box fontWeight="semibold">Ways to make it fit</Box>
      <Box as="ul" listStyleType="none">
        {offered.map(({ remedy, endsMin }) => (
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
    </Box>
  );
}
