import { Box, Flex } from '@chakra-ui/react';
import { Suspense, useCallback, useMemo, useRef, useState, type ComponentType } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { partLater } from '../offline/part-later';
import type { Practical } from '../../contract/practicals';
import { examplePlan, planShape, type Place, type Plan } from '../../core/practical';
import { longest } from '../../core/shape';
import { reviewInParts, type PlanRemark, type Review } from '../../core/review';
import { usePractical } from '../api/queries';
import { useRoomChoices } from '../api/room-choices';
import { PracticalFrame } from '../frame/PracticalFrame';
import { PlanMargin } from '../margin/PlanMargin';
import { useReview } from '../margin/use-review';
import { QuietButton } from '../ui/Button';
import { TextField } from '../ui/fields';
import { Waiting } from '../ui/Notice';
import { EditContext, LaidContext, PlanContext, type Edit } from './edit-context';
import { FairTestSection } from './FairTestSection';
import { FormulaSection } from './FormulaSection';
import { HistoryDrawer } from './HistoryDrawer';
import { KeepingLine, KeepingNotice } from './KeepingLine';
import { MethodSection } from './MethodSection';
import { NextTimeSection } from './NextTimeSection';
import { QuestionSection } from './QuestionSection';
import { SafetySection } from './SafetySection';
import { StudentQuestionsSection } from './StudentQuestionsSection';
import { TimeSection } from './TimeSection';
import type { Laid } from '../timetable/use-timetable';
import type { PlanKeeper } from './plan-keeper';
import { usePlanKeeper } from './use-plan-keeper';
import { useSettled, useSteady } from '../ui/use-settled';

const ExplainSection = partLater(() => import('./ExplainSection').then((one) => one.ExplainSection));

const keys = [
  { keys: 'Tab', does: 'from line to line' },
  { keys: 'Enter', does: 'on an open line: one more' },
  { keys: 'Ctrl Z', does: 'take the last change back' },
  { keys: 'Esc', does: 'leave a line as it was' },
];

/** Of a very long plan, before it is read. */
const unread: Review = { open: [], dismissed: [] };

const notLaid: Laid = { timetable: null, out: null };

/** Quiet time before the margin speaks, ms. */
const settledAfterMs = 200;

export function PlanPage() {
  const { practicalId } = useParams();
  const { data, error } = usePractical(practicalId);
  if (!data) return <Waiting error={error} />;
  return <PlanSheet key={data.id} practical={data} />;
}

function PlanSheet({ practical }: { practical: Practical }) {
  const [search] = useSearchParams();
  const { keeper, ...state } = usePlanKeeper(practical);
  const { plan } = state;
  const rooms = useRoomChoices();
  const place = rooms.find((room) => room.id === plan.roomId)?.place ?? null;
  // What is typed is drawn first; what the margin says of it follows.
  const settled = useSettled(plan, settledAfterMs);
  const [laid, onLaid] = useState<Laid>(notLaid);
  const { out } = laid;
  const told = useSteady({ laid, onLaid });
  const asked = useMemo(() => ({ plan: settled, place, rooms, laid: out }), [settled, place, rooms, out]);
  const review = useReview(reviewInParts, asked) ?? unread;
  const sheet = useRef<HTMLDivElement>(null);
  const [history, setHistory] = useState(false);
  useHotkeys('ctrl+z, meta+z', () => keeper.undo(), { preventDefault: true, enableOnFormTags: true }, [
    keeper,
  ]);
  const margin = useMemo(() => marginOf(keeper), [keeper]);
  const titleField = useMemo(() => <PlanTitle title={plan.title} keeper={keeper} />, [plan.title, keeper]);
  const shown = useMemo(() => ({ ...practical, plan: settled }), [practical, settled]);
  return (
    <PracticalFrame practical={shown} runId={search.get('run')} at="Plan" keys={keys} titleField={titleField}>
      <Flex flex="1" direction={{ base: 'column', lg: 'row' }}>
        <Box flex="1" minW="0" bg="sheet" px={{ base: '4', md: '7' }} pb="10">
          <KeepingNotice state={state} keeper={keeper} />
          <Box ref={sheet} pt="2">
            {isEmpty(plan) && <FirstLines keeper={keeper} />}
            <LaidContext value={told}>
              <Sections plan={plan} settled={settled} place={place} keeper={keeper} />
            </LaidContext>
          </Box>
          <KeepingLine state={state} keeper={keeper} onHistory={() => setHistory(true)} />
        </Box>
        <PlanMargin review={review} sheet={sheet} {...margin} />
      </Flex>
      <HistoryDrawer
        practicalId={practical.id}
        open={history}
        onClose={() => setHistory(false)}
        onBringBack={(old, number) => {
          keeper.edit(`revision-${number}`, () => old);
          setHistory(false);
        }}
      />
    </PracticalFrame>
  );
}

/** What the margin may do to the plan. */
const marginOf = (keeper: PlanKeeper) => ({
  onTake: (remark: PlanRemark) => keeper.edit(`remedy-${remark.id}`, (was) => remark.remedy!.apply(was)),
  onDismiss: (remark: PlanRemark, reason: string) =>
    keeper.edit(`dismiss-${remark.id}`, (was) => ({
      ...was,
      dismissed: [...was.dismissed, { remark: remark.id, reason }],
    })),
  onRecall: (remark: PlanRemark) =>
    keeper.edit(`recall-${remark.id}`, (was) => ({
      ...was,
      dismissed: was.dismissed.filter((one) => one.remark !== remark.id),
    })),
});

function PlanTitle({ title, keeper }: { title: string; keeper: PlanKeeper }) {
  return (
    <TextField
      label="Title"
      needed
      // A long one goes on in a second line; it is one line all the same.
      multiline
      onEnter={() => (document.activeElement as HTMLElement).blur()}
      most={longest(planShape.fields.title)}
      value={title}
      onValue={(typed) => keeper.edit('title', (was) => ({ ...was, title: typed.replace(/\s*\n\s*/g, ' ') }))}
    />
  );
}

interface SectionsProps {
  plan: Plan;
  settled: Plan;
  place: Place | null;
  keeper: PlanKeeper;
}

/** The sections of the sheet, by the names they stand under. */
const sections: readonly (readonly [name: string, Part: ComponentType])[] = [
  ['Question', QuestionSection],
  ['Fair test', FairTestSection],
  ['Formula', FormulaSection],
  ['Method', MethodSection],
  ['Time', TimeSection],
  ['Safety', SafetySection],
  ['Explain', ExplainSection],
  ['For students', StudentQuestionsSection],
  ['Next time', NextTimeSection],
];

/** In which of them something stands; null for what lies over the sheet. */
function sectionOf(target: EventTarget): string | null {
  const around = (target as Element).closest('section');
  const name = around?.getAttribute('aria-label');
  if (!around || sections.some(([own]) => own === name)) return name ?? null;
  return around.parentElement ? sectionOf(around.parentElement) : null;
}

/**
 * The sections of the sheet. A letter typed in one is drawn there at once; the others hear of it when it has settled, for
 * drawing them all takes longer than a hand from key to key.
 */
function Sections({ plan, settled, place, keeper }: SectionsProps) {
  const edit = useCallback<Edit>((line, change) => keeper.edit(line, change), [keeper]);
  const live = useSteady({ plan, place, edit });
  const calm = useSteady({ plan: settled, place, edit });
  // Where nobody has touched anything yet, or something lies over the sheet, all of it is live.
  const [at, setAt] = useState<string | null>(null);
  const follow = ({ target }: { target: EventTarget }) => setAt(sectionOf(target));
  return (
    <EditContext value={edit}>
      <Box
        display="contents"
        onFocusCapture={follow}
        onPointerDownCapture={follow}
        onInputCapture={follow}
        onClickCapture={follow}
      >
        {sections.map(([name, Part]) => (
          <PlanContext key={name} value={at === null || at === name ? live : calm}>
            <Suspense fallback={null}>
              <Part />
            </Suspense>
          </PlanContext>
        ))}
      </Box>
    </EditContext>
  );
}

const isEmpty = (plan: Plan) =>
  plan.question === '' &&
  plan.steps.length === 0 &&
  plan.formula.length === 0 &&
  plan.factors.every((factor) => factor.levels.length === 0);

/** What an empty sheet is for, with an example to load. */
function FirstLines({ keeper }: { keeper: PlanKeeper }) {
  const navigate = useNavigate();
  const fill = () => keeper.edit('example', ({ title, roomId }) => ({ ...examplePlan, title, roomId }));
  return (
    <Flex my="3" p="4" bg="paper" borderRadius="6px" gap="4" align="center" wrap="wrap">
      <Box flex="1" minW="16rem">
        A plan begins with a question: what does one thing do to another? Touch any line to write. The margin
        beside it says what a careful colleague would.
      </Box>
      <QuietButton onClick={() => void navigate('../paste', { relative: 'path' })}>
        Paste a recipe
      </QuietButton>
      <QuietButton onClick={fill}>Fill in an example</QuietButton>
    </Flex>
  );
}
