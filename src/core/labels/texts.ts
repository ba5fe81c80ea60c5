import { clockWords, dayWords } from '../days';
import type { KeepingLabel } from './keeping';

export const labelKinds = ['stations', 'dishes', 'storage', 'parcels'] as const;
export type LabelKind = (typeof labelKinds)[number];

/** What stands on one label: one thing large, the rest in lines, the most important first. */
export interface LabelText {
  large: string;
  lines: string[];
  /** What must stand there to its last word, or no label is printed; null: nothing. */
  whole: string | null;
  /** An address to be read by a telephone; null: none. */
  code: string | null;
}

/** A letter stands beside the number of the station; a level in words has a line of its own. */
const headOf = ({ whose, mark }: { whose: string; mark: string }) =>
  mark.length > 3
    ? { large: whose, lines: [mark] }
    : { large: [whose, mark].filter(Boolean).join(' · '), lines: [] };

/** A label of a tray or a bench, with the way to the page of its station. */
export function stationLabel(of: {
  station: number;
  mark: string;
  className: string;
  title: string;
  startsAt: number;
  address: string | null;
}): LabelText {
  const { large, lines } = headOf({ ...of, whose: `Station ${of.station}` });
  return {
    large,
    lines: [...lines, `${of.className} · ${dayWords(of.startsAt)}`, of.title],
    whole: null,
    code: of.address,
  };
}

/** A label of a dish that was weighed out. */
export function dishLabel(of: {
  /** “Station 3”, “Spare”, “12 stations”. */
  whose: string;
  mark: string;
  className: string;
  name: string;
  /** Empty where nobody is to know. */
  amount: string;
}): LabelText {
  const { large, lines } = headOf(of);
  return {
    large,
    lines: [[of.name, of.amount].filter(Boolean).join(', '), ...lines, of.className],
    whole: null,
    code: null,
  };
}

/** A label of food that is kept, or taken home. Never a name: class, station and letter. */
export function keptLabel(
  of: { station: number; mark: string; className: string; title: string; seat: string },
  kept: KeepingLabel,
): LabelText {
  return {
    large: [of.className, of.seat || `station ${of.station}`, of.mark].filter(Boolean).join(' · '),
    lines: [
      of.title,
      `made ${dayWords(kept.madeAt)} ${clockWords(kept.madeAt)}`,
      kept.chillBy === null ? 'keep dry, in a closed tin' : `cold (5 °C) by ${clockWords(kept.chillBy)}`,
      ...(kept.notEaten ? [] : [`eat by ${dayWords(kept.eatBy)}`]),
      ...(kept.heatTo ? [`heat to ${kept.heatTo}, once`] : []),
    ],
    whole: [kept.notEaten, kept.allergens].filter(Boolean).join('. '),
    code: null,
  };
}
