import { describe, expect, it } from 'vitest';
import { doingIn, usedIn, withoutDoing } from '.';

describe('words of ingredients that are something done', () => {
  it.each([
    ['Cream butter and sugar.', 'cream'],
    ['Then cream together the margarine and sugar.', 'cream'],
    ['Cream the softened butter.', 'cream'],
    ['Butter an 8 × 8 inch pan.', 'butter'],
    ['Butter 2 deep 20 cm round cake tins.', 'butter'],
    ['Butter and flour the tin.', 'butter flour'],
    ['Grease and flour two tins.', 'flour'],
    ['Salt and pepper the fish.', 'salt pepper'],
    ['Lightly oil a bowl.', 'oil'],
    ['Flour your hands.', 'flour'],
    ['Fill the pan with hot soapy water.', 'hot soapy water'],
    ['Wash up in hot water.', 'water'],
    ['Bake over a tray of boiling water.', 'water'],
    ['Butter eight small moulds and dust with flour.', 'butter flour'],
    ['Dust the board lightly with flour.', 'flour'],
    ['Wash the sugar off the thermometer.', 'sugar'],
    // These are what they say.
    ['Cream, butter and flour.', ''],
    ['Cream cheese goes in.', ''],
    ['Butter in the pan, then flour.', ''],
    ['Beat cream and sugar.', ''],
    ['Sugar syrup is poured.', ''],
    ['Fill the pan with 300 ml water.', ''],
    ['Add the water.', ''],
    ['Butter beans and oil.', ''],
  ])('%s', (text, doing) => {
    expect(doingIn(text.toLowerCase()).split(/\s+/).join(' ')).toBe(doing);
    expect(withoutDoing(text)).toHaveLength(text.length);
  });

  it('are found behind letters that take two places', () => {
    expect(doingIn('🧈 melts. butter the tin.')).toBe('butter');
  });

  it('use nothing of the batch', () => {
    const names = ['Butter', 'Double cream', 'Sugar', 'Water'];
    const used = (text: string) => names.filter((_, i) => usedIn(text, names)[i]);
    expect(used('Cream butter and sugar.')).toEqual(['Butter', 'Sugar']);
    expect(used('Butter an 8 × 8 inch pan.')).toEqual([]);
    expect(used('Fill the pan with soapy water.')).toEqual([]);
    expect(used('Stir the cream and water in.')).toEqual(['Double cream', 'Water']);
  });
});
