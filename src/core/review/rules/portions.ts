import { fillOf, portionsByCount, roundsOf } from '../../batch';
import { formatNumber } from '../../format';
import { decomposeByHeat, gasVolumeL } from '../../leavening';
import { stepMinutes, type Plan } from '../../practical';
import { pressureAtAltitude } from '../../water';
import { workingOf } from '../../working';
import { batchOf, massOfBatch, volumeOfBatch } from '../batch-of';
import type { Rule } from '../plan-remark';

/** How far pieces and batch may differ before it is worth a word, share of the batch. */
const noticeable = 0.08;
const withPortions =
  (patch: Partial<Plan['portions']>) =>
  (was: Plan): Plan => ({
    ...was,
    portions: { ...was.portions, ...patch },
  });
const at = { section: 'formula' as const, item: 'portions' };

/** Pieces of a mass that are not the batch: 12 rings of 55 g out of 500 g. */
export const piecesAreTheBatch: Rule = ({ plan, place }) => {
  const { pieces, pieceG } = plan.portions;
  const mass = massOfBatch(batchOf(plan, place));
  if (pieces === null || pieceG === null || mass === null || mass <= 0) return [];
  const wanted = pieces * pieceG;
  if (Math.abs(wanted - mass) <= noticeable * mass) return [];
  const shared = portionsByCount(mass, pieces);
  const many = Math.floor(mass / pieceG);
  return [
    {
      id: 'pieces-not-batch',
      rank: 'check',
      at,
      what: `${pieces} × ${formatNumber(pieceG)} g is ${formatNumber(wanted)} g; the batch weighs ${formatNumber(Math.round(mass))} g`,
      why:
        wanted > mass
          ? `It gives ${pieces} of ${formatNumber(shared.pieceG)} g${many >= 1 ? `, or ${many} of ${formatNumber(pieceG)} g` : ''}. Otherwise the last station has none.`
          : `${formatNumber(Math.round(mass - wanted))} g is left over at each station: say what becomes of it, or share it out.`,
      working: workingOf([
        { text: 'pieces × mass of each', value: wanted, unit: 'g' },
        { text: 'batch', value: mass, unit: 'g' },
        { text: 'batch / pieces, down to what a balance shows', value: shared.pieceG, unit: 'g' },
      ]),
      remedy: {
        label: `${pieces} of ${formatNumber(shared.pieceG)} g`,
        apply: withPortions({ pieceG: shared.pieceG }),
      },
    },
  ];
};

/** Scoops that are more than the batter: 8 × ⅓ cup is 630 ml, the batter 440. */
export const scoopsAreTheBatch: Rule = ({ plan, place }) => {
  const { pieces, pieceMl } = plan.portions;
  const mass = massOfBatch(batchOf(plan, place));
  if (pieces === null || pieceMl === null || mass === null) return [];
  const [wanted, there] = [pieces * pieceMl, volumeOfBatch(mass)];
  if (wanted <= there * (1 + 2 * noticeable)) return [];
  const many = Math.floor(there / pieceMl);
  return [
    {
      id: 'scoops-over-batch',
      rank: 'check',
      at,
      what: `${pieces} × ${formatNumber(Math.round(pieceMl))} ml is ${formatNumber(Math.round(wanted))} ml; the batter has about ${formatNumber(Math.round(there / 10) * 10)} ml`,
      why: 'Before any gas is in it. Scoops are filled heaped, or the last ones are missing.',
      working: workingOf([
        { text: 'pieces × scoop', value: wanted, unit: 'ml' },
        { text: 'batch', value: mass, unit: 'g' },
        { text: 'batch / 1.05 g per ml', value: there, unit: 'ml' },
      ]),
      ...(many >= 1 && { remedy: { label: `${many} pieces`, apply: withPortions({ pieces: many }) } }),
    },
  ];
};

/** A tin, pan or glass that what is in it runs out of. */
export const vesselsHoldTheBatch: Rule = ({ plan, place }) => {
  const { vesselMl, vessels, rise } = plan.portions;
  const mass = massOfBatch(batchOf(plan, place));
  if (vesselMl === null || mass === null || mass <= 0) return [];
  const each = volumeOfBatch(mass) / vessels;
  const { fillPercent, runsOver } = fillOf(each, vesselMl, rise);
  const lines = workingOf([
    { text: 'batch / vessels', value: each, unit: 'ml' },
    { text: 'rises to, times', value: rise },
    { text: 'at its highest', value: each * rise, unit: 'ml' },
    { text: 'vessel', value: vesselMl, unit: 'ml' },
  ]);
  if (runsOver) {
    const needed = Math.ceil((volumeOfBatch(mass) * rise) / vesselMl - 1e-9);
    return [
      {
        id: 'runs-over',
        rank: 'check',
        at,
        what: `It runs over: ${formatNumber(Math.round(each * rise))} ml in ${formatNumber(vesselMl)} ml`,
        why: `Filled to ${Math.round(fillPercent)} % it rises over the rim. Fill to ${formatNumber(Math.floor(vesselMl / rise))} ml at most.`,
        working: lines,
        ...(needed <= 100 &&
          needed > vessels && {
            remedy: { label: `share it over ${needed}`, apply: withPortions({ vessels: needed }) },
          }),
      },
    ];
  }
  if (fillPercent * rise >= 35) return [];
  return [
    {
      id: 'vessel-too-big',
      rank: 'note',
      at,
      what: `At its highest it fills ${Math.round(fillPercent * rise)} % of the vessel`,
      why: 'A thin layer heats through and dries out sooner than the recipe meant; a height is hard to read on it.',
      working: lines,
    },
  ];
};

/** Soda whisked into hot syrup foams up: the pan has to hold it. */
export const panHoldsTheFoam: Rule = ({ plan, place }) => {
  const batch = batchOf(plan, place);
  const soda = batch.find(({ item }) => item?.id === 'bicarbonate-of-soda');
  const hot = Math.max(
    0,
    ...plan.steps.flatMap((step) =>
      step.ends.map((end) => (end.kind === 'temperature' ? (end.celsius ?? 0) : 0)),
    ),
  );
  const mass = massOfBatch(batch);
  if (!soda?.grams || hot < 110 || mass === null || plan.portions.vesselMl === null) return [];
  const gasL = gasVolumeL(
    decomposeByHeat(soda.grams).carbonDioxideMol,
    hot,
    pressureAtAltitude(place?.altitudeM ?? 0),
  );
  const syrupMl = mass / 1.4;
  const foamMl = syrupMl + gasL * 1000;
  const { vesselMl } = plan.portions;
  if (foamMl <= vesselMl) return [];
  return [
    {
      id: 'foam-over-pan',
      rank: 'stop',
      at,
      what: `The foam can reach ${formatNumber(Number((foamMl / 1000).toPrecision(2)))} L in a pan of ${formatNumber(vesselMl / 1000)} L`,
      why: 'Hot sugar over the rim burns hands and hob. A taller pan, or half the batch.',
      working: workingOf([
        { text: 'gas of the soda by heat alone, where you are', value: gasL, unit: 'L' },
        { text: 'syrup', value: syrupMl, unit: 'ml' },
        { text: 'together at most', value: foamMl, unit: 'ml' },
        { text: 'pan', value: vesselMl, unit: 'ml' },
      ]),
    },
  ];
};

/** Batter with soda or powder loses its gas while it waits for its turn, min. */
const batterWaits = 10;

/** So many rounds of so many minutes: longer than the step says, or than the batter may wait. */
export const roundsFit: Rule = ({ plan, place }) => {
  const { pieces, atOnce } = plan.portions;
  if (pieces === null || atOnce === null || pieces <= atOnce) return [];
  const rises = batchOf(plan, place).some(({ item }) =>
    ['baking-powder', 'bicarbonate-of-soda'].includes(item?.id ?? ''),
  );
  return plan.steps.flatMap((step) => {
    if (step.per === 'once') return [];
    const own = stepMinutes({ ...step, per: 'once' });
    if (!own) return [];
    const each = own.most * (step.per === 'side' ? 2 : 1);
    const { rounds, minutes } = roundsOf(pieces, atOnce, each);
    const waits = minutes - each;
    return [
      {
        id: `rounds:${step.id}`,
        rank: rises && waits > batterWaits ? ('check' as const) : ('note' as const),
        at: { section: 'method' as const, item: step.id },
        what: `${rounds} rounds, ${formatNumber(minutes)} min in all`,
        why:
          rises && waits > batterWaits
            ? `The last batter waits ${formatNumber(waits)} min, and its gas does not: write down the round, or mix half at a time.`
            : `${pieces} pieces, ${atOnce} at a time. Plan that much for it.`,
        working: workingOf([
          { text: `⌈${pieces} pieces ÷ ${atOnce} at once⌉`, value: rounds, unit: 'rounds' },
          { text: step.per === 'side' ? 'two sides' : 'each', value: each, unit: 'min' },
          { text: 'in all', value: minutes, unit: 'min' },
        ]),
      },
    ];
  });
};
