import { finished, mm, newDocument } from '../pdf/document';

interface OrderInput {
  /** What the job is called, and its engine with its serial. */
  readonly title: string;
  readonly engine: string;
  readonly head: readonly string[];
  /** Column for column under its head: part, number, why, source, expected. */
  readonly rows: readonly (readonly string[])[];
}

const MARGIN = 15;
const PAGE = { width: 210, height: 297 } as const;
/** Shares of the width, column for column. */
const COLUMNS = [62, 16, 46, 28, 28] as const;

/** A list to order, on as many pages as it takes. */
export async function orderPdf({ title, engine, head, rows }: OrderInput): Promise<Buffer> {
  const document = newDocument({ size: 'A4', info: { Title: title } });
  const top = (): number => {
    document.addPage();
    document.font('head').fontSize(16).fillColor('black').text(title, mm(MARGIN), mm(MARGIN));
    document
      .font('text')
      .fontSize(10)
      .text(engine, mm(MARGIN), document.y + 2);
    return line(document, head, document.y + 10, 'label');
  };
  let y = top();
  for (const row of rows) {
    if (y + heightOf(document, row) > mm(PAGE.height - MARGIN)) y = top();
    y = line(document, row, y, 'text');
  }
  return finished(document);
}

function widthOf(place: number): number {
  return mm(COLUMNS[place] ?? 20) - 6;
}

function heightOf(document: PDFKit.PDFDocument, row: readonly string[]): number {
  document.font('text').fontSize(9.5);
  const heights = row.map((text, place) =>
    document.heightOfString(text === '' ? ' ' : text, { width: widthOf(place) }),
  );
  return Math.max(...heights) + 8;
}

/** @returns where the next line begins */
function line(
  document: PDFKit.PDFDocument,
  row: readonly string[],
  y: number,
  face: 'label' | 'text',
): number {
  const height = heightOf(document, row);
  document.font(face).fontSize(9.5);
  let x = mm(MARGIN);
  for (const [place, text] of row.entries()) {
    document.text(text, x, y + 4, { width: widthOf(place) });
    x += mm(COLUMNS[place] ?? 20);
  }
  const end = y + height;
  document
    .moveTo(mm(MARGIN), end)
    .lineTo(mm(PAGE.width - MARGIN), end)
    .lineWidth(0.4)
    .stroke('#888888');
  return end;
}
