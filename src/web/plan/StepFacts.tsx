import { Flex } from '@chakra-ui/react';
import { TriangleAlert } from 'lucide-react';
import { counted, formatNumber, formatTemperature, listed } from '../../core/format';
import {
  levelLabel,
  levelsInOrder,
  localTarget,
  mediumOf,
  settingsWords,
  targetOf,
  workingOfTarget,
  type Plan,
  type Place,
  type Step,
} from '../../core/practical';
import { hazards } from '../../core/safety';
import { WordButton } from '../ui/Button';
import { WorkingPopover } from '../ui/WorkingPopover';
import { mediumWords } from './ThermometerLines';

/** What a row has to know of the plan around its step. */
export type Around = Pick<Plan, 'factors' | 'formula' | 'thermometers'> & { place: Place | null };

/** What ends the step here, what it needs, and what can hurt: what was understood, under its words. */
export function StepFacts({ step, around }: { step: Step; around: Around }) {
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
        <WordButton
          css={{ fontSize: 'sm', textDecorationStyle: 'dashed', whiteSpace: 'normal', textAlign: 'left' }}
        >
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
