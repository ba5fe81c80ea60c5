import type { Source } from '../working';

export const claimsSource: Source = {
  kind: 'common-practice',
  text: 'What food science teaching says of kitchen sayings (from memory of textbooks; a class can test most of them)',
};

/** A saying of the kitchen and how well founded it is. */
export interface Claim {
  id: string;
  says: string;
  verdict: 'well founded' | 'doubtful' | 'wrong';
  /** What is known instead. */
  known: string;
  words: RegExp;
}

/** Sayings that stand in methods again and again. */
export const claims: readonly Claim[] = [
  {
    id: 'seals-juices',
    says: 'browning seals the juices in',
    verdict: 'wrong',
    known: 'A crust lets water through; seared meat loses as much. It is browned for its taste.',
    words: /\b(?:seal(?:s|ed|ing)?|lock(?:s|ed|ing)?)\b[^.]{0,30}\b(?:juices?|moisture|flavours?)\b/i,
  },
  {
    id: 'salt-boils-faster',
    says: 'salt makes water boil sooner',
    verdict: 'wrong',
    known: 'It raises the boiling point, by about 0.2 °C at 10 g a litre; nobody sees the difference.',
    words:
      /\bsalt\b[^.]{0,40}\bboil\w*\b[^.]{0,20}\b(?:faster|sooner|quicker|quickly)\b|\b(?:faster|sooner|quicker)\b[^.]{0,30}\bif (?:you )?salt/i,
  },
  {
    id: 'salt-starts-browning',
    says: 'salt starts the browning',
    verdict: 'wrong',
    known:
      'Browning needs a sugar, an amino acid, heat and a dry surface. Salt draws water out, and so may even delay it.',
    words: /\bsalt\b[^.]{0,40}\b(?:starts?|causes?|triggers?|makes?)\b[^.]{0,20}\bbrown/i,
  },
  {
    id: 'sugars-react-together',
    says: 'sugars react with each other as they caramelise',
    verdict: 'wrong',
    known:
      'Caramelisation is what heat does to sugar alone: it loses water and breaks up. With amino acids it is Maillard browning.',
    words: /\bsugars?\b[^.]{0,30}\breact(?:s|ing)? with (?:each other|one another|other sugars?)\b/i,
  },
  {
    id: 'skimmed-is-water',
    says: 'skimmed milk is only water',
    verdict: 'wrong',
    known: 'Its protein and lactose are all there: it browns, thickens and curdles as whole milk does.',
    words: /\bskimmed milk\b[^.]{0,30}\b(?:only|just|basically|mostly|nothing but)\b[^.]{0,12}\bwater\b/i,
  },
  {
    id: 'soda-needs-moisture',
    says: 'soda works by moisture alone',
    verdict: 'doubtful',
    known: 'It splits by acid, or by heat. Water lets it meet the acid, and does nothing by itself.',
    words:
      /\b(?:soda|bicarb\w*)\b[^.]{0,40}\b(?:react|activat|work)\w*\b[^.]{0,20}\b(?:moisture|water|liquid)\b/i,
  },
  {
    id: 'climbs-when-dry',
    says: 'the temperature climbs once all the water is gone',
    verdict: 'wrong',
    known:
      'It climbs because the syrup grows stronger: at the start of soft ball about a fifth of it is still water.',
    words:
      /\b(?:all|once) (?:of )?(?:the )?water (?:is gone|has gone|has (?:boiled|evaporated)|is evaporated|boils away)\b/i,
  },
  {
    id: 'alcohol-gone',
    says: 'the alcohol cooks off at once',
    verdict: 'doubtful',
    known: 'Some stays: after half an hour of simmering about a third. For some pupils any is too much.',
    words:
      /\b(?:alcohol|wine)\b[^.]{0,25}\b(?:burns?|cooks?|boils?|evaporates?)\b[^.]{0,12}\b(?:off|away|out)\b/i,
  },
  {
    id: 'eggs-float',
    says: 'an egg that floats is bad',
    verdict: 'doubtful',
    known: 'It is old: the air in it has grown. Date, a separate bowl and the nose tell whether it is bad.',
    words: /\begg\b[^.]{0,30}\bfloat\w*\b[^.]{0,30}\b(?:bad|off|rotten|throw)\b/i,
  },
  {
    id: 'pin-hole',
    says: 'a pin hole or salt keeps the shell from cracking',
    verdict: 'doubtful',
    known: 'Weak evidence for either; water that barely moves and an egg that is not ice-cold help more.',
    words:
      /\b(?:prick|pin ?hole|pierce)\b[^.]{0,30}\b(?:shell|egg)\b|\bsalt\b[^.]{0,30}\b(?:stop|keep|prevent)\w*\b[^.]{0,20}\bcrack/i,
  },
  {
    id: 'turned-jars',
    says: 'turning jars over sterilises or seals them',
    verdict: 'wrong',
    known:
      'It is practised and is no tested process. Refrigerate, short use-by, follow locally tested instructions; hot glass is carried by adults.',
    words:
      /\b(?:turn|invert|flip|stand)\w*\b[^.]{0,25}\bjars?\b[^.]{0,25}\b(?:upside|over|inverted)|\bjars?\b[^.]{0,20}\bupside down\b/i,
  },
  {
    id: 'sealed-safe',
    says: 'sealed, so it is safe',
    verdict: 'wrong',
    known: 'A seal keeps others out. What survived inside grows while it is warm.',
    words: /\bseal(?:ed)?\b[^.]{0,30}\b(?:safe|keeps? for (?:months|ever|years)|sterile)\b/i,
  },
  {
    id: 'yeast-killed-by-salt',
    says: 'salt touching the yeast kills it',
    verdict: 'doubtful',
    known: 'In a dough of 2 % it only slows it a little. Dry salt on wet fresh yeast for long does harm.',
    words:
      /\bsalt\b[^.]{0,40}\bkill\w*\b[^.]{0,20}\byeast\b|\bkeep\b[^.]{0,20}\bsalt\b[^.]{0,20}\baway from\b[^.]{0,15}\byeast\b/i,
  },
  {
    id: 'acid-brightens',
    says: 'acid keeps cut fruit from browning',
    verdict: 'well founded',
    known:
      'Below about pH 4 the enzyme hardly works; ascorbic acid also takes the brown back while it lasts.',
    words: /\b(?:lemon juice|acid|vinegar)\b[^.]{0,40}\b(?:stops?|prevents?|keeps?)\b[^.]{0,30}\bbrown/i,
  },
  {
    id: 'starch-leaves-lumps',
    says: 'hot liquid on dry starch makes lumps',
    verdict: 'well founded',
    known:
      'The outside swells to a skin before water reaches the middle: blend it cold, or with fat or sugar first.',
    words: /\b(?:prevent|avoid|stop)\w*\b[^.]{0,20}\blumps?\b/i,
  },
];

/** Sayings a text makes. */
export const claimsIn = (text: string): Claim[] => claims.filter(({ words }) => words.test(text));
