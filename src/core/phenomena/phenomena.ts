/** What a class can see happen in a batch. */
export const phenomenonIds = [
  'sugar-stages',
  'browning',
  'enzymic-browning',
  'gas-from-soda',
  'yeast',
  'steam-and-air',
  'gel',
  'starch',
  'protein',
  'reduction',
  'emulsion-and-foam',
  'heat-transfer',
  'preservation',
] as const;
export type PhenomenonId = (typeof phenomenonIds)[number];

/** A phenomenon: how it is called, and which words of a plan are about it. */
export interface Phenomenon {
  id: PhenomenonId;
  name: string;
  /** Words that a question, a factor, a response or a reason about it has. */
  words: RegExp;
  /** What a formula or a method has where it happens, whether anyone asks about it or not. */
  signs: RegExp;
}

export const phenomena: readonly Phenomenon[] = [
  {
    id: 'sugar-stages',
    name: 'sugar stages',
    words:
      /\b(?:syrup|soft ball|hard crack|thread|crack stage|crystal\w*|candy|toffee|fondant|fudge|honeycomb|brittle|snap)\b/i,
    signs: /\b(?:golden syrup|glucose syrup|boil(?:ing)? (?:the )?(?:sugar|syrup)|sugar thermometer)\b/i,
  },
  {
    id: 'browning',
    name: 'browning by heat',
    words: /\b(?:maillard|caramelis\w*|brown(?:s|ed|ing|er)?|crust colour|golden|toast\w*)\b/i,
    signs: /\b(?:until (?:deep |light |evenly )?(?:golden|brown)|caramelis\w*|sear\w*)\b/i,
  },
  {
    id: 'enzymic-browning',
    name: 'browning of cut fruit',
    words:
      /\b(?:enzymic|enzymatic|polyphenol\w*|cut (?:apple|pear|avocado|potato)|ascorbic|slices? brown)\b/i,
    signs: /\b(?:ascorbic acid|vitamin c)\b/i,
  },
  {
    id: 'gas-from-soda',
    name: 'raising by soda or powder',
    words:
      /\b(?:leaven\w*|bicarbonate|baking (?:soda|powder)|raising agent|carbon dioxide|co₂|rise(?:s|n)? higher)\b/i,
    signs: /\b(?:bicarbonate|baking soda|baking powder|self-raising|raising agent)\b/i,
  },
  {
    id: 'yeast',
    name: 'raising by yeast',
    words: /\b(?:yeast|ferment\w*|prov(?:e|ing)|proof(?:ing)?|sourdough)\b/i,
    signs: /\b(?:yeast|sourdough|starter|prove|proved)\b/i,
  },
  {
    id: 'steam-and-air',
    name: 'raising by steam and air',
    words: /\b(?:steam|meringue|souffl\w*|sponge|creaming|beaten in|puff\w*)\b/i,
    signs: /\b(?:stiff peaks|ribbon|whisk(?:ed)? (?:the )?egg whites|cream (?:the )?(?:butter|margarine))\b/i,
  },
  {
    id: 'gel',
    name: 'setting to a gel',
    words:
      /\b(?:gel(?:s|led|ling)?|gelatine?|agar|pectin|jelly|set time|setting|sag|slump|wobbl\w*|tremble)\b/i,
    signs: /\b(?:gelatine?|agar|pectin|carrageenan|alginate|rennet)\b/i,
  },
  {
    id: 'starch',
    name: 'thickening by starch',
    words: /\b(?:starch\w*|gelatinis\w*|thicken\w*|line spread|flow time|viscosity|roux|cornflour|lumps?)\b/i,
    signs: /\b(?:cornflour|cornstarch|arrowroot|roux|tapioca|potato starch|until (?:it )?thickens?)\b/i,
  },
  {
    id: 'protein',
    name: 'protein and heat',
    words:
      /\b(?:protein|coagul\w*|denatur\w*|curdl\w*|core temperature|safe core|doneness|yolk|tender\w*|overcook\w*)\b/i,
    signs: /\b(?:core|poach\w*|minced?|fillets?|scrambl\w*|omelette|custard)\b/i,
  },
  {
    id: 'reduction',
    name: 'evaporation and reduction',
    words: /\b(?:evaporat\w*|reduc(?:e|es|ed|ing|tion) (?:to|by|of|sauce)?|boil(?:ed)? down)\b/i,
    signs: /\b(?:reduce (?:it |the |by |to |until )|boil (?:it )?down|simmer uncovered)/i,
  },
  {
    id: 'emulsion-and-foam',
    name: 'emulsions, foams, butter',
    words:
      /\b(?:emuls\w*|foam\w*|overrun|mayonnaise|vinaigrette|butter(?:fat)? yield|whipp\w*|churn\w*|split(?:s|ting)?)\b/i,
    signs: /\b(?:mayonnaise|hollandaise|whip(?:ped)? (?:the )?cream|churn|emulsif\w*|drop by drop)\b/i,
  },
  {
    id: 'heat-transfer',
    name: 'how heat gets in and out',
    words:
      /\b(?:heat transfer|conduct\w*|convect\w*|thickness|size of (?:the |each )?(?:piece|ball|cut)s?|how thick|cool(?:s|ing)? (?:fast|slow|down|curve|quick)\w*|preheat\w*|centre temperature|safe core)\b/i,
    signs: /\b(?:core|ice bath|cooling curve)\b/i,
  },
  {
    id: 'preservation',
    name: 'why food keeps',
    words:
      /\b(?:preserv\w*|water activity|keeps? (?:longer|for)|shelf life|spoil\w*|jam|pickl\w*|brin(?:e|ing)|chutney)\b/i,
    signs: /\b(?:jam sugar|jars?|pickling|brine)\b/i,
  },
];

export const phenomenonCalled = (id: PhenomenonId): Phenomenon => phenomena.find((one) => one.id === id)!;
