import QRCode from 'qrcode';
import type { LabelSize } from '@cardinex/contract/labels';
import type { Mark } from '@cardinex/core/job/cards/mark/view';
import type { JobSheet } from '@cardinex/core/job/scope';
import { labelText } from '@cardinex/words/cards/labels';
import { finished, mm, newDocument } from '../pdf/document';

interface LabelsInput {
  readonly marks: readonly Mark[];
  readonly sheet: JobSheet;
  /** What the job is called, and the serial of its engine. */
  readonly job: string;
  readonly serial: string;
  readonly size: LabelSize;
  /** The address that opens a part on its job. */
  readonly addressOf: (mark: Mark) => string;
}

const TAG = { width: 64, height: 38 } as const;
const A4 = { width: 210, height: 297 } as const;
const COLUMNS = 3;
const ROWS = 7;
const MARGIN = {
  x: (A4.width - COLUMNS * TAG.width) / 2,
  y: (A4.height - ROWS * TAG.height) / 2,
} as const;

const PADDING = 3;
/** Large enough to be read through a greasy bag by a phone held in a glove. */
const QR = 21;
/** Where what goes across the tag begins, below its code. */
const FOOT = 26;

/** Tags for the parts of a job, each with a code that opens its part. */
export async function labelsPdf(input: LabelsInput): Promise<Buffer> {
  const roll = input.size === 'roll';
  const document = newDocument({
    size: roll ? [mm(TAG.width), mm(TAG.height)] : 'A4',
    info: { Title: `${input.job}, ${input.serial}` },
  });
  const perPage = roll ? 1 : COLUMNS * ROWS;
  for (const [place, mark] of input.marks.entries()) {
    const onPage = place % perPage;
    if (onPage === 0) document.addPage();
    const x = roll ? 0 : MARGIN.x + (onPage % COLUMNS) * TAG.width;
    const y = roll ? 0 : MARGIN.y + Math.floor(onPage / COLUMNS) * TAG.height;
    drawTag(document, input, mark, { x, y, cut: !roll });
  }
  return finished(document);
}

function drawTag(
  document: PDFKit.PDFDocument,
  { sheet, job, serial, addressOf }: LabelsInput,
  mark: Mark,
  { x, y, cut }: { readonly x: number; readonly y: number; readonly cut: boolean },
): void {
  if (cut) {
    document
      .rect(mm(x), mm(y), mm(TAG.width), mm(TAG.height))
      .lineWidth(0.4)
      .dash(2, { space: 2 })
      .stroke('#888888')
      .undash();
  }
  const { title, lines, foot } = labelText(mark, sheet);
  const left = mm(x + PADDING);
  const beside = { width: mm(TAG.width - QR - 3 * PADDING), lineGap: 0 };
  const across = mm(TAG.width - 2 * PADDING);
  const size = fitting(document.font('head'), title, beside.width, [20, 16, 13, 11]);
  document.fillColor('black').fontSize(size);
  document.text(title, left, mm(y + PADDING - 0.5), { ...beside, lineGap: -2 });
  document.font('text').fontSize(7);
  document.text(lines.join('\n'), left, document.y + 1, beside);
  document.fontSize(6.5).text(foot, left, mm(y + FOOT), { width: across, lineGap: 0 });
  document.fontSize(6).text(`${job} · ${serial}`, left, mm(y + TAG.height - PADDING - 2), {
    width: across,
    height: mm(3),
    ellipsis: true,
    lineBreak: false,
  });
  drawQr(document, addressOf(mark), mm(x + TAG.width - PADDING - QR), mm(y + PADDING));
}

/** The largest of a few sizes at which a code takes no more than two lines. */
function fitting(
  document: PDFKit.PDFDocument,
  text: string,
  width: number,
  sizes: readonly number[],
): number {
  const fits = (size: number): boolean =>
    document.fontSize(size).heightOfString(text, { width, lineGap: -2 }) < size * 2.6;
  return sizes.find(fits) ?? sizes.at(-1) ?? 10;
}

/** Drawn square by square: sharp at any size, and no picture to carry. */
function drawQr(document: PDFKit.PDFDocument, address: string, x: number, y: number): void {
  const { modules } = QRCode.create(address, { errorCorrectionLevel: 'M' });
  const step = mm(QR) / modules.size;
  for (let row = 0; row < modules.size; row += 1) {
    for (let column = 0; column < modules.size; column += 1) {
      if (modules.get(row, column)) document.rect(x + column * step, y + row * step, step, step);
    }
  }
  document.fill('black');
}
