import { Box, Flex } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { formatNumber } from '../../core/format';
import type { Place, Plan } from '../../core/practical';
import {
  assumptionWords,
  bindingWords,
  freeMoments,
  withLook,
  withPin,
  type LessonTimetable,
  type OtherRoom,
} from '../../core/timetable';
import { newId } from '../ui/lists';
import { useLater } from '../ui/use-later';
import { useSettled } from '../ui/use-settled';
import { WordButton } from '../ui/Button';
import { Choice } from '../ui/fields';
import { keepLaid } from './laid-plans';
import { Legend } from './Legend';
import { TimetableDrawing } from './TimetableDrawing';
import { oddsWords, sayMinutes, verdictWords } from './timetable-words';
import type { Hold } from './BarMark';
import { HeldSteps } from './HeldSteps';
import { PlainTable } from './PlainTable';
import { Remedies } from './Remedies';
import type { SchoolLists } from './timetable-worker';
import { useTimetable, type Laid, type TimetableState } from './use-timetable';

const settleMs = 300;
/** So long a first drawing takes. */
const drawMs = 100;

interface TimetableViewProps {
  plan: Plan;
  place: Place | null;
  lists: SchoolLists;
  rooms: readonly OtherRoom[];
  onPlan(change: (plan: Plan) => Plan): void;
  /** Told what is laid out, so that the rest of the sheet says the same. */
  onLaid(laid: Laid): void;
}

/** Whether the lesson fits its room: drawn, in words, how sure, and what would help. */
export function TimetableView({ plan, place, lists, rooms, onPlan, onLaid }: TimetableViewProps) {
  const [held, setHeld] = useState<{ of: Plan; plan: Plan } | null>(null);
  if (held && held.of !== plan) setHeld(null);
  const kept = useSettled(plan, settleMs, isAtOnce);
  const settled = held?.plan ?? kept;
  const state = useTimetable(settled, place, lists, rooms);
  const [by, setBy] = useState<'station' | 'shared'>('station');
  const { of, timetable, impossible, looking, odds } = state;
  useEffect(() => {
    if (of === null) return;
    const endsMin = timetable?.endsMin ?? null;
    const out = looking ? null : { endsMin, impossible: impossible ?? '' };
    if (out) keepLaid(of, out);
    onLaid({ timetable, out });
  }, [of, timetable, impossible, looking, onLaid]);
  const later = useLater(drawMs);
  const hold: Hold = (stepId, stations, startMin) => {
    const change = (was: Plan) => withPin(was, stepId, stations, startMin);
    // Laid out first, then written down: the page need not follow before the bars do.
    setHeld({ of: plan, plan: change(settled) });
    later(() => onPlan(change));
  };
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
      <Flex wrap="wrap" columnGap="4" fontSize="sm" color="soft" align="baseline" mb="1">
        <span>
          Lanes by{' '}
          <Choice label="Lanes by" value={by} options={laneChoices} onValue={(value) => setBy(value)} />
        </span>
        <Looking state={state} />
      </Flex>
      <TimetableDrawing {...{ timetable, odds, by }} plan={settled} say={sayMinutes} onHold={hold} />
      <Legend odds />
      <LookLine {...{ timetable, onPlan }} plan={settled} />
      <HeldSteps plan={plan} onPlan={onPlan} />
      {assumptionWords(settled, timetable.assumptions).map((words) => (
        <Box key={words} color="soft" fontSize="sm" mt="1">
          {words}
        </Box>
      ))}
      <Remedies {...{ plan, rooms, state, onPlan }} bellMin={settled.periodMinutes} />
      <PlainTable plan={settled} timetable={timetable} onHold={hold} />
    </Box>
  );
}

/** When all hands are free at once, and a way to have everybody look then. */
function LookLine({
  plan,
  timetable,
  onPlan,
}: Pick<TimetableViewProps, 'plan' | 'onPlan'> & { timetable: LessonTimetable }) {
  const moment = freeMoments(plan, timetable)
    .filter((one) => withLook(plan, timetable, one, 'look') !== plan)
    .sort((a, b) => b.toMin - b.fromMin - (a.toMin - a.fromMin))[0];
  if (!moment || plan.steps.some(({ lane }) => lane === 'everybody')) return null;
  return (
    <Box fontSize="sm" mt="2">
      All hands are free from {formatNumber(moment.fromMin)} to {formatNumber(moment.toMin)} min: everybody
      can look then.{' '}
      <WordButton onClick={() => onPlan((was) => withLook(was, timetable, moment, newId()))}>
        put a look there
      </WordButton>
    </Box>
  );
}

/** How far the search for a shorter one is, with a way to be content with what there is. */
function Looking({ state: { looking, progress, stop } }: { state: TimetableState & { stop(): void } }) {
  if (!looking || !progress) return null;
  return (
    <span>
      looking for a shorter one, {Math.round((100 * progress.tried) / progress.of)} %{' '}
      <WordButton onClick={stop}>this one will do</WordButton>
    </span>
  );
}

const laneChoices = [
  ['station', 'station'],
  ['shared', 'what is shared'],
] as const;
/** What is dragged or chosen is drawn at once; only what is typed is waited for. */
const isAtOnce = (was: Plan, plan: Plan) => was.pins !== plan.pins || was.stations !== plan.stations;
