import { depthOf, type SetOut } from '~~/core/layout/planting-sheet';
import type { SizeHere } from '~~/core/layout/size';
import type { Planting } from '~~/core/model/garden';
import type { PlantHere } from '~~/core/model/here';
import { DEPTH_WORDS, tape } from '~~/core/words/layout';
import type { Units } from '~~/core/words/units';

/** A label of a plant: its names, what it is for, a line more, and the address of its page. */
export interface PlantLabel {
  common: string;
  scientific: string;
  what: string;
  day: string;
  address: string;
}
/** A sheet of stickers: the page, and its labels in rows and columns (mm). */
export interface StickerSheet {
  name: string;
  page: 'LETTER' | 'A4';
  columns: number;
  rows: number;
  wide: number;
  high: number;
  /** From the left and upper edge of the page to the first label, and from label to label. */
  left: number;
  top: number;
  across: number;
}
export const STICKER_SHEETS: StickerSheet[] = [
  {
    name: '30 on a Letter sheet, 66.7 × 25.4 mm (2⅝ × 1 in)',
    page: 'LETTER',
    columns: 3,
    rows: 10,
    wide: 66.7,
    high: 25.4,
    left: 4.8,
    top: 12.7,
    across: 69.85,
  },
  {
    name: '10 on a Letter sheet, 101.6 × 50.8 mm (4 × 2 in)',
    page: 'LETTER',
    columns: 2,
    rows: 5,
    wide: 101.6,
    high: 50.8,
    left: 4,
    top: 12.7,
    across: 106.4,
  },
  { name: '24 on an A4 sheet, 70 × 37 mm', page: 'A4', columns: 3, rows: 8, wide: 70, high: 37, left: 0, top: 0.5, across: 70 },
];

/** The fonts of paper: the standard ones every reader of PDF has. */
const onPaper = (svg: string) => svg.replace(/font-family="[^"]*"/g, 'font-family="Times"').replace(/font-weight="600" /g, '');

/** The sheet to plant a bed by. */
export async function bedSheetPdf(
  garden: string,
  bed: string,
  svg: string,
  kinds: readonly { kind: number; planting: Planting; here: PlantHere; size: SizeHere; own: readonly SetOut[] }[],
  units: Units,
  baseline: string,
): Promise<Blob> {
  const make = await pdfMaker();
  return make({
    pageSize: 'LETTER',
    info: { title: `${bed}: to plant by` },
    content: [
      { text: `${bed}: to plant by`, fontSize: 18 },
      { text: garden, margin: [0, 0, 0, 4] },
      {
        text: `Stretch a tape along the edge from A to B (${baseline}). Each plant stands where its two distances meet. Have buried services marked before you dig.`,
        margin: [0, 0, 0, 6],
      },
      { svg: onPaper(svg), width: 520 },
      ...kinds.map(({ kind, planting, here, size, own }) => ({
        unbreakable: own.length < 40,
        margin: [0, 8, 0, 0],
        stack: [
          {
            text: [`${kind}. ${here.plant.common}  `, { text: here.plant.scientific, italics: true, fontSize: 10 }],
            fontSize: 12,
          },
          {
            text: `${planting.count}, ${units.about(size.spacing)} apart, about ${units.about(size.height.expected)} tall. ${DEPTH_WORDS[depthOf(here.plant)]}`,
            margin: [0, 0, 0, 2],
          },
          {
            columns: [0, 1, 2].map((column) => ({
              fontSize: 9,
              stack: own
                .filter((_, i) => i % 3 === column)
                .map((row) => `${row.kind}.${row.nth}   A ${tape(row.tape.fromA, units)}   B ${tape(row.tape.fromB, units)}`),
            })),
          },
        ],
      })),
    ],
  });
}

const POINTS = 72 / 25.4;

/** Labels of plants at their true size on a sheet of stickers. */
export async function labelsPdf(labels: readonly PlantLabel[], sheet: StickerSheet): Promise<Blob> {
  const make = await pdfMaker();
  const each = sheet.columns * sheet.rows;
  const small = sheet.high < 30;
  const qr = (small ? 15 : Math.min(28, sheet.high - 10)) * POINTS;
  const at = (i: number) => {
    const on = i % each;
    return {
      x: (sheet.left + (on % sheet.columns) * sheet.across + 2.5) * POINTS,
      y: (sheet.top + Math.floor(on / sheet.columns) * sheet.high + 2.5) * POINTS,
    };
  };
  const content = labels.flatMap((label, i) => {
    const { x, y } = at(i);
    const wide = (sheet.wide - 6) * POINTS - qr;
    return [
      ...(i > 0 && i % each === 0 ? [{ text: '', pageBreak: 'before' }] : []),
      {
        absolutePosition: { x, y },
        columns: [
          {
            width: wide,
            stack: [
              { text: label.common, bold: true, fontSize: small ? 10 : 15 },
              { text: label.scientific, italics: true, fontSize: small ? 7.5 : 11 },
              { text: label.what, fontSize: small ? 6.5 : 9 },
              { text: label.day, fontSize: small ? 6.5 : 9 },
            ],
          },
        ],
      },
      { absolutePosition: { x: x + wide + 2, y }, qr: label.address, fit: qr, eccLevel: 'L' },
    ];
  });
  return make({ pageSize: sheet.page, pageMargins: 0, info: { title: 'Plant labels' }, content });
}
