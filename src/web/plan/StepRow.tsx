import { Box, Flex } from '@chakra-ui/react';
import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { ChevronDown, ChevronRight, GripVertical } from 'lucide-react';
import { memo, useState } from 'react';
import { formatNumber } from '../../core/format';
import {
  earlyLook,
  minutesWords,
  stepMinutes,
  stepShape,
  withMinutes,
  type Step,
} from '../../core/practical';
import { longest, range } from '../../core/shape';
import { IconButton } from '../ui/Button';
import { NumberField, TextField } from '../ui/fields';
import { useEdit } from './edit-context';
import { RemoveButton } from '../ui/line-tools';
import { withItem, without } from '../ui/lists';
import { StepDetails } from './StepDetails';
import { StepFacts, type Around } from './StepFacts';
import { TimeBar } from './TimeBar';

interface StepRowProps {
  step: Step;
  number: number;
  around: Around;
  /** Where its time lies in the period, as shares, for the first who do it, and until when the last are; null: not laid out. */
  from: number | null;
  to: number | null;
  until: number | null;
}

/** One step: its words, what ends it, its dangers, its minutes. Opens to everything else. */
export const StepRow = memo(function StepRow({ step, number, around, from, to, until }: StepRowProps) {
  const edit = useEdit();
  const onChange = (patch: Partial<Step>) =>
    edit(`${step.id}-${Object.keys(patch)[0]}`, (was) => ({
      ...was,
      steps: withItem(was.steps, step.id, patch),
    }));
  const onRemove = () => edit(`${step.id}-gone`, (was) => ({ ...was, steps: without(was.steps, step.id) }));
  const bar = from === null || to === null || until === null ? null : { from, to, until };
  const [open, setOpen] = useState(false);
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({
    id: step.id,
  });
  const look = earlyLook(step);
  const length = stepMinutes(step)?.most ?? 0;
  return (
    <Box
      as="li"
      ref={setNodeRef}
      data-anchor={`method:${step.id}`}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      bg={isDragging ? 'tawnyWash' : undefined}
      position="relative"
      zIndex={isDragging ? 1 : undefined}
      py="1.5"
    >
      <Flex align="flex-start" gap="2" wrap={{ base: 'wrap', lg: 'nowrap' }} role="group">
        <IconButton
          {...attributes}
          {...listeners}
          aria-label={`Move step ${number}`}
          title="Drag, or Space and arrows"
          css={{ cursor: 'grab', minW: '20px', minH: '24px', touchAction: 'none' }}
        >
          <GripVertical size={14} />
        </IconButton>
        <Box color="soft" w="1.1rem" flexShrink={0}>
          {number}
        </Box>
        <Box flex="1" minW="12rem">
          <TextField
            label={`Step ${number}`}
            needed
            multiline
            most={longest(stepShape.fields.text)}
            value={step.text}
            onValue={(text) => onChange({ text })}
          />
          <StepFacts step={step} around={around} />
        </Box>
        <TimeBar bar={bar} hands={step.hands} lookShare={look !== null && length ? look / length : null} />
        <Minutes step={step} number={number} around={around} onChange={onChange} />
        <Flex>
          <IconButton
            aria-expanded={open}
            aria-label={`Details of step ${number}`}
            title="Endpoint, cautions, early look …"
            onClick={() => setOpen(!open)}
            css={{ minW: '24px', minH: '24px' }}
          >
            {open ? <ChevronDown size={16} /> : <ChevronRight size={16} />}
          </IconButton>
          <RemoveButton what={`step ${number}`} onClick={onRemove} />
        </Flex>
      </Flex>
      {open && <StepDetails step={step} number={number} onChange={onChange} />}
    </Box>
  );
});

interface MinutesProps extends Pick<StepRowProps, 'step' | 'number' | 'around'> {
  onChange(patch: Partial<Step>): void;
}

/** How long it takes, at its levels too, and when to look. */
function Minutes({ step, number, around, onChange }: MinutesProps) {
  const look = earlyLook(step);
  return (
    <Box w="6.3rem" flexShrink={0} lineHeight="1.25">
      <NumberField
        label={`Minutes of step ${number}`}
        value={step.minutes}
        {...range(stepShape.fields.minutes)}
        mayBeEmpty
        placeholder="?"
        chars={1}
        align="right"
        onValue={(minutes) => onChange(withMinutes(step, minutes))}
      />{' '}
      min
      {(step.minutesTo !== null || step.per !== 'once') && (
        <Box fontSize="sm" color="soft">
          {minutesWords(step)}
        </Box>
      )}
      <VariedMinutes step={step} around={around} />
      {look !== null && (
        <Box fontSize="sm" color="soft">
          look at {formatNumber(look)}
        </Box>
      )}
    </Box>
  );
}

/** Minutes that are another at every level: “4 · 6 · 8 min”. */
function VariedMinutes({ step, around }: { step: Step; around: Around }) {
  const factor = around.factors.find(({ acts }) => acts.on === 'minutes' && acts.stepId === step.id);
  if (!factor) return null;
  const values = factor.levels
    .flatMap((level) => (level.value === null ? [] : [level.value]))
    .sort((a, b) => a - b);
  return (
    <Box fontSize="sm" color="glass" fontWeight="bold">
      {values.map((value) => formatNumber(value)).join(' · ')} by level
    </Box>
  );
}
