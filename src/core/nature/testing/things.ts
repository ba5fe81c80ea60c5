/** Recipes of things that are of one kind each. */
export const brittle = `Peanut brittle
200 g caster sugar
100 g golden syrup
60 ml water
30 g butter
150 g peanuts
5 g bicarbonate of soda

1. Boil the sugar, syrup and water to 150 °C.
2. Stir in the butter, peanuts and soda.
3. Pour into a lined tin and leave 3 hours to cool.
4. Chill in the refrigerator until it is hard.`;
export const amber = `Sesame brittle
200 g sugar
50 g honey
100 g sesame seeds
20 g butter

1. Melt the sugar and honey in a pan until deep amber.
2. Stir in the sesame and butter.
3. Pour into a tin and leave overnight.`;
export const bars = `Oat bars
250 g rolled oats
125 g butter
125 g brown sugar
75 g golden syrup
2 g salt

1. Melt the butter, sugar and syrup in a pan.
2. Stir in the oats and salt.
3. Press into a tin and bake 25 min at 170 °C.
4. Cool 4 hours in the tin, then take them home.`;
export const caramel = `Cream caramels
200 g sugar
100 g golden syrup
250 ml double cream
50 g butter

1. Boil the sugar, syrup, cream and butter to 120 °C.
2. Pour into a dish and cool.
3. Chill in the refrigerator and cut.`;
export const custard = `Custard
500 ml milk
4 egg yolks
60 g sugar
20 g cornflour

1. Whisk the yolks, sugar and cornflour.
2. Heat the milk, pour it over and cook until 82 °C.
3. Pour into a dish and chill in the refrigerator.`;
export const lasagne = `Lasagne
500 g minced beef
400 g tinned tomatoes
500 ml milk
50 g plain flour
200 g lasagne sheets
100 g cheddar

1. Fry the mince, add the tomatoes and simmer 20 min.
2. Boil the milk and flour, stirring.
3. Layer with sheets and cheddar and bake 40 min at 180 °C.
4. Cool and refrigerate.`;
export const jelly = `Milk jelly
500 ml milk
12 g gelatine
50 g sugar

1. Warm the milk and sugar to 60 °C and dissolve the gelatine.
2. Pour into a dish and chill 3 hours.`;
export const dough = `Flat dough
300 g flour
180 g water
5 g salt

1. Knead the flour, water and salt 10 min.
2. Roll out.`;
export const amberSauce = amber
  .replace('20 g butter', '20 g butter\n200 ml milk')
  .replace('and butter', 'butter and milk');
