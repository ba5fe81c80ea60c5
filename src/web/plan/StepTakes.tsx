import { Box } from '@chakra-ui/react';
import { usesOf } from '../../core/batch';
import { formatNumber } from '../../core/format';
import { inSentence, takeShape, usesNothing, type Ingredient, type Take } from '../../core/practical';
import { range } from '../../core/shape';
import { Choice, NumberField } from '../ui/fields';
import { MoreButton, RemoveButton } from '../ui/line-tools';
import { usePlan } from './edit-context';
import type { StepPartProps } from './step-part';

/** What the step takes of the formula, how much of each, and where that is known from. */
export function StepTakes({ step, number, onChange }: StepPartProps) {
  const { formula } = usePlan().plan;
  if (formula.length === 0) return null;
  const ids = usesOf(step, formula);
  const used = formula.filter(({ id }) => ids.includes(id));
  const others = formula.filter(({ id }) => !ids.includes(id));
  const own = step.uses.length > 0;
  const choose = (chosen: readonly Ingredient[]) => {
    const uses = chosen.map(({ id }) => id);
    onChange({
      uses: uses.length === 0 ? [usesNothing] : uses,
      takes: step.takes.filter(({ ingredientId }) => uses.includes(ingredientId)),
    });
  };
  return (
    <Box>
      It takes {used.length === 0 && <Box as="span">nothing of the formula</Box>}
      {used.map((line, i) => (
        <Box as="span" key={line.id} role="group" mr="1">
          {i > 0 && ', '}
          <Much {...{ step, number, onChange, line }} /> {inSentence(line.name)}
          <RemoveButton
            what={`${line.name} from step ${number}`}
            onClick={() => choose(used.filter((one) => one !== line))}
          />
        </Box>
      ))}
      {others.length > 0 && (
        <>
          {'; '}
          <Choice
            label={`What else step ${number} takes`}
            value=""
            options={[['', 'add …'] as const, ...others.map(({ id, name }) => [id, name] as const)]}
            onValue={(id) => choose(formula.filter((one) => one.id === id || used.includes(one)))}
          />
        </>
      )}{' '}
      {own ? (
        <MoreButton onClick={() => onChange({ uses: [], takes: [] })}>as its words say</MoreButton>
      ) : (
        <Box as="span" color="soft" fontSize="sm">
          by its words
        </Box>
      )}
    </Box>
  );
}

const shares: readonly (readonly [number, string])[] = [
  [1 / 2, 'half of the'],
  [1 / 3, 'a third of the'],
  [2 / 3, 'two thirds of the'],
  [1 / 4, 'a quarter of the'],
  [3 / 4, 'three quarters of the'],
];

type Chosen = 'all' | 'amount' | 'some' | 'rest' | `share ${number}`;

/** All of it, a share, so much, a little, or what is left. */
function Much({ step, number, onChange, line }: StepPartProps & { line: Ingredient }) {
  const take = step.takes.find(({ ingredientId }) => ingredientId === line.id);
  const replace = (next: Omit<Take, 'ingredientId'> | null) =>
    onChange({
      takes: [
        ...step.takes.filter(({ ingredientId }) => ingredientId !== line.id),
        ...(next ? [{ ingredientId: line.id, ...next }] : []),
      ],
    });
  const isShare = take?.how === 'share' && take.value !== null;
  const known = isShare ? shares.find(([value]) => Math.abs(value - take.value!) < 0.001) : undefined;
  const value: Chosen = !take
    ? 'all'
    : isShare
      ? `share ${known?.[0] ?? take.value!}`
      : take.how === 'share'
        ? 'some'
        : take.how;
  const choose = (chosen: Chosen) => {
    if (chosen === 'all') replace(null);
    else if (chosen === 'amount')
      replace({ how: 'amount', value: line.amount === null ? null : line.amount / 2 });
    else if (chosen === 'some' || chosen === 'rest') replace({ how: chosen, value: null });
    else replace({ how: 'share', value: Number(chosen.slice('share '.length)) });
  };
  const options: (readonly [Chosen, string])[] = [
    ['all', 'all the'],
    ...shares.map(([share, words]) => [`share ${share}` as const, words] as const),
    ...(isShare && !known ? [[value, `${formatNumber(take.value! * 100)} % of the`] as const] : []),
    ...(line.amount === null ? [] : [['amount', 'so much of the'] as const]),
    ['some', 'a little of the'],
    ['rest', 'the rest of the'],
  ];
  return (
    <>
      {take?.how === 'amount' && (
        <>
          <NumberField
            label={`How much ${line.name} step ${number} takes`}
            value={take.value}
            {...range(takeShape.fields.value)}
            unit={line.unit}
            chars={1}
            onValue={(amount) => replace({ how: 'amount', value: amount })}
          />{' '}
          {line.unit === 'each' ? '' : `${line.unit} `}
        </>
      )}
      <Choice
        label={`How much of ${line.name} step ${number} takes`}
        value={value}
        options={options}
        onValue={choose}
      />
    </>
  );
}
