import { Box, chakra } from '@chakra-ui/react';
import { ChevronDown, ChevronRight } from 'lucide-react';
import { memo, useMemo, useState } from 'react';
import { ingredientGrams } from '../../core/batch';
import { amountUnits, type AmountUnit } from '../../core/formula';
import { formatNumber } from '../../core/format';
import {
  classTotals,
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
import { isFull, longest, range } from '../../core/shape';
import { IconButton } from '../ui/Button';
import { Choice, NumberField, TextField } from '../ui/fields';
import { useEdit, usePlan } from './edit-context';
import { IngredientDetails } from './IngredientDetails';
import { seatsOf } from './LevelPicture';
import { AddLine, RemoveButton } from './line-tools';
import { newId, withItem, without } from './lists';
import { Section } from './Section';

const Cell = chakra('td', { base: { py: '1', pr: '3', verticalAlign: 'baseline' } });
const Head = chakra('th', {
  base: { pb: '1', pr: '3', fontWeight: 'medium', color: 'soft', fontSize: 'sm', textAlign: 'left' },
});

const units = amountUnits.map((unit) => [unit, unit] as const);

/** One batch: what goes in, how much, what it does. */
export const FormulaSection = memo(function FormulaSection() {
  const { plan, edit } = usePlan();
  const { formula, factors } = plan;
  const own = useMemo(() => {
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
  const total = own.batch.reduce((sum, one) => sum + (one.grams ?? 0), 0);
  return (
    <Section name="Formula" anchor="formula">
      {plan.formula.length > 0 && (
        <Box overflowX="auto">
          <chakra.table w="100%" css={{ borderCollapse: 'collapse' }}>
            <thead>
              <chakra.tr borderBottomWidth="1px" borderColor="rule">
                <Head w="28%">One station’s batch</Head>
                <Head textAlign="right">Amount</Head>
                <Head textAlign="right">Grams</Head>
                <Head textAlign="right">Share</Head>
                <Head textAlign="right" whiteSpace="nowrap">
                  {plan.stations} stations
                </Head>
                <Head>Job in the batch</Head>
                <Head w="52px" pr="0">
                  <Box srOnly>Remove</Box>
                </Head>
              </chakra.tr>
            </thead>
            <tbody>
              {plan.formula.map((ingredient, i) => (
                <IngredientRow
                  key={ingredient.id}
                  ingredient={ingredient}
                  grams={own.batch[i]?.grams ?? null}
                  varied={own.varied[i] ?? null}
                  byLevel={own.byLevel.has(ingredient.id)}
                  like={nameOf(plan, ingredient.ratio?.of)}
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
        <AddLine
          label="Add an ingredient"
          most={longest(ingredientShape.fields.typed)}
          full={isFull(planShape.fields.formula, plan.formula)}
          placeholder="an ingredient, such as 120 g caster sugar"
          onAdd={(text) => {
            const read = readIngredient(text);
            if (!/\p{L}/u.test(read.name)) return `“${text}” has no name; write it as 120 g caster sugar`;
            if ((read.amount ?? 0) > 100_000) return `amount is “${text}”; allowed: 0 to 100000`;
            edit('formula', (was) => ({
              ...was,
              formula: [...was.formula, newIngredient({ id: newId(), ...read })],
            }));
          }}
        />
        {plan.formula.some((one) => ['tsp', 'tbsp', 'cup'].includes(one.unit)) && (
          <Box as="span" fontSize="sm" color="soft">
            Spoons are level metric ones, 5 ml and 15 ml; a cup is 250 ml.
          </Box>
        )}
      </Box>
    </Section>
  );
});

interface IngredientRowProps {
  ingredient: Ingredient;
  /** As a control station has it, g. */
  grams: number | null;
  /** What the treatments have of it, where they differ. */
  varied: string | null;
  /** Its levels say how much there is. */
  byLevel: boolean;
  /** The ingredient it goes by, where it does. */
  like: string;
  total: number;
  /** What all stations take together, g. */
  inAll: number | null;
}

/** The name of an ingredient inside a sentence. */
const nameOf = ({ formula }: Plan, id: string | undefined) =>
  formula.find((one) => one.id === id)?.name.toLowerCase() ?? '…';

const IngredientRow = memo(function IngredientRow(props: IngredientRowProps) {
  const { ingredient, grams, varied, byLevel, like, total, inAll } = props;
  const edit = useEdit();
  const onChange = (patch: Partial<Ingredient>) =>
    edit(`${ingredient.id}-${Object.keys(patch)[0]}`, (was) => ({
      ...was,
      formula: withItem(was.formula, ingredient.id, patch),
    }));
  const onRemove = () =>
    edit(`${ingredient.id}-gone`, (was) => ({ ...was, formula: without(was.formula, ingredient.id) }));
  const [open, setOpen] = useState(false);
  const { name } = ingredient;
  return (
    <>
      <tr role="group" aria-label={name} data-anchor={`formula:${ingredient.id}`}>
        <Cell>
          <TextField
            label="Ingredient"
            needed
            most={longest(ingredientShape.fields.name)}
            value={name}
            onValue={(value) => onChange({ name: value })}
          />
          <Understood ingredient={ingredient} like={like} />
        </Cell>
        <Cell textAlign="right" whiteSpace="nowrap" fontWeight="semibold">
          {!byLevel && !ingredient.ratio && <OwnAmount ingredient={ingredient} onChange={onChange} />}
          {varied !== null && (
            <Box color="glass" fontWeight="bold" whiteSpace="normal" title="by level">
              {varied}
            </Box>
          )}
        </Cell>
        <Shares grams={varied === null ? grams : null} byLevel={varied !== null} total={total} />
        <Cell textAlign="right" whiteSpace="nowrap" aria-label={`${name} for all stations`}>
          {inAll === null ? '—' : gramsInAll(inAll)}
        </Cell>
        <Cell>
          <TextField
            label={`Job of ${name}`}
            most={longest(ingredientShape.fields.job)}
            value={ingredient.job}
            placeholder="what it does"
            onValue={(job) => onChange({ job })}
          />
        </Cell>
        <Cell pr="0" whiteSpace="nowrap">
          <IconButton
            aria-expanded={open}
            aria-label={`Details of ${name}`}
            title="Who measures it, how, as much as what …"
            onClick={() => setOpen(!open)}
            css={{ minW: '24px', minH: '24px' }}
          >
            {open ? <ChevronDown size={14} /> : <ChevronRight size={14} />}
          </IconButton>
          <RemoveButton what={name} onClick={onRemove} />
        </Cell>
      </tr>
      {open && (
        <tr>
          <Cell colSpan={7}>
            <IngredientDetails ingredient={ingredient} onChange={onChange} />
          </Cell>
        </tr>
      )}
    </>
  );
});

/** Its mass, and its share of the batch; what is not the same at all stations has none. */
function Shares({ grams, byLevel, total }: { grams: number | null; byLevel: boolean; total: number }) {
  const known = grams !== null && total > 0;
  return (
    <>
      <Cell textAlign="right" color={grams === null ? 'soft' : 'ink'} fontSize={byLevel ? 'sm' : undefined}>
        {byLevel
          ? 'by level'
          : grams === null
            ? '—'
            : formatNumber(Number(grams.toFixed(grams < 10 ? 1 : 0)))}
      </Cell>
      <Cell textAlign="right" color="soft">
        {known ? `${formatNumber((grams / total) * 100, grams / total < 0.1 ? 1 : 0)} %` : '—'}
      </Cell>
    </>
  );
}

interface OwnAmountProps {
  ingredient: Ingredient;
  onChange(patch: Partial<Ingredient>): void;
}

/** The amount as it stands, or its range, with its unit. */
function OwnAmount({ ingredient, onChange }: OwnAmountProps) {
  const { name } = ingredient;
  return (
    <>
      <NumberField
        label={`Amount of ${name}`}
        value={ingredient.amount}
        {...range(ingredientShape.fields.amount)}
        mayBeEmpty
        align="right"
        placeholder="?"
        chars={1}
        onValue={(amount) => onChange({ amount })}
      />
      {ingredient.amountTo !== null && (
        <>
          –
          <NumberField
            label={`Amount of ${name} at most`}
            value={ingredient.amountTo}
            {...range(ingredientShape.fields.amountTo)}
            mayBeEmpty
            placeholder="?"
            chars={1}
            onValue={(amountTo) => onChange({ amountTo })}
          />
        </>
      )}{' '}
      <Choice
        label={`Unit of ${name}`}
        value={ingredient.unit}
        options={units}
        onValue={(unit: AmountUnit) => onChange({ unit })}
      />
    </>
  );
}

/** “28 g”, “1.6 kg”. */
const gramsInAll = (grams: number) =>
  grams >= 1000
    ? `${formatNumber(Number((grams / 1000).toFixed(2)))} kg`
    : `${formatNumber(Number(grams.toFixed(grams < 10 ? 1 : 0)))} g`;

/** What was understood besides name and amount, or the words as they were typed where they say more. */
function Understood({ ingredient, like }: { ingredient: Ingredient; like: string }) {
  const { state, fill, by, optional, note, ratio } = ingredient;
  const parts = [
    ratio ? `${formatNumber(ratio.times)} × the ${like}, by ${ratio.by}` : '',
    state,
    fill && fill !== 'level' ? `${fill} measure` : '',
    { staff: 'weighed out by staff', shared: 'from the class’s batch', students: '' }[by],
    optional ? 'if liked' : '',
    note,
  ].filter(Boolean);
  if (parts.length === 0) return null;
  return (
    <Box fontSize="xs" color="soft" lineHeight="1.2">
      {parts.join(' · ')}
    </Box>
  );
}
