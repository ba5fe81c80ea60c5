import { Box, chakra } from '@chakra-ui/react';
import { memo, useMemo } from 'react';
import { ingredientGrams } from '../../core/batch';
import {
  classTotals,
  inSentence,
  newIngredient,
  readIngredient,
  stationPlan,
  treatmentsOf,
  variedAmount,
  type Ingredient,
  type Plan,
  ingredientShape,
  planShape,
} from '../../core/practical';
import { isFull, longest } from '../../core/shape';
import { usePlan } from './edit-context';
import { BatchLines } from './BatchLines';
import { IngredientRow } from './IngredientRow';
import { AddLine } from '../ui/line-tools';
import { newId } from '../ui/lists';
import { seatsOf } from './seats';
import { Section } from '../ui/Section';

const Head = chakra('th', {
  base: { pb: '1', pr: '3', fontWeight: 'medium', color: 'soft', fontSize: 'sm', textAlign: 'left' },
});

/** One batch: what goes in, how much, what it does. */
export const FormulaSection = memo(function FormulaSection() {
  const { plan } = usePlan();
  const own = useBatch(plan);
  const total = own.batch.reduce((sum, one) => sum + (one.grams ?? 0), 0);
  return (
    <Section name="Formula" anchor="formula">
      {plan.formula.length > 0 && (
        <Box overflowX="auto" position="relative">
          <chakra.table w="100%" css={{ borderCollapse: 'collapse' }}>
            <Heads stations={plan.stations} />
            <tbody>
              {plan.formula.map((ingredient, i) => (
                <IngredientRow
                  key={ingredient.id}
                  ingredient={ingredient}
                  grams={own.batch[i]?.grams ?? null}
                  varied={own.varied[i] ?? null}
                  byLevel={own.byLevel.has(ingredient.id)}
                  like={likeOf(plan, ingredient)}
                  total={total}
                  inAll={own.totals[i]?.grams ?? null}
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
        <AddIngredient full={isFull(planShape.fields.formula, plan.formula)} />
        {plan.formula.some((one) => ['tsp', 'tbsp', 'cup'].includes(one.unit)) && (
          <Box as="span" fontSize="sm" color="soft">
            Spoons are level metric ones, 5 ml and 15 ml; a cup is 250 ml.
          </Box>
        )}
      </Box>
      {plan.formula.length > 0 && <BatchLines batch={own.batch} total={total} />}
    </Section>
  );
});

/** One batch, what varies in it, and what the class takes of it in all. */
function useBatch(plan: Plan) {
  const { formula, factors } = plan;
  return useMemo(() => {
    const batch = { ...plan, steps: [] };
    const treatments = treatmentsOf(batch);
    const control = treatments.find((treatment) => treatment.control) ?? treatments[0] ?? null;
    const all = (treatments.length === 0 ? [null] : treatments).map((one) =>
      stationPlan(batch, null, one, ingredientGrams),
    );
    return {
      batch: stationPlan(batch, null, control, ingredientGrams).ingredients,
      varied: formula.map(({ id }) => variedAmount(id, all)),
      totals: classTotals(batch, seatsOf(batch), ingredientGrams),
      // Where the level says how much, the amount of the formula is nobody’s.
      byLevel: new Set(
        factors.flatMap(({ acts, levels }) =>
          acts.on === 'amount' && acts.as !== 'times' && levels.length > 0 && acts.ingredientId
            ? [acts.ingredientId]
            : [],
        ),
      ),
    };
    // Of the plan only what the batch hangs on: a sentence of the method changes no gram.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [formula, factors, plan.leftOut, plan.stations]);
}

function Heads({ stations }: { stations: number }) {
  return (
    <thead>
      <chakra.tr borderBottomWidth="1px" borderColor="rule">
        <Head w="28%">One station’s batch</Head>
        <Head textAlign="right">Amount</Head>
        <Head textAlign="right">Grams</Head>
        <Head textAlign="right">Share</Head>
        <Head textAlign="right" whiteSpace="nowrap">
          {stations} stations
        </Head>
        <Head>Job in the batch</Head>
        <Head w="52px" pr="0">
          <Box srOnly>Remove</Box>
        </Head>
      </chakra.tr>
    </thead>
  );
}

/** An open line: an ingredient as it is typed is understood, and its words stay. */
function AddIngredient({ full }: { full: boolean }) {
  const { edit } = usePlan();
  return (
    <AddLine
      label="Add an ingredient"
      most={longest(ingredientShape.fields.typed)}
      full={full}
      placeholder="an ingredient, such as 120 g caster sugar"
      onAdd={(text) => {
        const read = readIngredient(text);
        if (!/\p{L}/u.test(read.name)) return `“${text}” has no name; write it as 120 g caster sugar`;
        if ((read.amount ?? 0) > 100_000) return `amount is “${text}”; allowed: 0 to 100000`;
        const ingredient = newIngredient({ id: newId(), ...read });
        edit('formula', (was) => ({ ...was, formula: [...was.formula, ingredient] }));
      }}
    />
  );
}

/** The ingredient another goes by, inside a sentence. */
function likeOf({ formula }: Plan, { ratio }: Ingredient): string {
  const other = formula.find((one) => one.id === ratio?.of);
  return other ? inSentence(other.name) : '…';
}
