import { Box, chakra } from '@chakra-ui/react';
import {
  endsAtLevel,
  factorFields,
  isNumeric,
  mediumOf,
  settingKinds,
  temperatureEnd,
  type Acts,
  type Factor,
  type Plan,
} from '../../core/practical';
import { longest } from '../../core/shape';
import { Choice, TextField } from '../ui/fields';
import { BasisChoice } from './BasisChoice';
import { usePlan } from './edit-context';
import { actingOn, actsGroups, valueOf, withFactor } from './factors';
import { RemoveButton } from '../ui/line-tools';

const Select = chakra('select', {
  base: {
    background: 'transparent',
    border: 'none',
    borderBottom: '1px dashed',
    borderBottomColor: 'strongRule',
    cursor: 'pointer',
    fieldSizing: 'content',
    maxWidth: '100%',
  },
});

/** One factor as a sentence: its name, what of the plan it changes, and how. */
export function FactorLine({ factor, alone }: { factor: Factor; alone: boolean }) {
  const { plan, edit } = usePlan();
  const { acts } = factor;
  const change = (next: Acts) =>
    edit(`factor-${factor.id}-acts`, (was) => withFactor(was, factor, (one) => ({ ...one, acts: next })));
  const which = alone ? '' : factor.name ? ` of ${factor.name}` : ' of the second thing';
  return (
    <Box role="group" display="flex" alignItems="baseline" gap="2" data-anchor={`fair-test:${factor.id}`}>
      <Box flex="1" minW="0">
        <Box as="span" fontWeight="bold" fontSize="lg">
          <TextField
            label={alone ? 'What changes' : `What changes${which}`}
            most={longest(factorFields.name)}
            value={factor.name}
            placeholder="one thing"
            chars={1}
            onValue={(name) =>
              edit(`factor-${factor.id}`, (was) => withFactor(was, factor, (one) => ({ ...one, name })))
            }
          />
        </Box>
        <Box as="span" color="soft" ml="2">
          <KindOfFactor factor={factor} label={alone ? 'Kind of factor' : `Kind of factor${which}`} />
          <How acts={acts} plan={plan} which={which} onActs={change} />
          {isNumeric(factor) && hasOwnUnit(acts) && (
            <>
              {' in '}
              <TextField
                label={`Unit of the factor${which}`}
                most={longest(factorFields.unit)}
                value={factor.unit}
                placeholder="unit"
                chars={1}
                onValue={(unit) =>
                  edit(`factor-${factor.id}-unit`, (was) =>
                    withFactor(was, factor, (one) => ({ ...one, unit })),
                  )
                }
              />
            </>
          )}
        </Box>
      </Box>
      {!alone && (
        <RemoveButton
          what={factor.name || 'the second thing'}
          onClick={() =>
            edit(`factor-${factor.id}-gone`, (was) => ({
              ...was,
              leftOut: [],
              factors: was.factors.filter((one) => one.id !== factor.id),
            }))
          }
        />
      )}
    </Box>
  );
}

/** What of the plan it changes, chosen from the plan’s own ingredients and steps. */
function KindOfFactor({ factor, label }: { factor: Factor; label: string }) {
  const { plan, edit } = usePlan();
  const groups = actsGroups(plan, factor.acts);
  const choose = (value: string) => {
    const chosen = groups.flatMap((group) => group.options).find((one) => one.value === value);
    if (chosen) edit(`factor-${factor.id}-kind`, (was) => actingOn(was, factor, chosen.acts));
  };
  return (
    <Select aria-label={label} value={valueOf(factor.acts)} onChange={(event) => choose(event.target.value)}>
      {groups.map((group) => (
        <optgroup key={group.name} label={group.name}>
          {group.options.map((one) => (
            <option key={one.value} value={one.value}>
              {one.words}
            </option>
          ))}
        </optgroup>
      ))}
    </Select>
  );
}

/** Whether its unit has to be said; a dose, a temperature or minutes bring their own. */
const hasOwnUnit = (acts: Acts) => acts.on === 'words' || (acts.on === 'setting' && acts.what !== 'oven');

interface HowProps<A extends Acts = Acts> {
  acts: A;
  plan: Plan;
  which: string;
  onActs(acts: Acts): void;
}
type Acting<On extends Acts['on']> = HowProps<Extract<Acts, { on: On }>>;

/** The second half of what it acts on: in which measure, on which setting, which side of a piece. */
function How({ acts, ...props }: HowProps) {
  switch (acts.on) {
    case 'amount':
      return <DoseHow acts={acts} {...props} />;
    case 'setting':
      return <SettingHow acts={acts} {...props} />;
    case 'size':
      return <SizeHow acts={acts} {...props} />;
    case 'method':
      return (
        <Box as="span" fontSize="sm">
          {' '}
          (say in a step’s details which levels do it)
        </Box>
      );
    case 'end-temperature':
      return <LevelBasis acts={acts} {...props} />;
    case 'minutes':
    case 'start-temperature':
    case 'swap':
    case 'words':
      return null;
  }
}

/** What the levels of a temperature mean, where a syrup boils lower than at sea level. */
function LevelBasis({ acts, plan, which }: Acting<'end-temperature'>) {
  const { edit } = usePlan();
  const step = plan.steps.find((one) => endsAtLevel(one, { acts }, plan));
  const end = step && temperatureEnd(step);
  if (!step || !end || mediumOf(plan, step) !== 'syrup') return null;
  const meaning = (basis: typeof end.basis) => (was: Plan) => ({
    ...was,
    steps: was.steps.map((one) =>
      one.id === step.id
        ? {
            ...one,
            ends: one.ends.map((other) => (other.kind === 'temperature' ? { ...other, basis } : other)),
          }
        : one,
    ),
  });
  return (
    <>
      {', '}
      <BasisChoice
        label={`What the levels mean${which}`}
        value={end.basis}
        onValue={(basis) => edit(`basis-${step.id}`, meaning(basis))}
      />
    </>
  );
}

function DoseHow({ acts, plan, which, onActs }: Acting<'amount'>) {
  const others = plan.formula.filter((one) => one.id !== acts.ingredientId);
  const shared = (as: typeof acts.as) => as === 'percent-of' || as === 'ratio';
  const known = others.some((one) => one.id === acts.of);
  return (
    <>
      {', '}
      <Choice
        label={`Measure of the dose${which}`}
        value={acts.as}
        options={[
          ['g', 'in grams'],
          ['percent-of', 'as % of'],
          ['percent-of-batch', 'as % of the whole batch'],
          ['times', 'as times what the formula says'],
          ['ratio', 'as parts to one of'],
        ]}
        onValue={(as) => onActs({ ...acts, as, of: shared(as) ? (acts.of ?? others[0]?.id ?? null) : null })}
      />
      {shared(acts.as) && (
        <>
          {' '}
          <Choice
            label={`What the dose is a share of${which}`}
            value={acts.of ?? ''}
            options={[
              ...(known ? [] : [[acts.of ?? '', 'choose …'] as const]),
              ...others.map((one) => [one.id, one.name] as const),
            ]}
            onValue={(of) => onActs({ ...acts, of: of === '' ? null : of })}
          />
        </>
      )}
    </>
  );
}

function SettingHow({ acts, which, onActs }: Acting<'setting'>) {
  return (
    <>
      {': '}
      <Choice
        label={`Which setting${which}`}
        value={acts.what}
        options={settingKinds.map((what) => [what, what] as const)}
        onValue={(what) =>
          onActs({ ...acts, what, scale: what === 'oven' || what === 'hob' ? 'number' : 'words' })
        }
      />
      {', '}
      <Choice
        label={`Numbers or words${which}`}
        value={acts.scale}
        options={[
          ['number', 'a number'],
          ['words', 'in words'],
        ]}
        onValue={(scale) => onActs({ ...acts, scale })}
      />
    </>
  );
}

function SizeHow({ acts, which, onActs }: Acting<'size'>) {
  return (
    <>
      {', its '}
      <Choice
        label={`Which size${which}`}
        value={acts.what}
        options={(['diameter', 'thickness', 'side', 'mass'] as const).map((what) => [what, what] as const)}
        onValue={(what) => onActs({ ...acts, what })}
      />
    </>
  );
}
