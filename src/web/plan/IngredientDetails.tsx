import { Box, Flex } from '@chakra-ui/react';
import { type Ingredient, ingredientShape, ratioShape } from '../../core/practical';
import { longest, range } from '../../core/shape';
import { Check } from '../ui/Check';
import { Choice, NumberField, TextField } from '../ui/fields';
import { usePlan } from './edit-context';

type Ratio = NonNullable<Ingredient['ratio']>;

interface IngredientDetailsProps {
  ingredient: Ingredient;
  onChange(patch: Partial<Ingredient>): void;
}

/** Everything of an ingredient that does not fit its row. */
export function IngredientDetails({ ingredient, onChange }: IngredientDetailsProps) {
  const { name } = ingredient;
  return (
    <Flex
      bg="paper"
      borderRadius="6px"
      p="3"
      wrap="wrap"
      columnGap="6"
      rowGap="2"
      align="baseline"
      fontSize="sm"
    >
      <span>
        Measured out by{' '}
        <Choice
          label={`Who measures out ${name}`}
          value={ingredient.by}
          options={[
            ['students', 'students'],
            ['staff', 'staff'],
            ['shared', 'one batch for the class'],
          ]}
          onValue={(by) => onChange({ by })}
        />
      </span>
      <span>
        As it goes in:{' '}
        <TextField
          label={`State of ${name}`}
          most={longest(ingredientShape.fields.state)}
          value={ingredient.state}
          placeholder="cold, sifted …"
          chars={1}
          onValue={(state) => onChange({ state })}
        />
      </span>
      <span>
        Measure filled{' '}
        <Choice
          label={`How the measure of ${name} is filled`}
          value={ingredient.fill ?? ''}
          options={[
            ['', 'as usual'],
            ['level', 'level'],
            ['heaped', 'heaped'],
            ['scant', 'scant'],
            ['packed', 'packed'],
          ]}
          onValue={(fill) => onChange({ fill: fill === '' ? null : fill })}
        />
      </span>
      <AmountBy ingredient={ingredient} onChange={onChange} />
      <Flex asChild align="center" gap="2">
        <label>
          <Check
            type="checkbox"
            checked={ingredient.optional}
            onChange={(event) => onChange({ optional: event.target.checked })}
          />
          if liked
        </label>
      </Flex>
      <span>
        Note:{' '}
        <TextField
          label={`Note on ${name}`}
          most={longest(ingredientShape.fields.note)}
          value={ingredient.note}
          placeholder="anything else"
          chars={1}
          onValue={(note) => onChange({ note })}
        />
      </span>
      {ingredient.typed !== '' && <Box color="soft">typed as “{ingredient.typed}”</Box>}
    </Flex>
  );
}

/** Its own amount, or one that follows another ingredient. */
function AmountBy({ ingredient, onChange }: IngredientDetailsProps) {
  const { plan } = usePlan();
  const { name, ratio } = ingredient;
  const others = plan.formula.filter((one) => one.id !== ingredient.id);
  return (
    <span>
      Amount{' '}
      <Choice
        label={`How the amount of ${name} is given`}
        value={ratio ? 'ratio' : 'own'}
        options={[
          ['own', 'as it says'],
          ...(others.length > 0 || ratio ? [['ratio', 'by another ingredient:'] as const] : []),
        ]}
        onValue={(how) =>
          onChange({ ratio: how === 'own' ? null : { of: others[0]!.id, times: 1, by: 'mass' } })
        }
      />
      {ratio && (
        <>
          {' '}
          <RatioFields name={name} ratio={ratio} others={others} onRatio={(to) => onChange({ ratio: to })} />
        </>
      )}
    </span>
  );
}

interface RatioFieldsProps {
  name: string;
  ratio: Ratio;
  others: readonly Ingredient[];
  onRatio(ratio: Ratio): void;
}

/** “2 × water by mass”. */
function RatioFields({ name, ratio, others, onRatio }: RatioFieldsProps) {
  return (
    <>
      <NumberField
        label={`Times of ${name}`}
        value={ratio.times}
        {...range(ratioShape.fields.times)}
        chars={1}
        onValue={(times) => onRatio({ ...ratio, times: times! })}
      />{' '}
      ×{' '}
      <Choice
        label={`What ${name} goes by`}
        value={others.some((one) => one.id === ratio.of) ? ratio.of : ''}
        options={[
          ...(others.some((one) => one.id === ratio.of) ? [] : [['', 'choose …'] as const]),
          ...others.map((one) => [one.id, one.name] as const),
        ]}
        onValue={(of) => of !== '' && onRatio({ ...ratio, of })}
      />{' '}
      by{' '}
      <Choice
        label={`Mass or volume of ${name}`}
        value={ratio.by}
        options={[
          ['mass', 'mass'],
          ['volume', 'volume'],
        ]}
        onValue={(by) => onRatio({ ...ratio, by })}
      />
    </>
  );
}
