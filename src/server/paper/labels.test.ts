import jsQR from 'jsqr';
import { describe, expect, it } from 'vitest';
import { labelSheets, labelSpots, type LabelText } from '../../core/labels';
import { papers } from '../../core/paper';
import { sampled } from '../../core/random/testing/sampled';
import { labelSheetsOf } from './label-sheets';
import { makePdf } from './make-pdf';
import { picturesOf, textOf, wordsOf, type Picture } from './testing/pdf';

const labelIds = labelSheets.map((sheet) => sheet.id);
const dpi = 150;
const perMm = dpi / 25.4;

const text = (station: number): LabelText => ({
  large: `Station ${station}`,
  lines: ['2 % of plain flour', '11 Food · Thursday 26 Nov', 'Soda scones: higher, or only browner?'],
  whole: null,
  code: `http://192.168.1.20:4173/runs/0192f0aa-7d11-7a10-8a51-3f6f1f1f1f1f/stations/${station}`,
});
const printed = (id: string, count: number, startAt = 1, coded = true) => {
  const sheet = labelSheets.find((one) => one.id === id)!;
  const texts = Array.from({ length: count }, (_, i) =>
    coded ? text(i + 1) : { ...text(i + 1), code: null },
  );
  return {
    sheet,
    pdf: makePdf('Labels', sheet.paper, [labelSheetsOf(texts, { sheet, startAt, borders: true })]),
  };
};

/** Where the next line is along a way, in mm: the middle of the grey dots nearest to where it should be. */
function lineNear(picture: Picture, along: 'x' | 'y', wantedMm: number, acrossMm: number): number {
  const grey = (at: number) =>
    along === 'x'
      ? picture.at(at, Math.round(acrossMm * perMm))
      : picture.at(Math.round(acrossMm * perMm), at);
  const from = Math.max(0, Math.round((wantedMm - 1.5) * perMm));
  const until = Math.min(
    (along === 'x' ? picture.width : picture.height) - 1,
    Math.round((wantedMm + 1.5) * perMm),
  );
  const dark = Array.from({ length: until - from + 1 }, (_, i) => from + i).filter((at) => grey(at) < 200);
  if (dark.length === 0) return NaN;
  return (dark[0]! + dark.at(-1)! + 1) / 2 / perMm;
}

describe('labels as they are printed', () => {
  it.each(sampled(labelIds, 4))('%s: every border where the sheet has it, within 0.5 mm', async (id) => {
    const { sheet, pdf } = printed(id, 65, 1, false);
    const [picture] = await picturesOf(await pdf, dpi);
    const { widthMm, heightMm } = papers[sheet.paper];
    expect(picture!.width / perMm).toBeCloseTo(widthMm, 0);
    expect(picture!.height / perMm).toBeCloseTo(heightMm, 0);
    for (const { xMm, yMm } of labelSpots(sheet, sheet.across * sheet.down)) {
      // Measured a third of the way along each side: clear of the corners.
      const [x, y] = [xMm + sheet.widthMm / 3, yMm + sheet.heightMm * 0.9];
      expect(Math.abs(lineNear(picture!, 'x', xMm, y) - xMm), `left of ${xMm}, ${yMm}`).toBeLessThan(0.5);
      expect(Math.abs(lineNear(picture!, 'x', xMm + sheet.widthMm, y) - xMm - sheet.widthMm)).toBeLessThan(
        0.5,
      );
      expect(Math.abs(lineNear(picture!, 'y', yMm, x) - yMm), `top of ${xMm}, ${yMm}`).toBeLessThan(0.5);
      expect(Math.abs(lineNear(picture!, 'y', yMm + sheet.heightMm, x) - yMm - sheet.heightMm)).toBeLessThan(
        0.5,
      );
    }
  });

  it.each(sampled(['a4-8', 'a4-21', 'a4-65', 'letter-30', 'letter-60'], 2))(
    '%s: a decoder reads each code back',
    async (id) => {
      const { sheet, pdf } = printed(id, 3, 2);
      const [picture] = await picturesOf(await pdf, 300);
      const scale = 300 / 25.4;
      labelSpots(sheet, 3, 2).forEach(({ xMm, yMm }, i) => {
        const [x0, y0] = [Math.round(xMm * scale), Math.round(yMm * scale)];
        const [w, h] = [Math.floor(sheet.widthMm * scale), Math.floor(sheet.heightMm * scale)];
        const cut = new Uint8ClampedArray(4 * w * h);
        for (let y = 0; y < h; y += 1)
          cut.set(
            picture!.rgba.subarray(
              4 * ((y0 + y) * picture!.width + x0),
              4 * ((y0 + y) * picture!.width + x0 + w),
            ),
            4 * y * w,
          );
        expect(jsQR(cut, w, h)?.data).toBe(text(i + 1).code);
      });
    },
  );

  it.each(labelIds)('%s: no word leaves its label, whatever it says', async (id) => {
    const sheet = labelSheets.find((one) => one.id === id)!;
    const hostile: LabelText = {
      large: 'Kohlrabi-and-buttermilk-soda-bread class of the upper sixth · AB',
      lines: [
        'contains cereals with gluten, milk, eggs, sesame and sulphur dioxide; often contains nuts',
        'Żółty ⅓ →',
        'x',
        'y',
        'z',
        'q',
      ],
      whole: null,
      code: null,
    };
    const pdf = await makePdf('L', sheet.paper, [
      labelSheetsOf([hostile, hostile], { sheet, startAt: 1, borders: false }),
    ]);
    const pt = (mm: number) => (mm * 72) / 25.4;
    const spot = labelSpots(sheet, 2)[0]!;
    const next = labelSpots(sheet, 2)[1]!;
    const [page] = wordsOf(pdf);
    const own = page!.words.filter(({ x1 }) => x1 < pt(next.xMm) || next.xMm <= spot.xMm);
    expect(own.length).toBeGreaterThan(3);
    for (const word of own) {
      expect(word.x1, word.text).toBeGreaterThanOrEqual(pt(spot.xMm));
      expect(word.x2, word.text).toBeLessThanOrEqual(pt(spot.xMm + sheet.widthMm));
      expect(word.y2, word.text).toBeLessThanOrEqual(pt(spot.yMm + sheet.heightMm) + 1);
    }
    expect(textOf(pdf)).toContain('⅓');
  });
});

describe('labels of food', () => {
  const allergens =
    'Contains cereals with gluten, crustaceans, eggs, fish, peanuts, soya, milk, tree nuts, celery, mustard and sesame. Often contains sulphur dioxide and sulphites: read the label. Not known here, so it can’t be told: spread.';
  const kept: LabelText = {
    ...{ large: '9B · station 3', code: null, whole: allergens },
    lines: ['Set creams', 'made Monday 30 Nov 13:55', 'cold (5 °C) by 15:25', 'eat by Wednesday 2 Dec'],
  };

  it('say every allergen and every date to the last word, or are not printed', async () => {
    let [printedSheets, refused] = [0, 0];
    for (const sheet of labelSheets) {
      const make = () => labelSheetsOf([kept, kept], { sheet, startAt: 1, borders: false });
      let sheets;
      try {
        sheets = make();
      } catch (error) {
        refused += 1;
        expect((error as Error).message, sheet.id).toContain('a4-8');
        continue;
      }
      printedSheets += 1;
      const pdf = await makePdf('L', sheet.paper, [sheets]);
      const [page] = wordsOf(pdf);
      const said = page!.words.map(({ text: word }) => word.replaceAll('&apos;', "'"));
      for (const word of [...kept.lines, allergens].join(' ').split(' '))
        expect(said.filter((one) => one === word).length, `${word} on ${sheet.id}`).toBeGreaterThanOrEqual(2);
    }
    expect([printedSheets > 0, refused > 0]).toEqual([true, true]);
  });
});
