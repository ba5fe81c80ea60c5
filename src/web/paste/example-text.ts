/** A recipe of our own with a few slips in it, to see what reading one is like. */
export const exampleText = `SEEDED SODA ROUNDS, makes 8

250g plain flour, 4g bicarbonate of soda (1 tsp), half tsp salt,
180-200ml buttermilk, 40g butter, cold, 2 tbsp pumpkin seeds

Heat the oven to 220°C/375°F/gas 7. Rub the 400 g butter into the flour, soda and salt until it looks like crumbs.
Stir in the buttermilk and the honey, no more than 30 seconds. Pat out 2 cm thick and cut out 6 rounds.
Bake for 12 to 15 min until they sound hollow.`;
