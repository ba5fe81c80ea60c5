import type { PhenomenonId } from '../phenomena';

/** What is to be seen, felt or smelt of an ingredient before, while and after. */
export interface Looks {
  /** Of which ingredients, by name. */
  of: RegExp;
  before: string;
  during: string;
  after: string;
  /** Otherwise where this happens to it; the first that does. */
  where?: readonly { phenomenon: PhenomenonId; during: string; after: string }[];
}

/** From the particular to the general: the first that fits is taken. */
export const looks: readonly Looks[] = [
  {
    of: /\b(?:bicarbonate|baking soda|baking powder)\b/i,
    before: 'fine white powder, no smell',
    during: 'bubbles as soon as it meets acid or heat',
    after: 'gone; more than the acid needed leaves a yellow tint and a soapy taste',
  },
  {
    of: /\byeast\b/i,
    before: 'brown grains, or a crumbly grey block',
    during: 'foams, smells of bread and alcohol',
    after: 'killed by the oven; holes where the gas was',
  },
  {
    of: /\bgelatine?\b/i,
    before: 'clear sheets or pale grains, hard',
    during: 'swells in cold liquid, vanishes in warm',
    after: 'cannot be seen; the whole trembles and stands',
  },
  {
    of: /\bagar\b/i,
    before: 'white powder or threads',
    during: 'dissolves only at the boil',
    after: 'firm, a little cloudy, sets while still warm',
  },
  {
    of: /\b(?:golden syrup|glucose syrup|corn syrup|honey|treacle|molasses|maple syrup)\b/i,
    before: 'thick, runs slowly, shines',
    during: 'thin when hot, boils with the rest',
    after: 'part of the whole; keeps crystals away',
  },
  {
    of: /\bsugar\b/i,
    before: 'dry crystals, sweet',
    during: 'dissolves and cannot be seen',
    after: 'sweet; gone into the whole',
    where: [
      {
        phenomenon: 'sugar-stages',
        during: 'dissolves, boils; bubbles grow slower, larger, then pale yellow',
        after: 'set without grains: bends or snaps, by how hot it was',
      },
      {
        phenomenon: 'yeast',
        during: 'dissolves; the dough grows softer',
        after: 'part is eaten by the yeast, the rest browns the crust',
      },
      {
        phenomenon: 'gas-from-soda',
        during: 'dissolves slowly, batter runnier',
        after: 'browns the crust, holds moisture',
      },
    ],
  },
  {
    of: /\b(?:cornflour|cornstarch|potato starch|tapioca|arrowroot|rice flour)\b/i,
    before: 'white powder that squeaks',
    during: 'sinks in cold liquid; from about 60 °C it thickens quickly',
    after: 'glossy, thick; stiffer as it cools',
  },
  {
    of: /\bflours?\b/i,
    before: 'dry, pale powder',
    during: 'takes up water, becomes sticky, then elastic',
    after: 'crumb with holes, brown crust',
    where: [
      {
        phenomenon: 'starch',
        during: 'swells in the hot liquid, thickens it',
        after: 'coats the spoon; thicker when cold',
      },
    ],
  },
  {
    of: /\b(?:egg whites?)\b/i,
    before: 'clear, runs, a little sticky',
    during: 'white foam; first large, then fine bubbles',
    after: 'white and firm where it was heated',
  },
  {
    of: /\begg yolks?\b/i,
    before: 'orange, thick',
    during: 'thickens from about 65 °C, splits when too hot',
    after: 'smooth and thick, or grainy',
  },
  {
    of: /\beggs?\b/i,
    before: 'clear white that runs, yellow yolk',
    during: 'white turns opaque, then yolk thickens',
    after: 'set; holds the rest together',
  },
  {
    of: /\b(?:butter|margarine|lard|ghee|shortening)\b/i,
    before: 'pale yellow; hard when cold, soft at 20 °C',
    during: 'softens, melts, foams as its water boils off',
    after: 'in the whole; smells nutty where it browned',
  },
  {
    of: /\b(?:oil)\b/i,
    before: 'clear, yellow, runs',
    during: 'thinner when hot; shimmers',
    after: 'a film on the surface, or in the whole',
  },
  {
    of: /\b(?:double|whipping|single|sour)? ?cream\b/i,
    before: 'white, pours thickly',
    during: 'warms without change, or thickens as air goes in',
    after: 'white; holds what it was set or whipped to',
  },
  {
    of: /\b(?:buttermilk|yog(?:h)?urt)\b/i,
    before: 'thick, sour smell',
    during: 'bubbles with the soda',
    after: 'part of the crumb; little sour is left',
  },
  {
    of: /\bmilk\b/i,
    before: 'white, runs',
    during: 'a skin when hot; rises as it boils',
    after: 'gone into the whole; helps it brown',
  },
  {
    of: /\b(?:lemon juice|vinegar|citric|ascorbic|cream of tartar)\b/i,
    before: 'sour; clear liquid or white grains',
    during: 'dissolves; bubbles with soda',
    after: 'less sour where soda used it up; cut fruit stays paler',
  },
  {
    of: /\b(?:minced?|beef|turkey|chicken|pork|lamb|fish|salmon|cod|sausage)\b/i,
    before: 'raw: soft, wet, pink or glassy',
    during: 'turns opaque, shrinks, juice runs out',
    after: 'firm, grey-brown within, brown outside; the probe says whether it is safe',
  },
  {
    of: /\b(?:apples?|pears?|bananas?|avocados?|potato(?:es)?|mushrooms?)\b/i,
    before: 'cut face pale and wet',
    during: 'browns from the edge inward',
    after: 'brown, dry film; pale where it was protected',
  },
  {
    of: /\b(?:onions?|garlic|shallots?)\b/i,
    before: 'white, crisp, sharp smell',
    during: 'turns glassy, then golden',
    after: 'soft, sweet, brown',
  },
  {
    of: /\bchocolate|cocoa\b/i,
    before: 'brown, hard or a dry powder',
    during: 'melts, or wets slowly',
    after: 'dark; browning cannot be judged by its colour',
  },
  {
    of: /\bsalt\b/i,
    before: 'white crystals',
    during: 'dissolves at once',
    after: 'tasted only; tightens a dough, slows yeast',
  },
  {
    of: /\bwater\b/i,
    before: 'clear, runs',
    during: 'takes up what dissolves',
    after: 'part of the whole',
    where: [
      { phenomenon: 'sugar-stages', during: 'steams, boils', after: 'nearly all gone as vapour' },
      { phenomenon: 'reduction', during: 'steams, boils', after: 'partly gone as vapour: weigh it' },
    ],
  },
];
