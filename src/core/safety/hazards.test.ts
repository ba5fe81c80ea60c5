import { describe, expect, it } from 'vitest';
import { hazardIds, hazards, hazardsIn, type HazardId } from '.';

/**
 * Steps as teachers write them, with the dangers a careful colleague would name (common practice). Every danger named
 * here must be found; more may be.
 */
const dangerous: readonly [string, ...HazardId[]][] = [
  ['Boil the vinegar for two minutes.', 'hot-acid', 'hot-liquid'],
  ['Bring the pickling vinegar to a simmer and watch the bubbles.', 'hot-acid'],
  ['In the small pan, vinegar is brought to the boil.', 'hot-acid'],
  ['Heat the acid dye bath, keeping your face away.', 'hot-acid'],
  ['Heat oil to 180 °C.', 'hot-oil'],
  ['When the oil shows 350 °F, lower the potato in.', 'hot-oil'],
  ['Pour 2 cm of oil into the wok and heat until it shimmers.', 'hot-oil'],
  ['Fry the slices two at a time.', 'hot-oil'],
  ['Deep-fry until golden.', 'hot-oil'],
  ['Get the lard smoking hot before the batter goes in.', 'hot-oil', 'raw-flour'],
  ['Melt sugar in a dry pan.', 'hot-sugar'],
  ['Put the sugar in a dry pan. Melt it without stirring.', 'hot-sugar'],
  ['Heat cream, sugar and butter until it boils.', 'hot-sugar'],
  ['Boil the sugar syrup; do not stir.', 'hot-sugar'],
  ['Let the caramel reach deep amber over medium heat.', 'hot-sugar'],
  ['Let the caramel go amber without stirring.', 'hot-sugar'],
  ['The sugar goes copper at the edges: swirl.', 'hot-sugar'],
  ['Tip the soda into the caramel all at once.', 'hot-sugar'],
  ['Take the honey and glucose to 146 °C.', 'hot-sugar'],
  ['Caramelise the top.', 'hot-sugar'],
  ['Pour the hot jam into warm jars.', 'hot-sugar', 'glass'],
  ['Cook the marmalade until it wrinkles on a cold plate.', 'hot-sugar'],
  ['Pour the boiling water over the leaves.', 'hot-liquid'],
  ['Fill the flask with freshly boiled water.', 'hot-liquid', 'glass'],
  ['Bring the milk to the boil, then take it off.', 'hot-liquid'],
  ['Warm the custard gently, stirring all the time.', 'hot-liquid'],
  ['Drain the pasta over the sink.', 'hot-liquid', 'steam'],
  ['Strain the boiled potatoes.', 'hot-liquid'],
  ['Switch the kettle on and fill the cup.', 'hot-liquid', 'steam'],
  ['Ladle the soup into bowls while it is hot.', 'hot-liquid'],
  ['Lift the lid and look at the dumplings.', 'steam'],
  ['Steam the buns for 12 minutes.', 'steam'],
  ['Open the oven door after 15 min.', 'steam', 'hot-dish'],
  ['Bake 12 min on the middle shelf.', 'hot-dish'],
  ['Take the tray out when the tops are brown; it has been at gas mark 6.', 'hot-dish'],
  ['Set the hot tray on the stand.', 'hot-dish'],
  ['Toast the seeds under the grill.', 'hot-dish'],
  ['Take the bowl out of the microwave.', 'hot-dish'],
  ['Slice the pear 5 mm thick.', 'knife'],
  ['Peel and core the apples.', 'knife'],
  ['With a sharp knife, halve each tomato.', 'knife'],
  ['Score the crust before it goes in.', 'knife'],
  ['Chop the onion finely.', 'knife'],
  ['Mince the garlic.', 'knife'],
  ['Open the tin of pineapple and keep the lid.', 'knife'],
  ['Mind the edge of the can once it is open.', 'knife'],
  ['Grate the cheese.', 'grater'],
  ['Zest the lemon.', 'grater'],
  ['Rub the carrot along the coarse side of the grater.', 'grater'],
  ['Put the glass dish in the oven.', 'glass', 'hot-dish'],
  ['Heat the beaker over the bunsen.', 'glass', 'flame'],
  ['Read the glass thermometer at eye level.', 'glass-thermometer', 'glass'],
  ['Crack two eggs into the bowl.', 'raw-egg'],
  ['Beat the egg with a fork.', 'raw-egg'],
  ['Whisk the whites to soft peaks.', 'raw-egg'],
  ['Brush the tops with egg.', 'raw-egg'],
  ['Shape the raw turkey into koftas.', 'raw-meat'],
  ['Cut the chicken into cubes.', 'raw-meat', 'knife'],
  ['Weigh 400 g of lamb mince.', 'raw-meat'],
  ['Rinse the prawns and pat them dry.', 'raw-meat'],
  ['Knead for ten minutes.', 'raw-flour'],
  ['Rub the butter into the flour.', 'raw-flour'],
  ['Roll the dough out to 1 cm.', 'raw-flour'],
  ['Stir the batter until smooth.', 'raw-flour'],
  ['Blend the hot soup until smooth.', 'mixer', 'hot-liquid'],
  ['Cream butter and sugar with the electric whisk.', 'mixer'],
  ['Blitz the biscuits to crumbs.', 'mixer'],
  ['Pour the boiling stock into the blender.', 'mixer', 'hot-liquid'],
  ['Take the oil from the freezer.', 'frozen'],
  ['Add dry ice to the custard base.', 'frozen'],
  ['Liquid nitrogen is poured by the teacher.', 'frozen'],
  ['Pack the tin in ice and salt.', 'frozen'],
  ['Blowtorch the meringue.', 'flame'],
  ['Light the gas and set the pan on it.', 'flame'],
  ['Flambé the bananas.', 'flame'],
  ['Do not reach over the hob for the salt.', 'flame', 'hot-dish'],
  ['Cook the pulses in the pressure cooker.', 'pressure'],
  ['Charge the siphon with one cartridge and shake.', 'pressure'],
  ['Seal the bottle and leave the ginger beer to ferment.', 'pressure'],
  ['Lift the heavy pan together.', 'heavy'],
  ['Carry the full stockpot to the sink.', 'heavy'],
  ['Deseed the chillies.', 'chilli'],
  ['Chop one scotch bonnet.', 'chilli', 'knife'],
  ['Dip the pretzels in lye.', 'caustic'],
  ['Make up a 4 % sodium hydroxide solution.', 'caustic'],
  ['Soak the dried kidney beans overnight.', 'raw-beans'],
  ['Put the red kidney beans in the slow cooker.', 'raw-beans'],
  ['Pick blossoms along the hedgerow.', 'foraged'],
  ['Rinse the wild mushrooms we found.', 'foraged'],
  ['Strip the elderflowers from their stalks.', 'foraged'],
];

/** Steps without a danger worth a caution, many with a word of danger in another sense. */
const safe: readonly string[] = [
  'Weigh the slices, then hold each slice against the card.',
  'Weigh golden syrup and water.',
  'Stir in the milk and let it stand.',
  'Execute the plan; core values count.',
  'Write the prediction on the sheet.',
  'Weigh 200 g plain flour into the bowl.',
  'Look up the boiling point of water at 1200 m.',
  'Draw the melting curve from the class data.',
  'Plot temperature against time.',
  'Measure the height of the dough in the cylinder.',
  'Count the bubbles in one square centimetre.',
  'Score the samples from 1 to 5.',
  'Peel off the label and stick it on the tub.',
  'Cut the string to 30 cm.',
  'Roll the dice to choose the order.',
  'Sprinkle with chopped parsley.',
  'Lay the sliced bread out in rows.',
  'Measure the core of the problem in one sentence.',
  'Add the zest of one lemon to the label list.',
  'Set the egg timer to 4 minutes.',
  'Put the egg box on the tray.',
  'Line the tin with baking paper.',
  'Weigh 4 g baking powder.',
  'Dissolve the citric acid in cold water.',
  'Mix vinegar and water in a cup.',
  'Pour the cold milk into the measuring cylinder.',
  'Add the oil to the dressing.',
  'Grease the tin with oil.',
  'Melt down the long list to three key words.',
  'Choose a glass of water to clear the palate.',
  'Stand the jar on the shelf.',
  'Read the scale on the fridge thermometer.',
  'Weigh the heavy cream.',
  'Use a heavy-based pan.',
  'Match the colour to the card.',
  'Stop when it is light brown.',
  'Compare with gas given off by the second jar.',
  'Note the air pressure today.',
  'Press lightly with one finger.',
  'Put the chilled samples on the tray.',
  'A blend of spices is on the tray.',
  'Open the tinned results file on the laptop.',
  'Rinse the tinned kidney beans and weigh 50 g.',
  'Add a vanilla bean to the cold cream.',
  'Wash hands for 20 s.',
  'Wipe the bench.',
  'Check the display shows zero.',
  'Label three beakers A, B and C.',
  'Taste a sample and drink some water.',
  'Break the cooled honeycomb and count the holes.',
  'Spread jam on the cold sponge.',
  'Weigh the caster sugar twice.',
  'Leave the gel in the refrigerator until Thursday.',
  'Turn the mould over and measure the sag.',
  'Photograph the slices on white paper.',
  'Write down what smells different.',
  'No knife is needed.',
  'Do not cook this sample.',
  'Put the oven gloves back on their hook.',
  'Beat the other group to the answer.',
  'Stir the gelatine into cold water and let it bloom.',
  'Add the chicken stock cube to the tray list.',
  'Choose the wild rice from the shelf.',
  'Sieve the icing sugar.',
  'Collect the results from each station.',
  'Fold the paper in half.',
];

describe('dangers found in what a step says', () => {
  it('the list is at least 120 sentences, half of them harmless', () => {
    expect(dangerous.length + safe.length).toBeGreaterThanOrEqual(120);
    expect(safe.length).toBeGreaterThanOrEqual(60);
  });

  it.each(dangerous)('“%s” has %s', (sentence, ...expected) => {
    const missed = expected.filter((id) => !hazardsIn(sentence).includes(id));
    expect(missed, `${sentence} gave ${hazardsIn(sentence).join(', ') || 'nothing'}`).toEqual([]);
  });

  it('at most three of the harmless ones alarm', () => {
    const alarmed = safe
      .map((sentence) => ({ sentence, ids: hazardsIn(sentence) }))
      .filter(({ ids }) => ids.length > 0);
    expect(alarmed.length, JSON.stringify(alarmed)).toBeLessThanOrEqual(3);
  });

  it('capitals, line breaks and order do not matter', () => {
    expect(hazardsIn('THE VINEGAR\nIS TO BE BOILED')).toContain('hot-liquid');
    expect(hazardsIn('until it boils, heat cream with butter and sugar')).toContain('hot-sugar');
    expect(hazardsIn('')).toEqual([]);
  });

  it('come with a caution; burns are cooled for 20 minutes under running water and an adult is told', () => {
    for (const id of hazardIds) expect(hazards[id].caution.length, id).toBeGreaterThan(30);
    for (const id of ['hot-sugar', 'steam', 'hot-liquid', 'hot-oil', 'hot-dish', 'flame'] as const) {
      expect(hazards[id].caution).toMatch(/20 minutes under cool running water, tell an adult/);
    }
  });
});
