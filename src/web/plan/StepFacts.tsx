import { Flex } from '@chakra-ui/react';
import { TriangleAlert } from 'lucide-react';
import { formatNumber, formatTemperature, listed } from '../../core/format';
import {
  endingAt,
  endsAtLevel,
  levelLabel,
  levelsInOrder,
  mediumOf,
  stepMarks,
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
export type Around = Pick<Plan, 'factors' | 'formula' | 'thermometers'> & {
  place: Place | null;
  /** Ids of the steps, in their order. */
  order: readonly string[];
};

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

/** A step’s facts in a few words each. */
function factsOf(plan: Around, step: Step): string[] {
  const levels = step.only.flatMap((id) =>
    plan.factors.flatMap((factor) =>
      factor.levels.filter((level) => level.id === id).map((level) => levelLabel(plan, factor, level)),
    ),
  );
  const settings = variedSettings(plan, step);
  return [
    levels.length > 0 ? `only for ${listed(levels)}` : '',
    settings,
    // Its minutes and its early look stand in the bar.
    ...stepMarks(step, plan.order, 'C', ['minutes', 'lookAt', ...(settings ? (['settings'] as const) : [])]),
  ].filter(Boolean);
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
  const factor = around.factors.find((one) => endsAtLevel(step, one, around));
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
  const known = (factor ? levelsInOrder(factor) : []).flatMap(({ value }) => {
    const target = value === null ? null : targetOf(around, endingAt(step, value), place);
    return target ? [formatNumber(target.localC, 1)] : [];
  });
  return (
    <span>
      until the station’s own level
      {known.length > 0 && `: ${[...new Set(known)].join(' / ')} °C here`}
    </span>
  );
}
