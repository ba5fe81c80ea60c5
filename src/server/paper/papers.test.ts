import { describe, expect, it } from 'vitest';
import type { Run } from '../../contract/runs';
import { batchFacts } from '../../core/batch';
import { usualPrepWays } from '../../core/order';
import { sampled } from '../../core/random/testing/sampled';
import { itsMarks, markedStep } from '../../core/practical/testing/marked-step';
import { demoSchool } from '../../demo';
import { labelTexts } from './ask';
import { makePdf } from './make-pdf';
import { papersOf, runParts, type PartAsked } from './papers';
import { table, told } from './parts';
import { fontsOf, textOf, wordsOf } from './testing/pdf';

const runs = demoSchool(Date.UTC(2027, 0, 12, 9)).runs.map(({ run, practical, room, class: group }): Run => ({
  ...{ id: run.id, practicalId: practical.id, revision: 1, plan: practical.plan },
  ...{ batch: batchFacts(practical.plan), roomId: room.id, place: run.place, classId: group.id },
  ...{ className: group.name, students: group.students, unit: group.unit, startsAt: run.startsAt },
  ...{ stations: run.allocation.map(({ station }) => station), seed: run.seed, allocation: run.allocation },
  ...{ probes: run.probes, status: 'planned', startedAt: null, finishedAt: null, clock: null },
}));
const planned = [...new Map(runs.map((run) => [run.plan.title, run])).values()];

type RunPart = (typeof runParts)[number];

const partOf = (run: Run, is: RunPart, blind = false): PartAsked => ({
  ...{ is, of: { run, ways: { ...usualPrepWays, blind }, products: [] } },
});

async function printed(parts: PartAsked[], paper: 'A4' | 'Letter'): Promise<Uint8Array> {
  for await (const told of papersOf({ title: 'x', paper, parts })) if ('pdf' in told) return told.pdf;
  throw new Error('nothing came of it');
}

const pagesOf = (run: Run, is: RunPart, blind = false) => printed([partOf(run, is, blind)], 'Letter');

/** Each part by itself on A4, made once for all that look at it. */
const alone = new Map<string, Promise<Uint8Array>>();
const madeAlone = (run: Run, is: RunPart): Promise<Uint8Array> => {
  const key = `${run.plan.title} ${is}`;
  const made = alone.get(key) ?? printed([partOf(run, is)], 'A4');
  alone.set(key, made);
  return made;
};
/** Some of the practicals, each with all its parts. */
const looked = sampled(planned, 3);

/** Nothing clipped, nothing upon another, numbered, in fonts of its own. */
function tidy(pdf: Uint8Array) {
  const pages = wordsOf(pdf);
  const clipped: string[] = [];
  const covered: string[] = [];
  pages.forEach(({ width, height, words }, page) => {
    expect(words.length, `page ${page + 1}`).toBeGreaterThan(3);
    for (const { x1, x2, y2, text } of words)
      if (!(x1 > 30 && x2 < width - 30 && y2 < height - 12)) clipped.push(`“${text}”, page ${page + 1}`);
    const inked = [...words].sort((one, other) => one.y1 - other.y1);
    inked.forEach((one, i) => {
      for (const other of inked.slice(i + 1)) {
        if (other.y1 >= one.y2) break;
        const across = Math.min(one.x2, other.x2) - Math.max(one.x1, other.x1);
        const down = Math.min(one.y2, other.y2) - Math.max(one.y1, other.y1);
        // Lines of text stand closer than the boxes of their fonts.
        if (across > 1 && down > 4) covered.push(`“${one.text}” and “${other.text}”, page ${page + 1}`);
      }
    });
    expect(words.map(({ text }) => text).join(' ')).toContain(`${page + 1} of ${pages.length}`);
  });
  expect([clipped, covered]).toEqual([[], []]);
  for (const font of fontsOf(pdf)) expect(font.embedded, font.name).toBe(true);
}

describe('pages as they are printed', () => {
  it.each(looked.flatMap((run) => runParts.map((is) => [run.plan.title, is, run] as const)))(
    '%s, %s: nothing clipped, nothing upon another, numbered, in fonts of its own',
    async (_, is, run) => {
      tidy(await madeAlone(run, is));
    },
  );

  it('a sheet says all that a step says on a tablet', async () => {
    const [run] = runs;
    const plan = { ...run!.plan, steps: [...run!.plan.steps, markedStep] };
    const said = textOf(await pagesOf({ ...run!, plan }, 'sheets'))
      .replace(/\s+/g, ' ')
      .toLowerCase();
    for (const mark of itsMarks) expect(said).toContain(mark.toLowerCase());
  });

  it('blind: no level stands on tray, sheet or list, only letters', async () => {
    const scones = runs.find(({ plan }) => plan.title.startsWith('Soda'))!;
    for (const is of ['trays', 'sheets', 'weigh-out'] as const) {
      const text = textOf(await pagesOf(scones, is, true));
      expect(text, is).not.toMatch(/\b[124] % of plain flour/);
      if (is !== 'weigh-out') expect(text, is).not.toMatch(/\b[248] g bicarbonate/);
    }
  });

  it('blind: what is swapped is named to whoever weighs it out, and to nobody at a station', async () => {
    const scones = runs.find(({ plan }) => plan.title.startsWith('Soda'))!;
    const [factor] = scones.plan.factors;
    const put = ['yeast', 'potato starch', 'cornflour', 'rice flour'];
    const swap: Run = {
      ...scones,
      plan: {
        ...scones.plan,
        factors: [
          {
            ...factor!,
            acts: { on: 'swap', ingredientId: 'soda' },
            levels: factor!.levels.map((level, i) => ({ ...level, value: null, words: put[i]! })),
          },
        ],
      },
    };
    const said = new RegExp(put.join('|'), 'i');
    const dishes = labelTexts(
      { run: swap, ways: { ...usualPrepWays, blind: true }, products: [] },
      'dishes',
      'http://x',
    );
    expect(dishes).toHaveLength(8);
    expect(JSON.stringify(dishes)).not.toMatch(said);
    for (const is of ['trays', 'sheets'] as const)
      expect(textOf(await pagesOf(swap, is, true)), is).not.toMatch(said);
    for (const one of put)
      expect(textOf(await pagesOf(swap, 'weigh-out', true)).toLowerCase()).toContain(one);
  });

  it('everything for a day, in one file: as tidy as each by itself, and no page more', async () => {
    const all = await printed(
      looked.flatMap((run) => runParts.map((is) => partOf(run, is))),
      'A4',
    );
    tidy(all);
    let pages = 0;
    for (const run of looked) for (const is of runParts) pages += wordsOf(await madeAlone(run, is)).length;
    expect(wordsOf(all).length).toBe(pages);
  });

  it.each(sampled(planned, 1, 2).flatMap((run) => runParts.map((is) => [run.plan.title, is, run] as const)))(
    'on Letter too: %s, %s',
    async (_, is, run) => tidy(await pagesOf(run, is)),
  );

  it('of every practical the lists are tidy, whichever were looked at above', async () => {
    tidy(
      await printed(
        planned.map((run) => partOf(run, 'pull-list')),
        'A4',
      ),
    );
  });

  it('no heading stands alone at the foot of a page, whatever comes under it', async () => {
    const under = {
      words: () => told('Underneath', [`${'first '.repeat(60)} second`, 'third']),
      table: () => [table([{ head: 'first', width: '*' }], [['second'], ['third']], { title: 'Underneath' })],
      'long rows': () => [
        table([{ head: 'first', width: '*' }], [['second '.repeat(40)], ['third']], { title: 'Underneath' }),
      ],
    };
    for (const [name, content] of Object.entries(under)) {
      // The whole last third of a page, in steps finer than a line.
      const sheets = Array.from({ length: 40 }, (_, i) => ({
        name,
        content: [
          { text: 'x', margin: [0, 0, 0, 480 + 7 * i] as [number, number, number, number] },
          ...content(),
        ],
      }));
      const pages = wordsOf(await makePdf('t', 'A4', sheets)).map(({ words }) =>
        words.map(({ text }) => text),
      );
      const heads = pages.filter((words) => words.includes('Underneath'));
      // A table that goes on has its heading on the next page too.
      expect(heads.length).toBeGreaterThanOrEqual(40);
      expect(heads.filter((words) => !words.includes('first'))).toEqual([]);
      expect(heads.filter((words) => !words.includes('second') && !words.includes('third'))).toEqual([]);
      // Some of them had to go to the next page.
      expect(pages.length).toBeGreaterThan(45);
    }
  });

  it('a long table has its head on every page and parts no row', async () => {
    const rows = Array.from({ length: 120 }, (_, i) => [`row ${i + 1} `.repeat(12), `end of ${i + 1}`]);
    const columns = [
      { head: 'what it is', width: '*' as const },
      { head: 'price', width: 70 },
    ];
    const pages = wordsOf(await makePdf('t', 'A4', [{ name: 'Long', content: [table(columns, rows)] }]));
    expect(pages.length).toBeGreaterThan(2);
    for (const { words } of pages)
      expect(words.map(({ text }) => text).join(' ')).toMatch(/^what it is price/);
  });

  it('letters the fonts lack come from another; instructions for text are no text', async () => {
    const pdf = await makePdf('t', 'A4', [
      { name: 'ĄΩЖ', content: [table([{ head: 'Ł ⅓ → ✓', width: '*' }], [['a\u202Eb\u0000c']])] },
    ]);
    const text = textOf(pdf);
    for (const sign of ['Ł', '⅓', '→', '✓', 'ĄΩЖ', 'abc']) expect(text).toContain(sign);
  });
});
