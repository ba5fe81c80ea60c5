import { Box, Flex } from '@chakra-ui/react';
import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { ChevronDown, ChevronRight, GripVertical, TriangleAlert } from 'lucide-react';
import { useState } from 'react';
import { formatNumber, formatTemperature } from '../../core/format';
import {
  levelsInOrder,
  targetOf,
  workingOfTarget,
  type Plan,
  type Place,
  type Step,
} from '../../core/practical';
import { hazards } from '../../core/safety';
import { IconButton, WordButton } from '../ui/Button';
import { NumberField, TextField } from '../ui/fields';
import { WorkingPopover } from '../ui/WorkingPopover';
import { usePlan } from './edit-context';
import { RemoveButton } from './line-tools';
import { StepDetails } from './StepDetails';

interface StepRowProps {
  step: Step;
  number: number;
  /** Where its time lies in the period, as shares; null when it is not in the lesson. */
  bar: { from: number; to: number } | null;
  onChange(patch: Partial<Step>): void;
  onRemove(): void;
}

/** One step: its words, what ends it, its dangers, its minutes. Opens to everything else. */
export function StepRow({ step, number, bar, onChange, onRemove }: StepRowProps) {
  const [open, setOpen] = useState(false);
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({
    id: step.id,
  });
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
            most={600}
            value={step.text}
            onValue={(text) => onChange({ text })}
          />
          <StepFacts step={step} />
        </Box>
        <TimeBar
          bar={bar}
          hands={step.hands}
          lookShare={step.lookAt !== null && step.minutes ? step.lookAt / step.minutes : null}
        />
        <Box w="6.3rem" flexShrink={0} lineHeight="1.25">
          <NumberField
            label={`Minutes of step ${number}`}
            value={step.minutes}
            low={0}
            high={10_080}
            mayBeEmpty
            placeholder="?"
            chars={1}
            align="right"
            onValue={(minutes) => onChange({ minutes })}
          />{' '}
          min
          {step.lookAt !== null && (
            <Box fontSize="sm" color="soft">
              look at {formatNumber(step.lookAt)}
            </Box>
          )}
        </Box>
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
}

/** What ends the step here, and what can hurt: one line under its words. */
function StepFacts({ step }: { step: Step }) {
  const { plan, place } = usePlan();
  const end = endpointWords(plan, place, step);
  const when = { before: 'before the lesson', lesson: '', after: 'after the lesson' }[step.when];
  if (!end && step.hazards.length === 0 && !when && !step.event) return null;
  return (
    <Flex wrap="wrap" columnGap="3" fontSize="sm" color="soft" align="baseline">
      {when && <strong>{when}</strong>}
      {end}
      {step.hazards.map((id) => (
        <Flex
          key={id}
          as="span"
          align="center"
          gap="1"
          color="ember"
          fontWeight="bold"
          title={hazards[id].caution}
        >
          <TriangleAlert size={13} aria-hidden />
          {hazards[id].name}
        </Flex>
      ))}
      {step.event && <span>log “{step.event}”</span>}
    </Flex>
  );
}

function endpointWords(plan: Plan, place: Place | null, step: Step) {
  const { endpoint } = step;
  if (endpoint.kind === 'appearance') return endpoint.look ? <span>until {endpoint.look}</span> : null;
  if (endpoint.kind === 'temperature') {
    const target = targetOf(plan, endpoint, undefined, place)!;
    return (
      <WorkingPopover working={workingOfTarget(target, place)} title="Where this step ends">
        <WordButton css={{ fontSize: 'sm', textDecorationStyle: 'dashed' }}>
          until {formatTemperature(target.localC)} here ({formatTemperature(target.localC, 'F')})
          {target.shifted && `; ${formatNumber(target.seaLevelC)} °C at sea level`}
        </WordButton>
      </WorkingPopover>
    );
  }
  if (endpoint.kind === 'level' && plan.factor.kind === 'target') {
    const targets = levelsInOrder(plan.factor).map((level) => targetOf(plan, endpoint, level, place)?.localC);
    const known = targets.filter((celsius) => celsius !== undefined);
    return (
      <span>
        until the station’s own level
        {known.length > 0 && `: ${known.map((celsius) => formatNumber(celsius, 1)).join(' / ')} °C here`}
      </span>
    );
  }
  return null;
}

interface TimeBarProps {
  bar: StepRowProps['bar'];
  hands: Step['hands'];
  lookShare: number | null;
}

/** Minutes as a bar at their place in the period: solid for hands, hatched for waiting, a notch for the early look. */
function TimeBar({ bar, hands, lookShare }: TimeBarProps) {
  return (
    <Box
      w={{ base: '100%', lg: '150px' }}
      flexShrink={0}
      h="22px"
      position="relative"
      aria-hidden
      order={{ base: 1, lg: 0 }}
    >
      <Box position="absolute" left="0" right="0" top="11px" h="1px" bg="rule" />
      {bar && (
        <Box
          position="absolute"
          top="6px"
          h="10px"
          borderRadius="2px"
          style={{ left: `${bar.from * 100}%`, width: `max(3px, ${(bar.to - bar.from) * 100}%)` }}
          css={hands === 'hands-on' ? { bg: 'tawny' } : waitingHatch}
        >
          {lookShare !== null && lookShare <= 1 && (
            <Box
              position="absolute"
              top="-4px"
              h="18px"
              w="2px"
              bg="ink"
              style={{ left: `${lookShare * 100}%` }}
            />
          )}
        </Box>
      )}
    </Box>
  );
}

export const waitingHatch = {
  backgroundImage:
    'repeating-linear-gradient(135deg, var(--chakra-colors-strong-rule) 0 4px, var(--chakra-colors-paper) 4px 7px)',
  outline: '1px solid var(--chakra-colors-strong-rule)',
  outlineOffset: '-1px',
};
