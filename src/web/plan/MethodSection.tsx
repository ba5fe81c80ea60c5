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
import { timetableOf, type Step } from '../../core/practical';
import { usePlan } from './edit-context';
import { AddLine } from './line-tools';
import { newId, withItem, without } from './lists';
import { Section } from './Section';
import { StepRow } from './StepRow';

/** The method: steps that can be dragged into another order, each with its minutes as a bar. */
export function MethodSection() {
  const { plan, edit } = usePlan();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const timetable = timetableOf(plan);
  const span = Math.max(plan.periodMinutes, timetable.endsMinute);
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
        <SortableContext items={plan.steps.map((step) => step.id)} strategy={verticalListSortingStrategy}>
          <Box as="ol" listStyleType="none">
            {plan.steps.map((step, i) => {
              const timed = timetable.steps.find((one) => one.step.id === step.id);
              return (
                <StepRow
                  key={step.id}
                  step={step}
                  number={i + 1}
                  bar={timed ? { from: timed.startMinute / span, to: timed.endMinute / span } : null}
                  onChange={(patch) =>
                    edit(`${step.id}-${Object.keys(patch)[0]}`, (was) => ({
                      ...was,
                      steps: withItem(was.steps, step.id, patch),
                    }))
                  }
                  onRemove={() =>
                    edit(`${step.id}-gone`, (was) => ({ ...was, steps: without(was.steps, step.id) }))
                  }
                />
              );
            })}
          </Box>
        </SortableContext>
      </DndContext>
      <Box mt="1.5" pl="10">
        <AddLine
          label="Add a step"
          most={600}
          full={plan.steps.length >= 40}
          placeholder="a step, such as Heat without stirring, 20 min"
          onAdd={(text) => edit('steps', (was) => ({ ...was, steps: [...was.steps, newStep(text)] }))}
        />
      </Box>
    </Section>
  );
}

/** A typed step; minutes at its end are taken as its length. */
function newStep(text: string): Step {
  const match = /^(.*?)[,;:]?\s*\(?(\d+(?:[.,]\d+)?)\s*min(?:utes)?\)?\.?$/i.exec(text);
  return {
    id: newId(),
    text: match?.[1] || text,
    hands: 'hands-on',
    when: 'lesson',
    minutes: match ? Number(match[2]!.replace(',', '.')) : null,
    lookAt: null,
    endpoint: { kind: 'time' },
    hazards: [],
    event: '',
  };
}
