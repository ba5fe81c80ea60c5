import { Box, Flex } from '@chakra-ui/react';
import {
  afterShape,
  needShape,
  resourceKinds,
  stepShape,
  windowShape,
  type Plan,
  type Step,
  type StepLane,
} from '../../core/practical';
import { isFull, longest, range } from '../../core/shape';
import { Choice, NumberField, TextField } from '../ui/fields';
import { usePlan } from './edit-context';
import { AddLine, MoreButton, RemoveButton } from '../ui/line-tools';
import { withoutAt, withPatchAt } from '../ui/lists';
import type { StepPartProps } from './step-part';

/** What it comes after, what it takes from the room, and what is done while it goes on. */
export function StepOrder(props: StepPartProps) {
  return (
    <>
      <Box>
        <LaneLine {...props} />
        <AfterLines {...props} />
        <NeedLines {...props} />
      </Box>
      <WindowLines {...props} />
    </>
  );
}

const firstWords = ({ text }: Step) => (text.length > 32 ? `${text.slice(0, 31).trimEnd()}…` : text);

/** Steps that others may come after, by number and first words. */
const stepChoices = (plan: Plan, step: Step) =>
  plan.steps.flatMap((one, i) =>
    one.id === step.id ? [] : [[one.id, `step ${i + 1}, ${firstWords(one)}`] as const],
  );

const lanes: readonly (readonly [StepLane, string])[] = [
  ['stations', 'by each station'],
  ['class', 'once, for the whole class'],
  ['demonstration', 'as a demonstration beside the stations'],
  ['everybody', 'with everybody stopping to look'],
];

/** Who does it, and what it is to be ready together with. */
function LaneLine({ step, number, onChange }: StepPartProps) {
  const { plan } = usePlan();
  const choices = stepChoices(plan, step);
  const gone = step.endsWith !== null && !choices.some(([id]) => id === step.endsWith);
  return (
    <Flex align="baseline" gap="1.5" wrap="wrap">
      Done{' '}
      <Choice
        label={`Who does step ${number}`}
        value={step.lane}
        options={lanes}
        onValue={(lane) => onChange({ lane })}
      />
      {choices.length > 0 && (
        <>
          , ready together with{' '}
          <Choice
            label={`What step ${number} is ready together with`}
            value={step.endsWith ?? ''}
            options={[
              ['', 'nothing else'] as const,
              ...(gone ? [[step.endsWith!, 'a step that is gone'] as const] : []),
              ...choices,
            ]}
            onValue={(id) => onChange({ endsWith: id === '' ? null : id })}
          />
        </>
      )}
    </Flex>
  );
}

function AfterLines({ step, number, onChange }: StepPartProps) {
  const { plan } = usePlan();
  const { after } = step;
  const choices = stepChoices(plan, step);
  const known = new Set(choices.map(([id]) => id));
  const free = choices.find(([id]) => !after.some((one) => one.stepId === id));
  return (
    <>
      {after.map(({ stepId, least, most }, i) => {
        const name = `${i + 1} of what step ${number} comes after`;
        const change = (patch: Partial<Step['after'][number]>) =>
          onChange({ after: withPatchAt(after, i, patch) });
        return (
          <Flex key={i} role="group" align="baseline" gap="1.5" wrap="wrap">
            After{' '}
            <Choice
              label={`Step ${name}`}
              value={stepId}
              options={known.has(stepId) ? choices : [[stepId, 'a step that is gone'] as const, ...choices]}
              onValue={(id) => change({ stepId: id })}
            />
            , at least{' '}
            <NumberField
              label={`Least minutes ${name}`}
              value={least}
              {...range(afterShape.fields.least)}
              unit="min"
              chars={1}
              onValue={(value) => change({ least: value! })}
            />{' '}
            and at most{' '}
            <NumberField
              label={`Most minutes ${name}`}
              value={most}
              {...range(afterShape.fields.most)}
              unit="min"
              mayBeEmpty
              placeholder="any"
              chars={1}
              onValue={(value) => change({ most: value })}
            />{' '}
            min later
            <RemoveButton what={`line ${name}`} onClick={() => onChange({ after: withoutAt(after, i) })} />
          </Flex>
        );
      })}
      {free && !isFull(stepShape.fields.after, after) && (
        <MoreButton
          onClick={() => onChange({ after: [...after, { stepId: free[0], least: 0, most: null }] })}
        >
          {after.length === 0 ? 'after another step than the one above' : 'after one more step'}
        </MoreButton>
      )}{' '}
    </>
  );
}

function NeedLines({ step, number, onChange }: StepPartProps) {
  const { needs } = step;
  return (
    <>
      {needs.map(({ resource, count, celsius }, i) => {
        const name = `${i + 1} of step ${number}`;
        const change = (patch: Partial<Step['needs'][number]>) =>
          onChange({ needs: withPatchAt(needs, i, patch) });
        return (
          <Flex key={i} role="group" align="baseline" gap="1.5" wrap="wrap">
            It takes{' '}
            <NumberField
              label={`How many of need ${name}`}
              value={count}
              {...range(needShape.fields.count)}
              chars={1}
              onValue={(value) => change({ count: value! })}
            />{' '}
            <Choice
              label={`Need ${name}`}
              value={resource}
              options={resourceKinds.map((one) => [one, one] as const)}
              onValue={(one) => change({ resource: one })}
            />{' '}
            at{' '}
            <NumberField
              label={`Temperature of need ${name}`}
              value={celsius}
              {...range(needShape.fields.celsius)}
              unit="°C"
              mayBeEmpty
              placeholder="—"
              chars={1}
              onValue={(value) => change({ celsius: value })}
            />{' '}
            °C
            <RemoveButton what={`need ${name}`} onClick={() => onChange({ needs: withoutAt(needs, i) })} />
          </Flex>
        );
      })}
      {!isFull(stepShape.fields.needs, needs) && (
        <MoreButton
          onClick={() => onChange({ needs: [...needs, { resource: 'hob', count: 1, celsius: null }] })}
        >
          something of the room: hob, oven, refrigerator …
        </MoreButton>
      )}
    </>
  );
}

function WindowLines({ step, number, onChange }: StepPartProps) {
  const { windows } = step;
  return (
    <Box>
      {windows.map(({ words, from, until }, i) => {
        const name = `${i + 1} of step ${number}`;
        const change = (patch: Partial<Step['windows'][number]>) =>
          onChange({ windows: withPatchAt(windows, i, patch) });
        return (
          <Flex key={i} role="group" align="baseline" gap="1.5" wrap="wrap">
            <TextField
              label={`What is done in window ${name}`}
              needed
              most={longest(windowShape.fields.words)}
              value={words}
              chars={1}
              onValue={(value) => change({ words: value })}
            />{' '}
            from{' '}
            <NumberField
              label={`Beginning of window ${name}`}
              value={from}
              {...range(windowShape.fields.from)}
              unit="min"
              mayBeEmpty
              placeholder="the start"
              chars={1}
              onValue={(value) => change({ from: value })}
            />{' '}
            to{' '}
            <NumberField
              label={`End of window ${name}`}
              value={until}
              {...range(windowShape.fields.until)}
              unit="min"
              mayBeEmpty
              placeholder="the end"
              chars={1}
              onValue={(value) => change({ until: value })}
            />{' '}
            min
            <RemoveButton
              what={`window ${name}`}
              onClick={() => onChange({ windows: withoutAt(windows, i) })}
            />
          </Flex>
        );
      })}
      While it goes on:{' '}
      <AddLine
        label={`What is done while step ${number} goes on`}
        placeholder="cut while it is warm"
        most={longest(windowShape.fields.words)}
        full={isFull(stepShape.fields.windows, windows)}
        onAdd={(words) => onChange({ windows: [...windows, { words, from: null, until: null }] })}
      />
    </Box>
  );
}
