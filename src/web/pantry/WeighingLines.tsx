import { Box, chakra, Flex, Heading } from '@chakra-ui/react';
import { X } from 'lucide-react';
import { useState } from 'react';
import { formatNumber } from '../../core/format';
import { ingredientKey, ownDensities, type Weighing } from '../../core/order';
import { useKeepWeighing, useRemoveWeighing } from '../api/prep-queries';
import { sayError } from '../api/request';
import { IconButton, QuietButton } from '../ui/Button';
import { NumberField, TextField } from '../ui/fields';
import { newId } from '../ui/lists';

/** What this school’s own measures weigh: the mean is used in its runs in place of the table’s density. */
export function WeighingLines({ weighings }: { weighings: readonly Weighing[] }) {
  const keep = useKeepWeighing();
  const remove = useRemoveWeighing();
  const [ingredient, setIngredient] = useState('');
  const [ml, setMl] = useState<number | null>(250);
  const [grams, setGrams] = useState<number | null>(null);
  return (
    <Box as="section" aria-label="Own densities" mt="6">
      <Heading as="h2" fontFamily="heading" fontSize="md" fontWeight="semibold" color="tawny" mb="1">
        What our measures weigh
      </Heading>
      <OwnLines weighings={weighings} onRemove={(id) => remove.mutate(id)} />
      <chakra.form
        display="flex"
        gap="2"
        alignItems="center"
        flexWrap="wrap"
        onSubmit={(event) => {
          event.preventDefault();
          if (ingredient.trim() === '' || ml === null || grams === null) return;
          keep.mutate({ id: newId(), ingredient: ingredient.trim(), ml, grams, at: Date.now() });
          setGrams(null);
        }}
      >
        <TextField
          label="Ingredient that was weighed"
          value={ingredient}
          onValue={setIngredient}
          placeholder="ingredient"
          chars={11}
          most={80}
        />
        <NumberField
          label="The measure holds, ml"
          value={ml}
          low={1}
          high={5000}
          unit="ml"
          chars={5}
          onValue={setMl}
        />
        <span>ml weigh</span>
        <NumberField
          label="It weighs, g"
          value={grams}
          low={0.1}
          high={20_000}
          unit="g"
          mayBeEmpty
          chars={5}
          onValue={setGrams}
        />
        <span>g</span>
        <QuietButton type="submit">add</QuietButton>
      </chakra.form>
      {keep.error && (
        <Box role="alert" color="ember" fontSize="sm">
          {sayError(keep.error)}
        </Box>
      )}
    </Box>
  );
}

/** The mean of each, and what it is made of. */
function OwnLines({ weighings, onRemove }: { weighings: readonly Weighing[]; onRemove(id: string): void }) {
  const own = ownDensities(weighings);
  return (
    <>
      {[...own].map(([key, { gPerMl, n }]) => {
        const these = weighings.filter((one) => ingredientKey({ name: one.ingredient }) === key);
        const mls = new Set(these.map((one) => one.ml));
        const shown = mls.size === 1 ? [...mls][0]! : 250;
        return (
          <Box key={key} mb="2">
            Our {formatNumber(shown)} ml of {these[0]!.ingredient.toLowerCase()} weigh{' '}
            <strong>{formatNumber(gPerMl * shown, 1)} g</strong>, n = {n}
            <Flex wrap="wrap" gap="1" fontSize="sm" color="soft">
              {these.map((one) => (
                <Flex as="span" key={one.id} align="center">
                  {formatNumber(one.grams)} g
                  <IconButton
                    aria-label={`${formatNumber(one.grams)} g of ${one.ingredient} does not count`}
                    onClick={() => onRemove(one.id)}
                  >
                    <X size={13} />
                  </IconButton>
                </Flex>
              ))}
            </Flex>
          </Box>
        );
      })}
    </>
  );
}
