import { Box } from '@chakra-ui/react';
import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import {
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { newStep, readStep, type Plan, type Step, planShape, stepShape } from '../../core/practical';
import { isFull, longest } from '../../core/shape';
import { partLater } from '../offline/part-later';
import { memo, Suspense, useMemo, useState } from 'react';
import { WordButton } from '../ui/Button';
import type { Bar } from '../../core/timetable';
import { useEdit, useLaid, usePlan } from './edit-context';
import { AddLine } from '../ui/line-tools';
import { newId } from '../ui/lists';
import { Section } from '../ui/Section';
import { StepRow } from './StepRow';

const TechniquesDialog = partLater(() =>
  import('../techniques/TechniquesDialog').then((one) => one.TechniquesDialog),
);

/** Said once: a sensor that is told anew has every row drawn anew. */
const byPointer = { activationConstraint: { distance: 4 } };
const byKeys = { coordinateGetter: sortableKeyboardCoordinates };

/** The method: steps that can be dragged into another order, each with its minutes as a bar. */
export const MethodSection = memo(function MethodSection() {
  const { plan, place, edit } = usePlan();
  const sensors = useSensors(useSensor(PointerSensor, byPointer), useSensor(KeyboardSensor, byKeys));
  // Rows are drawn anew only where their own step, or what they read of the plan, is another.
  const { factors, formula, thermometers } = plan;
  const order = plan.steps.map((step) => step.id).join('\n');
  const ids = useMemo(() => (order === '' ? [] : order.split('\n')), [order]);
  const around = useMemo(
    () => ({ factors, formula, thermometers, place, order: ids }),
    [factors, formula, thermometers, place, ids],
  );
  const { timetable } = useLaid().laid;
  const span = Math.max(plan.periodMinutes, timetable?.endsMin ?? 0, 1);
  const placeOf = useMemo(() => (timetable ? placesOf(timetable.bars) : noPlaces), [timetable]);
  return (
    <Section name="Method" anchor="method">
      <DndContext
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragEnd={({ active, over }) => {
          if (!over || active.id === over.id) return;
          edit('steps', (was) => {
            const from = was.steps.findIndex((step) => step.id === active.id);
            const to = was.steps.findIndex((step) => step.id === over.id);
            return { ...was, steps: arrayMove(was.steps, from, to) };
          });
        }}
      >
        <SortableContext items={ids} strategy={verticalListSortingStrategy}>
          <Box as="ol" listStyleType="none">
            {plan.steps.map((step, i) => {
              const at = placeOf.get(step.id);
              return (
                <StepRow
                  key={step.id}
                  step={step}
                  number={i + 1}
                  around={around}
                  from={at ? at.from / span : null}
                  to={at ? at.to / span : null}
                  until={at ? at.until / span : null}
                />
              );
            })}
          </Box>
        </SortableContext>
      </DndContext>
      <Box mt="1.5" pl="10">
        <PutInTechnique plan={plan} />
        <AddLine
          label="Add a step"
          most={longest(stepShape.fields.text)}
          full={isFull(planShape.fields.steps, plan.steps)}
          placeholder="a step, such as Heat without stirring, 20 min"
          onAdd={(text) => edit('steps', (was) => ({ ...was, steps: [...was.steps, typedStep(was, text)] }))}
        />
      </Box>
    </Section>
  );
});

/** When the first who do a step do it, and when the last are done with it, minutes from the bell. */
interface StepPlace {
  from: number;
  to: number;
  until: number;
}

const noPlaces: ReadonlyMap<string, StepPlace> = new Map();

function placesOf(bars: readonly Bar[]): ReadonlyMap<string, StepPlace> {
  const found = new Map<string, StepPlace>();
  for (const { stepId, kind, startMin, endMin } of bars) {
    if (stepId === null || kind !== 'step') continue;
    const was = found.get(stepId);
    const first = !was || startMin < was.from;
    found.set(stepId, {
      from: first ? startMin : was.from,
      to: first ? endMin : was.to,
      until: Math.max(endMin, was?.until ?? 0),
    });
  }
  return found;
}

/** The way to the ways of working, fetched when it is taken. */
function PutInTechnique({ plan }: { plan: Plan }) {
  const edit = useEdit();
  const [open, setOpen] = useState(false);
  if (isFull(planShape.fields.steps, plan.steps)) return null;
  return (
    <>
      <WordButton fontSize="sm" css={{ mr: '4', fontWeight: 'medium' }} onClick={() => setOpen(true)}>
        put in a way of working
      </WordButton>
      {open && (
        <Suspense fallback={null}>
          <TechniquesDialog
            plan={plan}
            onInsert={(steps, place) => {
              edit('steps', (was) => ({
                ...was,
                steps: [...was.steps.slice(0, place), ...steps, ...was.steps.slice(place)],
              }));
              setOpen(false);
            }}
            onClose={() => setOpen(false)}
          />
        </Suspense>
      )}
    </>
  );
}

/** A typed step: what its sentence says of itself is understood, and the sentence stays. */
function typedStep(plan: Plan, text: string): Step {
  const read = readStep(text);
  const ends = read.ends ?? [{ kind: 'time' as const }];
  const byTemperature = ends.some((end) => end.kind === 'temperature');
  return newStep({
    id: newId(),
    text,
    ...read,
    thermometerId: byTemperature ? (plan.thermometers[0]?.id ?? null) : null,
  });
}
