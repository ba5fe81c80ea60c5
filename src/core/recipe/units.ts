/** Units of a pasted recipe: those of the kitchen, whatever they are called where it was written. */
export type RecipeUnit =
  | 'g'
  | 'kg'
  | 'ml'
  | 'l'
  | 'tsp'
  | 'tbsp'
  | 'dessertspoon'
  | 'cup'
  | 'oz'
  | 'lb'
  | 'floz'
  | 'pint'
  | 'each'
  | 'sachet'
  | 'tin'
  | 'packet'
  | 'stick'
  | 'pinch'
  | 'dash'
  | 'handful'
  | 'clove'
  | 'slice'
  | 'to-taste';

export interface UnitRead {
  unit: RecipeUnit;
  /** How many of the unit one of the written one is: a centilitre is 10 ml. */
  times: number;
  length: number;
  word: string;
}

/** Unit | how many of it | what it is called: English; German; French; Spanish; Italian; Indonesian. */
const table: readonly (readonly [RecipeUnit, number, string])[] = [
  ['g', 1, 'g gr gm gms gram grams gramme grammes gramm grammi grammo gramos gramo grs gramas'],
  ['g', 0.001, 'mg milligram milligrams'],
  ['g', 500, 'pfund livre livres'],
  ['g', 100, 'etto etti ons'],
  [
    'kg',
    1,
    'kg kgs kilo kilos kilogram kilograms kilogramme kilogrammes kilogramm chilo chili chilogrammi kilogramo',
  ],
  [
    'ml',
    1,
    'ml mls millilitre millilitres milliliter milliliters mililitro mililitros millilitro millilitri cc cm³ cm3 c.c.',
  ],
  ['ml', 10, 'cl centilitre centilitres centiliter'],
  ['ml', 100, 'dl decilitre decilitres deciliter decilitro decilitros'],
  ['l', 1, 'l ltr litre litres liter liters litro litros litri lt dm³ dm3'],
  [
    'tbsp',
    1,
    'tbsp tbsps tbs tblsp tblsps tbl tablespoon tablespoons tablespoonful tablespoonfuls tablespoonsful|el|esslöffel|c. à s.|c. à soupe|c à soupe|c. a soupe|cuillère à soupe|cuillères à soupe|cuillerée à soupe|cuillerées à soupe|cuil. à soupe|cs|c.à.s.|c.à s.|càs|cas|cucharada cucharadas cda cdas|cucharada sopera|cucharadas soperas|cucchiaio cucchiai cucchiaiata|sdm|sendok makan',
  ],
  [
    'tsp',
    1,
    'tsp tsps teaspoon teaspoons teaspoonful teaspoonfuls teaspoonsful|tl|teelöffel|kaffeelöffel|c. à c.|c. à café|c à café|c. a café|cuillère à café|cuillères à café|cuillerée à café|cuil. à café|c.à.c.|c.à c.|càc|cac|cucharadita cucharaditas cdita cditas cdta cdtas|cucharada pequeña|cucharilla cucharillas|cucchiaino cucchiaini|sdt|sendok teh',
  ],
  [
    'dessertspoon',
    1,
    'dsp dsps dstspn dessertspoon dessertspoons dessertspoonful dessertspoonfuls dessertlöffel',
  ],
  [
    'cup',
    1,
    'cup cups cupful cupfuls|tasse tassen|tasses|taza tazas|tazza tazze|tazzina|gelas|cangkir|verre verres|vaso vasos|bicchiere bicchieri|glas gläser',
  ],
  ['floz', 1, 'fl oz|fl. oz.|fl. oz|fl.oz.|floz|fluid ounce|fluid ounces'],
  ['oz', 1, 'oz ozs ounce ounces onza onzas'],
  ['lb', 1, 'lb lbs pound pounds libra libras'],
  ['pint', 1, 'pint pints pt pts'],
  ['pint', 2, 'quart quarts qt qts'],
  [
    'sachet',
    1,
    'sachet sachets envelope envelopes päckchen pck pkg päckli|sobre sobres|bustina bustine|bungkus|beutel|pk. päck.',
  ],
  [
    'tin',
    1,
    'tin tins can cans dose dosen|boîte boîtes|boite boites|lata latas|scatola scatole|lattina lattine|kaleng',
  ],
  [
    'packet',
    1,
    'packet packets pack packs package packages pkt pkts pkge bag bags carton cartons box boxes tub tubs pot pots jar jars bottle bottles block blocks bar bars punnet punnets tube tubes becher packung|paquet paquets|pots|paquete paquetes|bote botes|confezione confezioni|vasetto vasetti|barattolo|kotak',
  ],
  [
    'stick',
    1,
    'stick sticks stalk stalks rib ribs stange stangen|bâton bâtons|branche branches|rama ramas|tallo tallos|gambo gambi|costa coste|stecca|batang',
  ],
  [
    'pinch',
    1,
    'pinch pinches prise prisen messerspitze msp|pincée pincées|pizca pizcas|pizzico pizzichi|presa|sejumput|jumput|secubit',
  ],
  [
    'dash',
    1,
    'dash dashes splash splashes glug glugs drizzle drop drops squeeze spritzer schuss tropfen|filet|trait|goutte gouttes|chorrito chorro gotas|goccia gocce|filo',
  ],
  ['handful', 1, 'handful handfuls handvoll|poignée poignées|puñado puñados|manciata manciate|genggam'],
  ['clove', 1, 'clove cloves zehe zehen|gousse gousses|diente dientes|spicchio spicchi|siung'],
  [
    'slice',
    1,
    'slice slices rasher rashers scheibe scheiben|tranche tranches|rebanada rebanadas loncha lonchas|fetta fette|lembar|iris',
  ],
  [
    'each',
    1,
    'piece pieces thumb thumbs spoonful spoonfuls sprig sprigs head heads bunch bunches bulb bulbs leaf leaves sheet sheets knob knobs cube cubes fillet fillets ear ears pod pods stück bund zweig zweige blatt blätter würfel knolle|brin brins|botte bottes|feuille feuilles|tête|noix|hoja hojas|manojo|ramita ramitas|unidad unidades|foglia foglie|fogli|mazzetto|rametto rametti|ciuffo|noce|cubetto|pezzo pezzi|buah|butir|biji|helai|ikat|ruas|ekor|potong',
  ],
];

/** Words that hold another amount: tins, sachets, packs. */
const packUnits = new Set<RecipeUnit>(['tin', 'packet', 'sachet', 'stick']);

const words = new Map<string, { unit: RecipeUnit; times: number }>();
for (const [unit, times, text] of table) {
  for (const group of text.split('|')) {
    // A group with dots or “à” is one name; else each word is.
    const names = /[. ]à|\. |^fl|fluid|à |soper|pequeña|makan|teh$/.test(group) ? [group] : group.split(' ');
    for (const name of names) if (!words.has(name)) words.set(name, { unit, times });
  }
}
const pattern = new RegExp(
  `^(?:${[...words.keys()]
    .sort((a, b) => b.length - a.length)
    .map((word) => word.replaceAll(/[.*+?^${}()|[\]\\]/g, '\\$&'))
    .join('|')})(?![\\p{L}])\\.?(?:\\((?:s|es|n)\\))?\\s*`,
  'iu',
);

/** The unit at the head of a text, or null. A lone “T” is a tablespoon and a lone “t” a teaspoon, a “c” a cup. */
export function unitAt(text: string): UnitRead | null {
  const lone = /^([Ttc])(?:\.?\s+(?=\p{L})(?!à|a (?:s|c)\b|a soupe|a caf)|\.?$)/u.exec(text);
  if (lone) {
    const unit = lone[1] === 'T' ? 'tbsp' : lone[1] === 't' ? 'tsp' : 'cup';
    return { unit, times: 1, length: lone[0].length, word: lone[1]! };
  }
  const match = pattern.exec(text);
  if (!match) return null;
  const word = match[0].trim().replace(/\.?(?:\(\w+\))?$/, '');
  const found = words.get(word.toLowerCase()) ?? words.get(match[0].trim().toLowerCase());
  return found ? { ...found, length: match[0].length, word } : null;
}

export const isPack = (unit: RecipeUnit) => packUnits.has(unit);
export const isMass = (unit: RecipeUnit) => ['g', 'kg', 'oz', 'lb'].includes(unit);
export const isVolume = (unit: RecipeUnit) =>
  ['ml', 'l', 'tsp', 'tbsp', 'dessertspoon', 'cup', 'floz', 'pint', 'pinch', 'dash'].includes(unit);

/** Grams of one of a unit of mass (international avoirdupois); null for others. */
export function gramsOf(unit: RecipeUnit): number | null {
  const grams: Partial<Record<RecipeUnit, number>> = { g: 1, kg: 1000, oz: 28.349523125, lb: 453.59237 };
  return grams[unit] ?? null;
}

/** Which cup and pint a recipe means. */
export type CupKind = 'us' | 'metric';

/**
 * Millilitres of one of a unit of volume; null for others. Spoons are level metric ones; the US cup is 236.6 ml and its
 * pint 473 ml, the metric cup 250 ml and the imperial pint 568 ml (NIST Handbook 44; metric cup by common practice). A
 * pinch is a sixteenth of a teaspoon, a dash an eighth, a dessert spoon 10 ml (common practice).
 */
export function millilitresOf(unit: RecipeUnit, cup: CupKind): number | null {
  const us = cup === 'us';
  const millilitres: Partial<Record<RecipeUnit, number>> = {
    ml: 1,
    l: 1000,
    tsp: 5,
    tbsp: 15,
    dessertspoon: 10,
    cup: us ? 236.5882365 : 250,
    floz: us ? 29.5735295625 : 28.4130625,
    pint: us ? 473.176473 : 568.26125,
    pinch: 5 / 16,
    dash: 5 / 8,
  };
  return millilitres[unit] ?? null;
}
