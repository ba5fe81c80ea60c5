/** Text as words that can be compared: lower case, no accents, no apostrophes, hyphens as spaces, E numbers as one word. */
export function wordsOf(text: string): string[] {
  return (
    text
      .normalize('NFKD')
      .replaceAll(/\p{M}/gu, '')
      .toLowerCase()
      .replaceAll(/['’‘`´]/g, '')
      .replaceAll(/\be[\s-]?(\d{3,4})\s?([a-h])?\s?\(?(?:i{1,3}|iv|v)?\)?(?![\p{L}\p{N}])/gu, 'e$1$2')
      .replaceAll(/(\d)\s+%/g, '$1%')
      // Whites are of eggs; white is a colour.
      .replaceAll(/(?<!egg )\bwhites\b/g, 'egg white')
      .split(/[^\p{L}\p{N}%]+/u)
      .filter((word) => word !== '')
  );
}

/** A word without its plural: berries and berry, cookies and cookie, tomatoes and tomato are one each. */
export function stemOf(word: string): string {
  if (word.length < 4 || /(ss|us|is)$/.test(word)) return word.replace(/(ie|y)$/, 'i');
  const irregular: Record<string, string> = {
    loaves: 'loaf',
    leaves: 'leaf',
    halves: 'half',
    knives: 'knife',
  };
  const found = irregular[word];
  if (found !== undefined) return found;
  return word
    .replace(/(ss|x|ch|sh|zz|o)es$/, '$1')
    .replace(/s$/, '')
    .replace(/(ie|y)$/, 'i');
}

export const stemsOf = (text: string) => wordsOf(text).map(stemOf);

const list = (text: string) => text.trim().split(/\s+/);

/** Words that say how much, how it is cut, kept, sold or used, and nothing of what it is. */
const neutralWords = new Set(
  list(`
  a an and the of in on or for to with from at as by plus about approx approximately optional if needed required desired
  some few little more extra enough taste small medium large big xl jumbo mini tiny thick thin long short whole half third
  quarter piece chunk slice sliced strip stick cube cubed diced dice chopped finely roughly coarsely fine coarse rough
  minced grated shredded crushed crumbled ground milled mashed pureed puree purée blended beaten whisked whipped sifted
  sieved melted softened soft hard firm room temperature cold cool cooled chilled warm warmed hot lukewarm boiling boiled
  cooked uncooked raw roast roasted toasted grilled baked fried steamed poached smoked dried dry fresh freshly frozen
  thawed defrosted tinned canned jarred bottled packed packet pack bag box tin can jar bottle carton tub pot sachet tube
  bunch handful sprig head bulb clove leaf stalk stem rib ear knob pinch dash drop splash drizzle glug dollop scoop heap
  heaped level rounded scant generous dusting sprinkle topping filling garnish decoration glaze greasing dust brushing
  brush serving serve coating frying finish finishing drizzling
  g kg mg gram kilogram ml l cl dl litre liter millilitre oz lb ounce pound cup tbsp tsp tablespoon teaspoon dessertspoon
  pint quart gallon fl floz mm cm inch percent fat low high reduced light lite full skim free range organic natural pure plain unsalted
  salted sweetened unsweetened unflavoured flavoured flavored flavour flavor unrefined refined virgin extra quality good
  best ripe unripe overripe peeled unpeeled skinned skinless boneless bone seedless seeded deseeded stoned pitted cored
  trimmed washed rinsed drained soaked dissolved halved quartered juiced zested squeezed separated divided reserved
  leftover own brand made homemade home shop bought store ready prepared instant quick easy cook cooking eating
  baking powdered powder granulated granule flake flaked crystal liquid solid block bar sheet paste concentrate
  concentrated extract essence infusion solution mix mixture blend assorted mixed white black brown red green yellow
  golden dark pale pink purple blue orange colour coloured mild medium strong mature aged young new old english french
  italian greek spanish indian chinese thai japanese mexican american british irish scottish welsh belgian swiss german
  danish dutch turkish african asian moroccan korean vietnamese polish russian hungarian canadian australian cornish
  caribbean malaysian indonesian mediterranean
  contain contains containing traces trace tree egyptian moist tender thickened clear cloudy smooth crunchy chunky creamy sour sweet bitter savoury spicy tangy
  caster castor icing size sized type style traditional classic original luxury premium value special deluxe vegan
  vegetarian veggie plant based source product ingredient food grade edible kosher halal wild farmed line caught local
  seasonal early late main crop no not
  including include seasoned fillet fillets loin cutlet breast thigh drumstick wing leg shoulder belly neck mince steamed
  strained defatted degreased blanched candied cured aged ripened fermented cultured pickled marinated breaded coated
  nibbed slivered split kernel shell shelled unshelled husked hulled rind skin flesh juice zest peel segment ring wedge
  round square patty ball bite nugget finger crisp tray pouch refill supermarket local farm garden bought mild active
  double single triple thick pouring set runny clear stirred gel gelled plus based base free
  i ii iii iv v one two three four five six seven eight nine ten dozen couple each per total amount quantity weight
  volume part equal batch station class student sample
  l. k koch wangenh var
  `).map(stemOf),
);

/** Whether a word tells nothing of what an ingredient is. */
export function isNeutral(stem: string): boolean {
  return /^[\d.,/%½¼¾⅓⅔⅛]+/u.test(stem) || stem.length === 1 || neutralWords.has(stem);
}
