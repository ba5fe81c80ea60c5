import { describe, expect, it } from 'vitest';
import { usedIn } from '.';

const used = (sentence: string, ...names: string[]) =>
  names.filter((_, i) => usedIn(sentence, names)[i]).join(', ');

describe('what of a batch a sentence uses', () => {
  it.each([
    ['Boil the rice for 12 min.', 'Basmati rice'],
    ['Add the milk.', 'Soya milk'],
    ['Add the beans.', 'Kidney beans'],
    ['Add the nuts.', 'Chopped almonds'],
    ['Pour in the juice.', 'Lemon juice'],
    ['Stir in the starch.', 'Potato starch'],
    ['Cook the pasta.', 'Spaghetti'],
    ['Drain the tomatoes.', 'Tinned tomatoes'],
    ['Rub in the fat.', 'Butter'],
    ['Add the pepper.', 'Black pepper'],
    ['Flake the fish.', 'Cod'],
    ['Brown the meat.', 'Beef mince'],
    ['Grate the cheese.', 'Gouda'],
  ])('“%s” uses %s, by its last word or its kind', (sentence, name) => {
    expect(used(sentence, name, 'Caster sugar')).toBe(name);
  });

  it('what goes by the word itself is meant, and nothing that only ends in it', () => {
    expect(used('Rub in the butter.', 'Butter', 'Peanut butter')).toBe('Butter');
    expect(used('Add the milk.', 'Milk', 'Coconut milk')).toBe('Milk');
    expect(used('Add the peanut butter.', 'Butter', 'Peanut butter')).toContain('Peanut butter');
    // Two that are of the kind are both meant.
    expect(used('Add the nuts.', 'Almonds', 'Walnuts')).toBe('Almonds, Walnuts');
  });

  it('water to wash with, and words that do something, use nothing', () => {
    expect(used('Rinse the bowl with water.', 'Rose water')).toBe('');
    expect(used('Oil the tin.', 'Sesame oil')).toBe('');
    expect(used('Weigh it.', 'Basmati rice', 'Cod')).toBe('');
  });
});
