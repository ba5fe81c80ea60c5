import { stationPlan, takenNow } from '../src/core/practical';
import { batchTables, ingredientGrams } from '../src/core/batch';
import { pasted } from '../src/core/recipe/testing/pasted';
const texts = [
  `Tray bake
200 g soft butter
200 g caster sugar
4 eggs
200 g self-raising flour
2 tbsp milk
Icing
150 g butter
300 g icing sugar
1 tbsp milk
Method
1. Grease and line a 20 x 30 cm tin.
2. Cream the butter and sugar together.
3. Beat in the eggs a little at a time, then fold in the flour and milk.
4. Bake for 30 minutes at 180 °C.
5. For the icing, beat the butter until soft, sift in half the icing sugar and beat, then add the rest with the milk.`,
  `Pancakes
125 g plain flour
2 eggs
300 ml milk
1 tbsp oil
1. Whisk the eggs into the flour with half of the milk.
2. Whisk in the rest of the milk.
3. Oil a frying pan and fry each for 1 minute a side.`,
  `Buns
500 g flour
300 ml warm water
7 g dried yeast
50 g butter
10 g salt
1. Put the flour, yeast and salt in a bowl.
2. Add the warm water and butter and knead 10 minutes.
3. Rinse the bowl with hot water, flour the worktop and shape 12 buns.
4. Bake over a tray of boiling water 15 minutes at 220 °C.`,
  `Custard tart
200 g flour
100 g butter
40 ml cold water
Filling
300 ml double cream
3 eggs
80 g sugar
1. Rub the butter into the flour, add the water.
2. Roll out, line a buttered tin and bake blind 15 min at 190 °C.
3. Whisk the eggs and sugar, stir in the cream. Salt the rim lightly.
4. Pour in and bake 30 min at 160 °C.`,
  `Toffee
200 g sugar
100 g butter
100 ml water
60 ml cream
1. Heat the sugar and water until the sugar has dissolved.
2. Stir in half the butter and boil to 145 °C.
3. Off the heat add the cream and the remaining butter.
4. Soak the pan in hot water. Wash the sugar off the thermometer.`,
];
for (const t of texts) {
  const p = pasted(t);
  const own = stationPlan(p, null, null, ingredientGrams);
  for (const s of own.steps)
    console.log(
      s.text.slice(0, 90).padEnd(92),
      '→',
      takenNow(own, s, batchTables.usedIn)
        .map((l) => l.words)
        .join(', '),
    );
  console.log();
}
