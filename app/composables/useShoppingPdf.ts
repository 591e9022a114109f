import { dateName } from '~~/core/model/half-month';
import { billOf, type ShoppingLine, type Source } from '~~/core/plan/shopping/list';
import { lineName, questionsOf, SEASON_WORDS, SOURCE_WORDS, unitsWords, warningsOf } from '~~/core/words/shopping';

/** The shopping list as a PDF file. */
export async function shoppingPdf(
  garden: string,
  date: string,
  lines: readonly ShoppingLine[],
  coin: (minor: number) => string,
  budget_minor: number | null,
): Promise<Blob> {
  const make = await pdfMaker();
  const bill = billOf(lines);
  const sources = [...new Set(lines.map((line) => line.source))];
  const table = (source: Source) => ({
    table: {
      headerRows: 1,
      widths: ['*', 90, 110, 55, 60],
      body: [
        ['What', 'Buy', 'When, for', { text: 'Each', alignment: 'right' }, { text: 'Together', alignment: 'right' }].map(
          (cell) => (typeof cell === 'string' ? { text: cell, bold: true } : { ...cell, bold: true }),
        ),
        ...lines
          .filter((line) => line.source === source)
          .map((line) => [
            {
              stack: [
                { text: lineName(line), bold: true },
                ...(line.kind === 'plant'
                  ? [
                      { text: line.here.plant.scientific, italics: true },
                      ...warningsOf(line).map((text) => ({ text, fontSize: 8, bold: true, margin: [0, 1, 0, 0] })),
                      ...questionsOf(line).map((text) => ({ text: `[  ] ${text}`, fontSize: 8, margin: [0, 1, 0, 0] })),
                    ]
                  : []),
              ],
            },
            line.kind === 'plant' && line.spares > 0 ? `${unitsWords(line)}, ${line.spares} spare` : unitsWords(line),
            `${SEASON_WORDS[line.season]}; ${line.sites.join(', ')}`,
            { text: coin(line.unit_minor), alignment: 'right' },
            { text: coin(line.total_minor), alignment: 'right' },
          ]),
      ],
    },
    layout: 'lightHorizontalLines',
    margin: [0, 2, 0, 10],
  });
  const left = budget_minor === null ? '' : `, of a budget of ${coin(budget_minor)}`;
  return make({
    pageSize: 'LETTER',
    info: { title: `Shopping list of ${garden}` },
    content: [
      { text: `Shopping list of ${garden}`, fontSize: 18, margin: [0, 0, 0, 2] },
      { text: dateName(date), margin: [0, 0, 0, 8] },
      ...sources.flatMap((source) => [{ text: SOURCE_WORDS[source], fontSize: 13, margin: [0, 4, 0, 2] }, table(source)]),
      {
        text: `Plants ${coin(bill.plants_minor)}; mix, mulch and supports ${coin(bill.goods_minor)}; together ${coin(bill.total_minor)}${left}.`,
      },
    ],
  });
}
