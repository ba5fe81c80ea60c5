import { pasted } from '../src/core/recipe/testing/pasted';
import { natureOf } from '../src/core/nature';
import { homeVersion } from '../src/core/home';
import { reviewPlan } from '../src/core/review';
import { ingredientGrams } from '../src/core/batch';
import { kitchen } from '../src/core/review/testing/faults';
const all: Record<string, string> = {
  brittle:
    'Peanut brittle\n200 g caster sugar\n100 g golden syrup\n60 ml water\n30 g butter\n150 g peanuts\n5 g bicarbonate of soda\n\n1. Boil the sugar, syrup and water to 150 °C.\n2. Stir in the butter, peanuts and soda.\n3. Pour into a lined tin 20 x 20 cm and leave 3 hours to cool.\n4. Break up and keep in a closed tin.',
  brittleNoT:
    'Sesame brittle\n200 g sugar\n50 g honey\n100 g sesame seeds\n20 g butter\n\n1. Melt the sugar and honey in a pan until deep amber.\n2. Stir in the sesame and butter.\n3. Pour into a tin and leave overnight.',
  oatbars:
    'Oat bars\n250 g rolled oats\n125 g butter\n125 g brown sugar\n75 g golden syrup\n2 g salt\n\n1. Melt the butter, sugar and syrup in a pan.\n2. Stir in the oats and salt.\n3. Press into a 20 x 20 cm tin and bake 25 min at 170 °C.\n4. Leave in the tin 3 hours until cold, then cut.',
  caramel:
    'Cream caramels\n200 g sugar\n100 g golden syrup\n150 ml double cream\n50 g butter\n\n1. Boil the sugar, syrup, cream and butter to 120 °C.\n2. Pour into a tin 15 x 15 cm and cool 2 hours.\n3. Chill in the refrigerator and cut.',
  custard:
    'Custard\n500 ml milk\n4 egg yolks\n60 g sugar\n20 g cornflour\n\n1. Whisk the yolks, sugar and cornflour.\n2. Heat the milk, pour over and cook until 82 °C.\n3. Pour into a dish 20 x 20 cm and chill in the refrigerator 2 hours.',
  lasagne:
    'Lasagne\n500 g minced beef\n400 g tinned tomatoes\n500 ml milk\n50 g butter\n50 g plain flour\n200 g lasagne sheets\n100 g cheddar\n\n1. Fry the mince, add the tomatoes and simmer 20 min.\n2. Melt the butter, stir in the flour and milk and boil.\n3. Layer with sheets, top with cheddar, bake 40 min at 180 °C in a dish 30 x 20 cm.\n4. Cool and refrigerate.',
  jelly:
    'Milk jelly\n500 ml milk\n12 g gelatine\n50 g sugar\n\n1. Soak the gelatine, warm the milk and sugar to 60 °C and dissolve it.\n2. Pour into a dish 20 x 20 cm and chill 3 hours.',
  bread:
    'Loaf\n500 g strong flour\n320 g water\n7 g dried yeast\n10 g salt\n20 g butter\n\n1. Mix and knead 10 min.\n2. Leave to rise 3 hours.\n3. Bake 30 min at 220 °C.\n4. Cool on a rack 3 hours.',
  toffee:
    'Toffee\n200 g butter\n200 g sugar\n30 ml water\n\n1. Boil the butter, sugar and water to 148 °C.\n2. Pour in a tin 20 x 20 cm and leave to cool 3 hours.\n3. Chill until hard.',
};
for (const [name, t] of Object.entries(all)) {
  const p = pasted(t);
  console.log(
    '##',
    name,
    'nature',
    natureOf(
      p,
      p.formula.map((line) => ({ ...line, grams: ingredientGrams(line) })),
    ),
  );
  const plan = { ...p, portions: { ...p.portions, trayCm2: 400, vessels: 1 } };
  for (const r of reviewPlan({ plan, place: kitchen } as never).open)
    if (/cool|warm|deep|fridge|refriger|ice|cold|keep|chill/i.test(r.what + r.why + (r.remedy?.label ?? '')))
      console.log('   ', r.rank, r.id, '|', r.what, '|', r.remedy?.label ?? '');
  console.log('   home:', homeVersion(p, kitchen).keeping.slice(0, 2).join(' / '));
}
