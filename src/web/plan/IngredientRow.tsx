import { Box, chakra } from '@chakra-ui/react';
import { ChevronDown, ChevronRight } from 'lucide-react';
import { memo, useState } from 'react';
import { amountUnits, spoonsFor, spoonsInWords, type AmountUnit } from '../../core/formula';
import { formatNumber } from '../../core/format';
import { gramsWords, ingredientShape, type Ingredient } from '../../core/practical';
import { longest, range } from '../../core/shape';
import { IconButton } from '../ui/Button';
import { Choice, NumberField, TextField } from '../ui/fields';
import { useEdit } from './edit-context';
import { IngredientDetails } from './IngredientDetails';
import { RemoveButton } from '../ui/line-tools';
import { withItem, without } from '../ui/lists';

const Cell = chakra('td', { base: { py: '1', pr: '3', verticalAlign: 'baseline' } });
const units = amountUnits.map((unit) => [unit, unit] as const);

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

/** One ingredient: its words, how much of it, what it does. Opens to everything else. */
export const IngredientRow = memo(function IngredientRow(props: IngredientRowProps) {
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
  // What other levels put in is words, and those want the wider column.
  const inWords = varied !== null && /\p{L}{3}/u.test(varied);
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
          {varied !== null && inWords && <Varied words={varied} />}
        </Cell>
        <Cell textAlign="right" whiteSpace="nowrap" fontWeight="semibold">
          {!byLevel && !ingredient.ratio && <OwnAmount ingredient={ingredient} onChange={onChange} />}
          {varied !== null && !inWords && <Varied words={varied} />}
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

const Varied = ({ words }: { words: string }) => (
  <Box color="glass" fontWeight="bold" whiteSpace="normal" title="by level">
    {words}
  </Box>
);

/** Its mass, and its share of the batch; what is not the same at all stations has none. */
function Shares({ grams, byLevel, total }: { grams: number | null; byLevel: boolean; total: number }) {
  const known = grams !== null && total > 0;
  return (
    <>
      <Cell textAlign="right" color={grams === null ? 'soft' : 'ink'} fontSize={byLevel ? 'sm' : undefined}>
        {byLevel ? 'by level' : grams === null ? '—' : gramsWords(grams).replace(/ g$/, '')}
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
  grams >= 1000 ? `${formatNumber(Number((grams / 1000).toFixed(2)))} kg` : gramsWords(grams);

/** What was understood besides name and amount, or the words as they were typed where they say more. */
function Understood({ ingredient, like }: { ingredient: Ingredient; like: string }) {
  const { state, fill, by, optional, note, ratio, amount, unit } = ingredient;
  const spoons = amount === null || ratio ? null : spoonsFor(amount, unit);
  const parts = [
    ratio ? `${formatNumber(ratio.times)} × the ${like}, by ${ratio.by}` : '',
    state,
    fill && fill !== 'level' ? `${fill} measure` : '',
    spoons ? `fill ${spoonsInWords(spoons)}` : '',
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
