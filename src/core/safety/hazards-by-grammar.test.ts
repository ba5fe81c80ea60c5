import { describe, expect, it } from 'vitest';
import { hazardsIn, type HazardId } from '.';
import { sampled } from '../random/testing/sampled';

const words = (text: string) => text.split(/,\s*/);
const pairs = (first: readonly string[], second: readonly string[], join: (a: string, b: string) => string) =>
  first.flatMap((a) => second.map((b) => join(a, b)));

/** Each danger with sentences made of what is done, to what, with what: whatever verb, the thing itself is one (CLEAPSS-type lists of a food room; common practice). */
const sentences: Readonly<Partial<Record<HazardId, string[]>>> = {
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
  'raw-flour': pairs(
    words('Crush, Taste, Crumble, Hand round, Chill'),
    words(
      'the unbaked biscuit mix, raw cookie dough, the uncooked pastry, raw cake mix, the unbaked scones, half-baked bread',
    ),
    (a, b) => `${a} ${b}.`,
  ),
  'raw-egg': pairs(
    words('Beat, Whisk, Separate, Fold in, Crack, Pour in'),
    words('the yolks, two eggs, the egg whites, an egg yolk'),
    (a, b) => `${a} ${b}.`,
  ),
  knife: [
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
  frozen: pairs(
    words('Add, Drop in, Carry, Pour'),
    words('the dry ice, the liquid nitrogen, some dry ice'),
    (a, b) => `${a} ${b}.`,
  ),
};

/** What is done at a desk, a scale or a sink with cold and blunt things. */
const harmless = [
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
  ...words(
    'Set the table. Wash your hands. Put on an apron. Share the work. Sit down. Wipe the bench. Sieve the icing sugar. Stir the cold water. Pour the cold milk into a cup. Fill the jug with cold water. Choose a partner. Hand in the sheet. Taste the cold pudding.'.replaceAll(
      '. ',
      '., ',
    ),
  ),
];

describe('dangers put together by a grammar', () => {
  it('none is missed', () => {
    const tried = Object.entries(sentences).flatMap(([id, all]) => all.map((text) => ({ id, text })));
    expect(tried.length).toBeGreaterThan(280);
    expect(tried.filter(({ id, text }) => !hazardsIn(text).some((one) => one === id))).toEqual([]);
  });

  it('at most 3 in 100 harmless sentences are called one', () => {
    const alarms = sampled(harmless, 400).filter((text) => hazardsIn(text).length > 0);
    expect(
      alarms.length / harmless.length,
      alarms.map((one) => `${one} ${hazardsIn(one).join()}`).join(' | '),
    ).toBeLessThanOrEqual(0.03);
  });
});
