import { Box, chakra } from '@chakra-ui/react';
import { amountUnits, type AmountUnit } from '../../core/formula';
import { ingredientGrams } from '../../core/batch';
import { capitalised, formatNumber } from '../../core/format';
import { type Ingredient } from '../../core/practical';
import { Choice, NumberField, TextField } from '../ui/fields';
import { usePlan } from './edit-context';
import { AddLine, RemoveButton } from './line-tools';
import { newId, withItem, without } from './lists';
import { Section } from './Section';

const Cell = chakra('td', { base: { py: '1', pr: '3', verticalAlign: 'baseline' } });
const Head = chakra('th', {
  base: { pb: '1', pr: '3', fontWeight: 'medium', color: 'soft', fontSize: 'sm', textAlign: 'left' },
});

const units = amountUnits.map((unit) => [unit, unit] as const);

/** One batch: what goes in, how much, what it does. */
export function FormulaSection() {
  const { plan, edit } = usePlan();
  const grams = plan.formula.map(ingredientGrams);
  const total = grams.reduce<number>((sum, one) => sum + (one ?? 0), 0);
  return (
    <Section name="Formula" anchor="formula">
      {plan.formula.length > 0 && (
        <Box overflowX="auto">
          <chakra.table w="100%" css={{ borderCollapse: 'collapse' }}>
            <thead>
              <chakra.tr borderBottomWidth="1px" borderColor="rule">
                <Head w="32%">One station’s batch</Head>
                <Head textAlign="right">Amount</Head>
                <Head textAlign="right">Grams</Head>
                <Head textAlign="right">Share</Head>
                <Head>Job in the batch</Head>
                <Head w="28px" pr="0">
                  <Box srOnly>Remove</Box>
                </Head>
              </chakra.tr>
            </thead>
            <tbody>
              {plan.formula.map((ingredient, i) => (
                <IngredientRow
                  key={ingredient.id}
                  ingredient={ingredient}
                  grams={grams[i] ?? null}
                  total={total}
                  onChange={(patch) =>
                    edit(`${ingredient.id}-${Object.keys(patch)[0]}`, (was) => ({
                      ...was,
                      formula: withItem(was.formula, ingredient.id, patch),
                    }))
                  }
                  onRemove={() =>
                    edit(`${ingredient.id}-gone`, (was) => ({
                      ...was,
                      formula: without(was.formula, ingredient.id),
                    }))
                  }
                />
              ))}
            </tbody>
          </chakra.table>
        </Box>
      )}
      <Box
        mt="1.5"
        display="flex"
        gap="4"
        alignItems="baseline"
        justifyContent="space-between"
        flexWrap="wrap"
      >
        <AddLine
          label="Add an ingredient"
          most={80}
          full={plan.formula.length >= 40}
          placeholder="an ingredient, such as 120 g caster sugar"
          onAdd={(text) => {
            const parsed = readIngredient(text);
            if (typeof parsed === 'string') return parsed;
            edit('formula', (was) => ({
              ...was,
              formula: [...was.formula, { id: newId(), job: '', ...parsed }],
            }));
          }}
        />
        {plan.formula.some((one) => one.unit === 'tsp' || one.unit === 'tbsp') && (
          <Box as="span" fontSize="sm" color="soft">
            Spoons are level metric ones: 5 ml and 15 ml.
          </Box>
        )}
      </Box>
    </Section>
  );
}

interface IngredientRowProps {
  ingredient: Ingredient;
  grams: number | null;
  total: number;
  onChange(patch: Partial<Ingredient>): void;
  onRemove(): void;
}

function IngredientRow({ ingredient, grams, total, onChange, onRemove }: IngredientRowProps) {
  const { name } = ingredient;
  return (
    <tr role="group" aria-label={name} data-anchor={`formula:${ingredient.id}`}>
      <Cell>
        <TextField
          label="Ingredient"
          needed
          most={80}
          value={name}
          onValue={(value) => onChange({ name: value })}
        />
      </Cell>
      <Cell textAlign="right" whiteSpace="nowrap" fontWeight="semibold">
        <NumberField
          label={`Amount of ${name}`}
          value={ingredient.amount}
          low={0}
          high={100_000}
          mayBeEmpty
          align="right"
          placeholder="?"
          chars={1}
          onValue={(amount) => onChange({ amount })}
        />{' '}
        <Choice
          label={`Unit of ${name}`}
          value={ingredient.unit}
          options={units}
          onValue={(unit: AmountUnit) => onChange({ unit })}
        />
      </Cell>
      <Cell textAlign="right" color={grams === null ? 'soft' : 'ink'}>
        {grams === null ? '—' : formatNumber(Number(grams.toFixed(grams < 10 ? 1 : 0)))}
      </Cell>
      <Cell textAlign="right" color="soft">
        {grams === null || total === 0
          ? '—'
          : `${formatNumber((grams / total) * 100, grams / total < 0.1 ? 1 : 0)} %`}
      </Cell>
      <Cell>
        <TextField
          label={`Job of ${name}`}
          most={120}
          value={ingredient.job}
          placeholder="what it does"
          onValue={(job) => onChange({ job })}
        />
      </Cell>
      <Cell pr="0">
        <RemoveButton what={name} onClick={onRemove} />
      </Cell>
    </tr>
  );
}

/** Reads “120 g caster sugar”, “2 tbsp golden syrup”, “1 egg”, “salt”. */
function readIngredient(text: string): Pick<Ingredient, 'name' | 'amount' | 'unit'> | string {
  const match = /^([\d.,½¼¾]+)\s*(kg|g|ml|l|tsp|tbsp|each)?\s+(.+)$/i.exec(text);
  if (!match) {
    if (/^\d/.test(text)) return `“${text}” has no name; write it as 120 g caster sugar`;
    return { name: text, amount: null, unit: 'g' };
  }
  const [, digits = '', unit, name = ''] = match;
  const amount = Number(digits.replace(',', '.').replace('½', '.5').replace('¼', '.25').replace('¾', '.75'));
  if (!Number.isFinite(amount)) return `amount is “${digits}”; allowed: a number from 0 to 100000`;
  return {
    name: capitalised(name),
    amount,
    unit: (unit?.toLowerCase() as AmountUnit) ?? 'each',
  };
}
