import type { HazardId } from '..';

const words = (text: string) => text.split(/,\s*/);
const pairs = (first: readonly string[], second: readonly string[], join: (a: string, b: string) => string) =>
  first.flatMap((a) => second.map((b) => join(a, b)));

/** Each danger with sentences made of what is done, to what, with what: whatever verb, the thing itself is one (CLEAPSS-type lists of a food room; common practice). */
export const dangers: Readonly<Partial<Record<HazardId, string[]>>> = {
  pressure: pairs(
    words('Load, Open, Check, Vent, Seal, Fill, Use, Lift the lid of, Switch on, Empty'),
    words(
      'the canner, the pressure cooker, the autoclave, the cream siphon, the gas cylinder, the N₂O charger',
    ),
    (a, b) => `${a} ${b}.`,
  ),
  flame: pairs(
    words('Finish with, Light, Pass round, Brown it with, Use, Carry, Put out, Adjust'),
    words(
      'the chef’s torch, a blowtorch, the blowlamp, the Bunsen burner, the candles, the spirit lamp, the burner, a tea light',
    ),
    (a, b) => `${a} ${b}.`,
  ),
  'hot-sugar': pairs(
    words('Boil the sugar to, Take the syrup to, Stop at, Hold it at, Cook the toffee to'),
    words(
      'the soft crack stage, the hard ball stage, the crack stage, soft ball, hard crack, 150 °C syrup, the caramel stage',
    ),
    (a, b) => `${a} ${b}.`,
  ),
  'hot-dish': [
    ...pairs(
      words('Slide the loaf onto, Take the bread off, Lay the flatbread on, Lift the tin from'),
      words(
        'the stone at 230 °C, a griddle, the cast iron pan, the baking steel, the waffle iron, the hot plate at 180 °C',
      ),
      (a, b) => `${a} ${b}.`,
    ),
    ...pairs(
      words('tray, tin, dish, tile, plate'),
      words('160 °C, 95 °C, 220 °C, 400 °F'),
      (a, b) => `Take hold of the ${a} at ${b}.`,
    ),
  ],
  caustic: pairs(
    words('Stir, Dissolve, Weigh, Add, Sprinkle, Measure'),
    words(
      'the calcium oxide, the sodium hydroxide, the lye, the quicklime, the hydrogen peroxide, the oven cleaner, the concentrated citric acid',
    ),
    (a, b) => `${a} ${b}.`,
  ),
  'raw-flour': [
    ...pairs(
      words('Knead, Roll out, Shape, Mix, Cut out, Taste, Stretch, Divide'),
      words('the dough, the pastry, the pizza dough, the cookie dough, the shortcrust pastry'),
      (a, b) => `${a} ${b}.`,
    ),
    ...pairs(
      words('Sift, Stir in, Rub in, Fold in'),
      words('the flour, 200 g plain flour, the rye flour'),
      (a, b) => `${a} ${b}.`,
    ),
    ...pairs(
      words('Crush, Taste, Crumble, Hand round, Chill'),
      words(
        'the unbaked biscuit mix, raw cookie dough, the uncooked pastry, raw cake mix, the unbaked scones, half-baked bread',
      ),
      (a, b) => `${a} ${b}.`,
    ),
  ],
  'raw-egg': pairs(
    words('Beat, Whisk, Separate, Fold in, Crack, Pour in'),
    words('the yolks, two eggs, the egg whites, an egg yolk'),
    (a, b) => `${a} ${b}.`,
  ),
  knife: [
    ...pairs(
      words(
        'Cut, Chop, Slice, Dice, Peel, Core, Trim, Shred, Julienne, Halve, Quarter, Mince, Score, Carve, Finely chop',
      ),
      words(
        'the leek, the celery, a swede, the mango, the apples, the courgettes, the bread, the roast ham, two peppers, the ginger',
      ),
      (a, b) => `${a} ${b}.`,
    ),
    ...pairs(
      words('Joint, Spatchcock, Debone, Fillet, Quarter'),
      words('the chicken, the mackerel, a duck, the rabbit, the trout'),
      (a, b) => `${a} ${b}.`,
    ),
    ...pairs(
      words('Chop, Slice, Dice, Halve, Peel'),
      words('the onions, six carrots, the squash, the pears'),
      (a, b) => `${a} ${b}.`,
    ),
  ],
  'hot-liquid': [
    ...pairs(
      words('Carry, Pour, Strain, Hand over, Ladle out, Top up the jug with, Empty'),
      words(
        'the boiling water, the hot stock, the simmering soup, the scalding milk, the hot custard, the just-boiled water',
      ),
      (a, b) => `${a} ${b}.`,
    ),
    ...pairs(
      words('Drain, Tip out, Sieve'),
      words('the boiled potatoes, the hot pasta, the cooked rice'),
      (a, b) => `${a} ${b}.`,
    ),
  ],
  'hot-oil': [
    ...pairs(
      words('Fry, Sauté, Deep-fry, Shallow-fry, Stir-fry, Sear'),
      words('the onions, the doughnuts, the aubergine, the tofu, the fritters, two slices of bread'),
      (a, b) => `${a} ${b}.`,
    ),
    ...pairs(
      words('Heat, Warm up, Bring to 180 °C'),
      words('the oil, the lard, the frying fat, the ghee, 2 cm of sunflower oil'),
      (a, b) => `${a} ${b}.`,
    ),
  ],
  steam: [
    ...pairs(
      words('Steam, Set to steam, Put in the steamer'),
      words('the dumplings, the pudding, the buns, the fish parcels, the sponge, the broccoli'),
      (a, b) => `${a} ${b}.`,
    ),
    ...words(
      'Take the lid off the boiling pan., Open the oven door., Lift the lid of the hot pot., Fill the kettle., Peel back the cling film after the microwave.',
    ),
  ],
  'hot-acid': pairs(
    words('Boil, Simmer, Heat, Warm, Reduce, Bring to the boil'),
    words(
      'the vinegar, the pickling liquor, the wine vinegar and sugar, the acetic acid, the balsamic vinegar',
    ),
    (a, b) => `${a} ${b}.`,
  ),
  grater: pairs(
    words('Grate, Finely grate, Coarsely grate, Zest'),
    words('the lemon, the carrots, the cheese, the ginger, two oranges, the nutmeg'),
    (a, b) => `${a} ${b}.`,
  ),
  mixer: [
    ...pairs(
      words('Use, Switch on, Clean, Take apart, Plug in, Stop'),
      words(
        'the blender, the stand mixer, the food processor, the stick blender, the electric whisk, the coffee grinder, the liquidiser, the juicer',
      ),
      (a, b) => `${a} ${b}.`,
    ),
    ...pairs(
      words('Blitz, Liquidise, Whizz'),
      words('the soup, the nuts, the fruit'),
      (a, b) => `${a} ${b}.`,
    ),
  ],
  glass: [
    ...pairs(
      words('Pour, Put, Stand'),
      words(
        'the boiling jam into the jars, the hot water into the beaker, the glass dish into the hot oven, the hot syrup into a glass bowl',
      ),
      (a, b) => `${a} ${b}.`,
    ),
    ...words(
      'Sweep up the broken glass., Heat the test tube., Take the flask off the hob., Put the glass bowl in the freezer.',
    ),
  ],
  heavy: pairs(
    words('Lift, Carry, Move, Drag'),
    words(
      'the full stockpot, the heavy pan, the sack of flour, the 10 kg bag of flour, the full bucket of water, the crate of bottles',
    ),
    (a, b) => `${a} ${b}.`,
  ),
  'raw-meat': pairs(
    words('Cut up, Trim, Season, Stuff, Weigh out, Shape, Marinate, Skewer, Coat, Dice, Wrap'),
    words(
      'the chicken thighs, the pork loin, the raw prawns, the lamb, the beef mince, the salmon fillets, the turkey breast, the sausages',
    ),
    (a, b) => `${a} ${b}.`,
  ),
  'raw-beans': pairs(
    words('Soak, Rinse, Add, Slow-cook, Stir in'),
    words(
      'the dried kidney beans, the red kidney beans, the dry borlotti beans, the raw kidney beans, the dried cannellini beans',
    ),
    (a, b) => `${a} ${b}.`,
  ),
  foraged: pairs(
    words('Pick, Gather, Wash, Chop, Taste, Dry'),
    words(
      'the nettles, the elderflowers, the wild garlic, the rose hips, the sloes, the wild mushrooms, the dandelion leaves',
    ),
    (a, b) => `${a} ${b}.`,
  ),
  chilli: pairs(
    words('Chop, Deseed, Add, Slice, Crush, Weigh'),
    words(
      'the chillies, a red chilli, two jalapeños, the scotch bonnet, the cayenne pepper, the habanero, the bird’s eye chillies, the dried chilli flakes',
    ),
    (a, b) => `${a} ${b}.`,
  ),
  frozen: pairs(
    words('Add, Drop in, Carry, Pour'),
    words('the dry ice, the liquid nitrogen, some dry ice'),
    (a, b) => `${a} ${b}.`,
  ),
};

/** What is done at a desk, a scale or a sink with cold and blunt things. */
export const harmlessSentences = [
  ...pairs(
    words('Weigh, Label, Photograph, Describe, Compare, Count, Stack, Wrap, Fold, Cover'),
    words(
      'the cold samples, the paper cases, 20 g of sugar, the dry rice, the cooled biscuits, the apples, the empty bowls, the labels, the salt, a clean spoon',
    ),
    (a, b) => `${a} ${b}.`,
  ),
  ...pairs(
    words('Write down, Plot, Draw, Discuss, Read, Predict'),
    words(
      'the colour, the height of the cake, the results, what you see, the mean, the time, the texture of the crumb',
    ),
    (a, b) => `${a} ${b}.`,
  ),
  ...pairs(
    words(
      'Weigh, Measure, Label, Smell, Look at, Draw, Photograph, Store, Hand out, Share out, Compare, Stack, Count, Tidy away',
    ),
    words(
      'the flour, the cold custard, the cooled toffee, the iced buns, the dried apricots, the labels, the cooled loaf, the sugar cubes, the cocoa powder, the oats, the crackers, the cheese spread, the ready-made jelly, the raisins, the paper plates, the plastic spoons, the stopwatch, the tomato sauce from the fridge, the baking powder, the rice crackers',
    ),
    (a, b) => `${a} ${b}.`,
  ),
  ...pairs(
    words('Score, Rank, Rate, Taste, Describe'),
    words(
      'the samples, the colour, the crumb, the cooled biscuits, the sweetness, a slice of the cake, the bread crust, each sample',
    ),
    (a, b) => `${a} ${b}.`,
  ),
  ...pairs(
    words('Write down, Record, Plot, Graph, Estimate, Predict, Explain'),
    words(
      'the boiling point, the oven temperature, the mass before and after, the time on the clock, the highest temperature, the rise of the dough, why sugar browns, the width of the flame, how long the oil took',
    ),
    (a, b) => `${a} ${b}.`,
  ),
  ...words(
    'Set the table. Wash your hands. Put on an apron. Share the work. Sit down. Wipe the bench. Sieve the icing sugar. Stir the cold water. Pour the cold milk into a cup. Fill the jug with cold water. Choose a partner. Hand in the sheet. Taste the cold pudding.'.replaceAll(
      '. ',
      '., ',
    ),
  ),
];
