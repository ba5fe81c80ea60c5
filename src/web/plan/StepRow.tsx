import { Box, Flex } from '@chakra-ui/react';
import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { ChevronDown, ChevronRight, GripVertical, TriangleAlert } from 'lucide-react';
import { memo, useState } from 'react';
import { counted, formatNumber, formatTemperature, listed } from '../../core/format';
import {
  earlyLook,
  levelLabel,
  levelsInOrder,
  localTarget,
  mediumOf,
  minutesWords,
  settingsWords,
  stepMinutes,
  targetOf,
  workingOfTarget,
  type Plan,
  type Place,
  type Step,
  stepShape,
} from '../../core/practical';
import { longest, range } from '../../core/shape';
import { hazards } from '../../core/safety';
import { IconButton, WordButton } from '../ui/Button';
import { NumberField, TextField } from '../ui/fields';
import { WorkingPopover } from '../ui/WorkingPopover';
import { useEdit } from './edit-context';
import { RemoveButton } from './line-tools';
import { withItem, without } from './lists';
import { StepDetails } from './StepDetails';
import { mediumWords } from './ThermometerLines';

/** What a row has to know of the plan around its step. */
export type Around = Pick<Plan, 'factors' | 'formula' | 'thermometers'> & { place: Place | null };

interface StepRowProps {
  step: Step;
  number: number;
  around: Around;
  /** Where its time lies in the period, as shares; null when it is not in the lesson. */
  from: number | null;
  to: number | null;
}

/** One step: its words, what ends it, its dangers, its minutes. Opens to everything else. */
export const StepRow = memo(function StepRow({ step, number, around, from, to }: StepRowProps) {
  const edit = useEdit();
  const onChange = (patch: Partial<Step>) =>
    edit(`${step.id}-${Object.keys(patch)[0]}`, (was) => ({
      ...was,
      steps: withItem(was.steps, step.id, patch),
    }));
  const onRemove = () => edit(`${step.id}-gone`, (was) => ({ ...was, steps: without(was.steps, step.id) }));
  const bar = from === null || to === null ? null : { from, to };
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
        <Box w="6.3rem" flexShrink={0} lineHeight="1.25">
          <NumberField
            label={`Minutes of step ${number}`}
            value={step.minutes}
            {...range(stepShape.fields.minutes)}
            mayBeEmpty
            placeholder="?"
            chars={1}
            align="right"
            onValue={(minutes) => onChange({ minutes })}
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

/** What ends the step here, what it needs, and what can hurt: what was understood, under its words. */
function StepFacts({ step, around }: { step: Step; around: Around }) {
  const end = endWords(around, step);
  const facts = factsOf(around, step);
  if (!end && facts.length === 0 && step.hazards.length === 0 && !step.event) return null;
  return (
    <Flex wrap="wrap" columnGap="3" fontSize="sm" color="soft" align="baseline">
      {facts.map((fact) => (
        <span key={fact}>{fact}</span>
      ))}
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

const stirWords = { always: 'stir all the time', 'now-and-then': 'stir now and then', never: 'do not stir' };

/** A step’s facts in a few words each. */
function factsOf(plan: Around, step: Step): string[] {
  const when = { before: 'before the lesson', lesson: '', after: 'after the lesson' }[step.when];
  const days =
    step.day === 0 ? '' : ` (${counted(Math.abs(step.day), 'day')} ${step.day < 0 ? 'before' : 'after'})`;
  const levels = step.only.flatMap((id) =>
    plan.factors.flatMap((factor) =>
      factor.levels.filter((level) => level.id === id).map((level) => levelLabel(plan, factor, level)),
    ),
  );
  return [
    when && when + days,
    levels.length > 0 ? `only for ${listed(levels)}` : '',
    variedSettings(plan, step) || settingsWords(step.settings, 'C'),
    step.stayBelowC === null ? '' : `stay below ${formatTemperature(step.stayBelowC)}`,
    step.stir === null ? '' : stirWords[step.stir],
    { open: '', glass: 'look through the glass', shut: 'door stays shut' }[step.door],
    step.people > 1 ? `${step.people} people` : '',
    step.adult ? 'adult does this' : '',
    step.optional ? 'if wanted' : '',
    step.tryOne ? 'one piece first' : '',
    step.repeatUntil ? `again until ${step.repeatUntil}` : '',
    step.safeStop ? 'safe place to stop' : '',
    step.ready.length > 0 ? `ready: ${step.ready.join(', ')}` : '',
    ...step.windows.map(windowWords),
  ].filter(Boolean);
}

function windowWords({ words, from, until }: Step['windows'][number]): string {
  const edges = [
    from === null ? '' : `from ${formatNumber(from)} min`,
    until === null ? '' : `until ${formatNumber(until)} min`,
  ];
  return [words, ...edges.filter(Boolean)].join(' ');
}

/** A setting that is another at every level: “oven 180 · 200 °C by level”. */
function variedSettings(plan: Around, step: Step): string {
  const factor = plan.factors.find(({ acts }) => acts.on === 'setting' && acts.stepId === step.id);
  if (!factor || factor.acts.on !== 'setting') return '';
  return `${factor.acts.what} ${factor.levels.map((level) => levelLabel(plan, factor, level)).join(' · ')} by level`;
}

/** What ends the step besides its time: signs in words, and the temperature it comes to at the stations here. */
function endWords(plan: Around, step: Step) {
  const signs = step.ends.flatMap((end) => (end.kind === 'sign' && end.words ? [end.words] : []));
  const joined = step.need === 'all' ? ' and ' : ' or ';
  const end = step.ends.find((one) => one.kind === 'temperature');
  const temperature = end ? <TemperatureWords around={plan} step={step} /> : null;
  if (signs.length === 0) return temperature;
  return (
    <span>
      until {signs.join(joined)}
      {temperature && (
        <>
          {joined}
          {temperature}
        </>
      )}
    </span>
  );
}

function TemperatureWords({ around, step }: { around: Around; step: Step }) {
  const { place } = around;
  const medium = mediumOf(around, step);
  const factor = around.factors.find(({ acts }) => acts.on === 'end-temperature' && acts.stepId === step.id);
  const fixed = factor ? null : targetOf(around, step, place);
  if (fixed) {
    return (
      <WorkingPopover working={workingOfTarget(fixed, place)} title="Where this step ends">
        <WordButton css={{ fontSize: 'sm', textDecorationStyle: 'dashed' }}>
          until {formatTemperature(fixed.localC)} here ({formatTemperature(fixed.localC, 'F')})
          {fixed.shifted && `; ${formatNumber(fixed.seaLevelC)} °C at sea level`}
          {medium !== null && medium !== 'syrup' && `, ${mediumWords[medium]}`}
        </WordButton>
      </WorkingPopover>
    );
  }
  const known = (factor ? levelsInOrder(factor) : []).flatMap(({ value }) =>
    value === null ? [] : [formatNumber(localTarget(value, medium === 'syrup', place).localC, 1)],
  );
  return (
    <span>
      until the station’s own level
      {known.length > 0 && `: ${[...new Set(known)].join(' / ')} °C here`}
    </span>
  );
}

interface TimeBarProps {
  bar: { from: number; to: number } | null;
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
