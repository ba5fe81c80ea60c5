import { describe, expect, it } from 'vitest';
import { riskLines } from '../risk';
import { kindOf, open } from './testing/faults';
import { pasted } from '../recipe/testing/pasted';

const remarks = (text: string) => {
  const kinds = open(pasted(text)).map(kindOf);
  return ['core-too-cool', 'core-not-probed', 'beans-not-boiled', 'eaten-raw', 'stands-in-oil'].filter(
    (one) => kinds.includes(one),
  );
};
const dish = (formula: string, method: string) => `A dish\n${formula}\n\n${method}`;

// US FDA Food Code 3-401.11 and UK guidance: nothing of poultry is done below 70 °C held, of mince below 68, of the rest 63.
describe('what makes ill', () => {
  it.each([
    [
      dish('600 g chicken thighs', 'Roast the chicken thighs until the core shows 60 °C.\nCarve and taste.'),
      ['core-too-cool'],
    ],
    [
      dish('600 g chicken thighs', 'Roast the chicken thighs until the core shows 75 °C.\nCarve and taste.'),
      [],
    ],
    [dish('500 g turkey mince', 'Shape four burgers.\nFry until the core shows 55 °C.'), ['core-too-cool']],
    [dish('800 g pork loin', 'Roast the pork loin until the core shows 58 °C.'), ['core-too-cool']],
    [dish('800 g pork loin', 'Roast the pork loin until the core shows 65 °C.'), []],
    [dish('400 g salmon fillet', 'Poach the salmon until the core shows 50 °C.'), ['core-too-cool']],
    [dish('400 g salmon fillet', 'Poach the salmon for 8 min.'), ['core-not-probed']],
    // A glaze of 110 °C is not the chicken’s core.
    [
      dish(
        '600 g chicken wings\n200 g sugar\n100 ml vinegar',
        'Boil the sugar and the vinegar to 110 °C.\nRoast the chicken wings for 40 min.\nBrush with the glaze.',
      ),
      ['core-not-probed'],
    ],
    [
      dish('200 g dried kidney beans\n1 onion', 'Soak the beans overnight.\nSlow cook for 6 hours.'),
      ['beans-not-boiled'],
    ],
    [dish('400 g red kidney beans\n1 onion', 'Simmer all for 5 min.'), ['beans-not-boiled']],
    [dish('200 g dried kidney beans', 'Soak the beans overnight.\nBoil the beans hard for 30 min.'), []],
    [dish('400 g tin of kidney beans', 'Simmer the beans for 5 min.'), []],
    [
      dish(
        '6 cloves garlic\n300 ml olive oil',
        'Put the garlic into the oil and leave to infuse for 5 days.',
      ),
      ['stands-in-oil'],
    ],
    [dish('6 cloves garlic\n30 ml olive oil', 'Fry the garlic in the oil for 1 min.'), []],
    [
      dish(
        '3 eggs\n200 g dark chocolate',
        'Melt the chocolate.\nWhisk the eggs and fold them into the chocolate.\nChill for 2 hours.',
      ),
      ['eaten-raw'],
    ],
    [dish('3 eggs\n200 g flour', 'Whisk the eggs and fold in the flour.\nBake for 20 min.'), []],
    // What is boiled or fried beside it cooks no egg; neither does a pan that is off the heat.
    [
      dish(
        '2 egg yolks\n250 ml oil\n200 g bacon',
        'Whisk the yolks with the oil.\nFry the bacon until crisp.\nServe cold.',
      ),
      ['eaten-raw'],
    ],
    [
      dish(
        '200 g macaroni\n2 eggs',
        'Beat the eggs.\nBoil the macaroni for 10 min.\nToss together off the heat.',
      ),
      ['eaten-raw'],
    ],
    [
      dish(
        '2 eggs\n15 ml vinegar',
        'Bring a pan of water with the vinegar to a simmer.\nSlip the eggs into it for 4 min.',
      ),
      [],
    ],
    [
      dish(
        '2 eggs\n200 g flour\n50 g butter',
        'Whisk the eggs into the flour.\nFry spoonfuls in the butter for 3 min.\nWash everything the eggs have touched.',
      ),
      [],
    ],
    [dish('300 g beef fillet\n1 shallot', 'Chop the beef very finely.\nSeason and serve.'), ['eaten-raw']],
    [
      dish(
        '300 g sea bass\n100 ml lime juice',
        'Slice the sea bass.\nLeave it in the lime juice for 20 min.\nServe cold.',
      ),
      ['eaten-raw'],
    ],
    [dish('500 g flour\n10 g ground cumin', 'Mix the flour and the cumin.\nBake for 20 min.'), []],
  ])('%s', (text, wanted) => {
    expect(remarks(text)).toEqual(wanted);
  });

  it('stands in the risk assessment too, whatever the steps say', () => {
    const lines = (text: string) =>
      riskLines(pasted(text), null, () => [])
        .map(({ id }) => id)
        .filter((id) => ['hazard:raw-beans', 'eaten-raw', 'stands-in-oil'].includes(id));
    expect(lines(dish('200 g kidney beans', 'Simmer for 5 min.'))).toEqual(['hazard:raw-beans']);
    expect(lines(dish('3 eggs\n100 g sugar', 'Whisk the eggs with the sugar.\nChill.'))).toContain(
      'eaten-raw',
    );
    expect(lines(dish('rosemary\n300 ml olive oil', 'Steep the rosemary in the oil for a week.'))).toEqual([
      'stands-in-oil',
    ]);
  });
});
