import { gramsWords, inSentence, type StationPlan } from '../practical';
import { weighedVerdict, type WeighedVerdict } from '../weighing';
import type { BenchSetting } from './bench-setting';
import type { Notebook, StationNotes } from './notebook';

/** One ingredient of a station’s batch, as planned and as it was really made. */
export interface AsMadeLine {
  ingredientId: string;
  name: string;
  /** The entry that says what went in; null: nobody has weighed it yet. */
  entryId: string | null;
  wantedG: number | null;
  grams: number | null;
  /** Of the whole batch as made, %; null while something of it is not weighed. */
  share: number | null;
  verdict: WeighedVerdict | null;
}

export interface AsMade {
  lines: AsMadeLine[];
  totalG: number | null;
}

/**
 * A station’s batch as it was weighed: of each ingredient the last weight. What is not weighed is not guessed.
 *
 * @param otherLevelsOf what other stations take of an ingredient, where a factor says so
 */
export function asMade(
  own: Pick<StationPlan, 'ingredients'>,
  notes: Pick<StationNotes, 'weighed'>,
  divisionG: number,
  otherLevelsOf: (ingredientId: string) => readonly number[] = () => [],
): AsMade {
  const lines = own.ingredients
    .filter(({ dropped, grams, id }) => (!dropped && (grams ?? 1) > 1e-6) || lastWeighed(notes, id))
    .map((one): AsMadeLine => {
      const last = lastWeighed(notes, one.id);
      const grams = last?.body.grams ?? null;
      const wantedG = one.grams;
      const { name, job } = one;
      const wanted = { name, job, wantedG: wantedG ?? 0, otherLevelsG: otherLevelsOf(one.id), divisionG };
      return {
        ...{ ingredientId: one.id, name, entryId: last?.id ?? null, wantedG, grams, share: null },
        verdict: grams === null || wantedG === null ? null : weighedVerdict(wanted, grams),
      };
    });
  const totalG = lines.reduce(
    (sum: number | null, { grams }) => (sum === null || grams === null ? null : sum + grams),
    0,
  );
  return {
    lines: lines.map((line) => ({
      ...line,
      share: totalG && line.grams !== null ? (100 * line.grams) / totalG : null,
    })),
    totalG: lines.length === 0 ? null : totalG,
  };
}

const lastWeighed = ({ weighed }: Pick<StationNotes, 'weighed'>, id: string) =>
  weighed.findLast(({ body }) => body.ingredientId === id);

/** The same at a bench that knows every station’s level. */
export function asMadeAt(setting: BenchSetting, notebook: Notebook, station: number): AsMade {
  return asMade(
    setting.ownWith(station, notebook),
    notebook.station(station),
    setting.place?.balanceG ?? 1,
    (id) => levelsOf(setting, id),
  );
}

function levelsOf(setting: BenchSetting, id: string): number[] {
  if (!setting.varied.has(id)) return [];
  const grams = setting.stations.map(
    (station) => setting.own(station).ingredients.find((one) => one.id === id)?.grams,
  );
  return [...new Set(grams.filter((one) => one !== null && one !== undefined))];
}

/** What of a batch was made otherwise than planned, so that it matters: “5 g bicarbonate of soda, 4 g wanted”. */
export function madeOtherwise({ lines }: AsMade): { words: string; verdict: WeighedVerdict }[] {
  return lines.flatMap(({ name, grams, wantedG, verdict }) =>
    verdict === null || verdict.rank === 'fine'
      ? []
      : [{ words: `${gramsWords(grams!)} ${inSentence(name)}, ${gramsWords(wantedG!)} wanted`, verdict }],
  );
}
