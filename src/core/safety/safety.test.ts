import { describe, expect, it } from 'vitest';
import { hazardIds, hazards } from '.';

const found = (sentence: string) => hazardIds.filter((id) => hazards[id].signs.test(sentence));

describe('signs of danger in a step’s words', () => {
  it.each([
    ['Slice the pear 5 mm thick.', ['knife']],
    ['Weigh the slices, then hold each slice against the card.', []],
    ['Deep-fry until golden.', ['hot-oil']],
    ['Bake 12 min on the middle shelf.', ['hot-dish']],
    ['Boil the sugar syrup; do not stir.', ['hot-sugar']],
    ['Knead for ten minutes.', ['raw-flour']],
    ['Crack two eggs into the bowl.', ['raw-egg']],
    ['Shape the raw turkey into koftas.', ['raw-meat']],
    ['Take the oil from the freezer.', ['frozen']],
    ['Weigh golden syrup and water.', []],
    ['Stir in the milk and let it stand.', []],
    ['Execute the plan; core values count.', []],
  ])('“%s”', (sentence, ids) => {
    expect(found(sentence)).toEqual(ids);
  });

  it('come with a caution that says what to do', () => {
    for (const id of hazardIds) expect(hazards[id].caution.length, id).toBeGreaterThan(30);
  });
});
