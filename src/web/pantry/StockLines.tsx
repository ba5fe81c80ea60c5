import { Box, chakra, Flex, Heading } from '@chakra-ui/react';
import { useState } from 'react';
import type { Stock } from '../../core/order';
import { useSetStock } from '../api/prep-queries';
import { sayError } from '../api/request';
import { QuietButton } from '../ui/Button';
import { NumberField, TextField } from '../ui/fields';

/** What of each ingredient is there: orders take it off. */
export function StockLines({ stock }: { stock: readonly Stock[] }) {
  const set = useSetStock();
  const [ingredient, setIngredient] = useState('');
  const [grams, setGrams] = useState<number | null>(null);
  return (
    <Box as="section" aria-label="In stock">
      <Heading as="h2" fontFamily="heading" fontSize="md" fontWeight="semibold" color="tawny" mb="1">
        In stock
      </Heading>
      {stock.map((one) => (
        <Flex
          key={one.ingredient}
          justify="space-between"
          align="center"
          gap="2"
          borderBottomWidth="1px"
          borderColor="rule"
        >
          <span>{one.ingredient}</span>
          <Flex align="center" gap="1.5">
            <NumberField
              label={`In stock of ${one.ingredient}`}
              value={one.grams}
              low={0}
              high={1_000_000}
              unit="g"
              chars={7}
              align="right"
              onValue={(value) =>
                value !== null && set.mutate([{ ingredient: one.ingredient, grams: value }])
              }
            />
            <span>g</span>
          </Flex>
        </Flex>
      ))}
      <chakra.form
        mt="2"
        display="flex"
        gap="2"
        alignItems="center"
        flexWrap="wrap"
        onSubmit={(event) => {
          event.preventDefault();
          if (ingredient.trim() === '' || grams === null) return;
          set.mutate([{ ingredient: ingredient.trim(), grams }]);
          setIngredient('');
          setGrams(null);
        }}
      >
        <TextField
          label="Ingredient in stock"
          value={ingredient}
          onValue={setIngredient}
          placeholder="ingredient"
          chars={13}
          most={80}
        />
        <NumberField
          label="How much of it, g"
          value={grams}
          low={0.1}
          high={1_000_000}
          unit="g"
          mayBeEmpty
          chars={6}
          placeholder="g"
          onValue={setGrams}
        />
        <QuietButton type="submit">add</QuietButton>
      </chakra.form>
      {set.error && (
        <Box role="alert" color="ember" fontSize="sm">
          {sayError(set.error)}
        </Box>
      )}
    </Box>
  );
}
