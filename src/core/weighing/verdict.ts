import { weighingTolerance } from '../formula';
import { capitalised, formatNumber } from '../format';
import { gramsWords } from '../practical';

/** Something that is weighed, and what of it is wanted. */
export interface Wanted {
  name: string;
  /** What it does in the batch, as the formula says it. */
  job: string;
  wantedG: number;
  /** What other stations take of it, where a factor says so. */
  otherLevelsG: readonly number[];
  /** The smallest step of the balance, g. */
  divisionG: number;
}

export interface WeighedVerdict {
  rank: 'fine' | 'note' | 'check';
  /** By how much it is off, g. */
  offG: number;
  /** What that does, in words. */
  words: string;
}

/** Of the way to the next level: so much is worth a note, so much a check (common practice: a tenth of a step is lost in the spread). */
const [noteShare, checkShare] = [0.1, 0.2];

/** What more and less of something does, by its job or its name. */
const effects: readonly (readonly [said: RegExp, more: string, less: string])[] = [
  [
    /leavening base|soda|bicarbonate/i,
    'more gas, browner, and what finds no acid tastes of soap',
    'less gas, paler',
  ],
  [/baking powder|leavening/i, 'more gas', 'less gas'],
  [/yeast/i, 'it rises sooner', 'it rises later'],
  [/gelling|gelatine|agar|pectin/i, 'a firmer gel, set sooner', 'a softer gel, set later'],
  [/acid|lemon|vinegar|tartar/i, 'sourer, and more acid for the soda', 'less sour'],
  [/thicken|starch|cornflour/i, 'thicker', 'thinner'],
  [/salt/i, 'saltier; yeast goes slower', 'blander'],
  [/liquid|water|milk/i, 'a softer dough or a thinner mix', 'a stiffer dough or a thicker mix'],
  [/structure|flour/i, 'a stiffer dough', 'a softer dough'],
  [/fat|butter|tenderis|oil/i, 'shorter, spreads more', 'tougher, spreads less'],
  [/sweet|sugar|brown|syrup/i, 'sweeter, browner', 'less sweet, paler'],
  [/egg/i, 'sets firmer', 'sets softer'],
];

/** How far off is still fine, g: as usual for what it does, never less than the balance can tell. */
export function fineG({ name, wantedG, otherLevelsG, divisionG }: Wanted): number {
  const gap = gapOf(wantedG, otherLevelsG);
  const usual = wantedG > 0.01 ? fineShare(name, wantedG) * wantedG : divisionG / 2;
  const ofGap = gap === null ? Infinity : noteShare * gap;
  return Math.max(divisionG / 2, Math.min(usual, ofGap));
}

/** The share that is fine: found by asking the tolerance itself. */
const fineShare = (name: string, wantedG: number) =>
  weighingTolerance(name, wantedG, wantedG * 1.04).rank === 'fine' ? 0.05 : 0.02;

const gapOf = (wantedG: number, others: readonly number[]): number | null => {
  const gaps = others.map((other) => Math.abs(other - wantedG)).filter((gap) => gap > 1e-6);
  return gaps.length === 0 ? null : Math.min(...gaps);
};

/**
 * What a weight that is not quite the wanted one does: by its share of what was wanted, and, where a factor acts on it, by
 * how far it goes towards the next level.
 */
export function weighedVerdict(wanted: Wanted, weighedG: number): WeighedVerdict {
  const { name, job, wantedG, otherLevelsG } = wanted;
  const offG = Number((weighedG - wantedG).toPrecision(9));
  if (Math.abs(offG) <= fineG(wanted) + 1e-9) return { rank: 'fine', offG, words: 'fine' };
  const gap = gapOf(wantedG, otherLevelsG);
  const ofGap = gap === null ? 0 : Math.abs(offG) / gap;
  const byLevel = ofGap >= checkShare ? 'check' : ofGap > noteShare ? 'note' : 'fine';
  const byShare = wantedG < 0.01 ? 'check' : weighingTolerance(name, wantedG, Math.max(0, weighedG)).rank;
  const rank =
    byLevel === 'check' || byShare === 'check'
      ? 'check'
      : byLevel === 'note' || byShare === 'note'
        ? 'note'
        : 'fine';
  const words = [
    wantedG < 0.01
      ? `${gramsWords(weighedG)}, and none belongs in this batch`
      : `${gramsWords(Math.abs(offG))} (${formatNumber(Math.abs((100 * offG) / wantedG), Math.abs(offG / wantedG) < 0.1 ? 1 : 0)} %) too ${offG > 0 ? 'much' : 'little'}`,
    gap !== null && byLevel !== 'fine' ? `${shareWords(ofGap)} to the next level` : '',
    effectWords(`${job} ${name}`, offG),
  ];
  return { rank, offG, words: capitalised(words.filter(Boolean).join(': ').replace(': ', ', ').trim()) };
}

function effectWords(said: string, offG: number): string {
  const found = effects.find(([words]) => words.test(said));
  return found ? (offG > 0 ? found[1] : found[2]) : '';
}

function shareWords(share: number): string {
  if (share >= 1) return 'all the way';
  const quarters = Math.round(share * 4);
  if (quarters >= 1)
    return ['a quarter', 'half', 'three quarters', 'nearly all'][quarters - 1]! + ' of the way';
  return `${Math.round(share * 100)} % of the way`;
}
