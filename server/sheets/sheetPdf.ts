import { assemblyOf } from '@cardinex/core/sheet/assembly/assemblyOf';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { stagesOf } from '@cardinex/core/sheet/programmeOf';
import { isSheetPause, type FastenedSet } from '@cardinex/core/sheet/spec/fastening';
import type { Drawing } from '@cardinex/drawings/shape';
import { headMapDrawing } from '@cardinex/drawings/tighten/headMap';
import { treatmentsOf } from '@cardinex/core/sheet/treatmentOf';
import { timingWords } from '@cardinex/words/cards/timing';
import { stack } from '@cardinex/words/drawn/stack';
import { stackLines, stackWords } from '@cardinex/words/stack';
import { boltLengths } from '@cardinex/words/drawn/boltLengths';
import { cylinderLayout } from '@cardinex/words/drawn/cylinderLayout';
import { pistonWay, ringGaps } from '@cardinex/words/drawn/piston';
import { timingWheels } from '@cardinex/words/drawn/timingWheels';
import { drawingTitles } from '@cardinex/words/drawn/titles';
import { valveWindows } from '@cardinex/words/drawn/valveWindows';
import { cylinder1At } from '@cardinex/words/quantity';
import { groupLines, orderText, programmeLines } from '@cardinex/words/sheets/programme';
import { sheetsWords as w } from '@cardinex/words/sheets/screen';
import { drawOnPdf } from '../pdf/drawOnPdf';
import { finished, mm, newDocument } from '../pdf/document';

/** A drawing with its heading and what is said under it. */
interface Plate {
  readonly title: string;
  readonly aside: string;
  readonly drawing: Drawing;
  readonly lines: readonly string[];
  /** What it may take of a page, where that is more than is usual. */
  readonly tallest?: number;
}

const PAGE = { width: mm(210), height: mm(297), margin: mm(15) } as const;
const WIDTH = PAGE.width - 2 * PAGE.margin;
/** What a drawing may take of a page, so that the lines under it stay with it. */
const TALLEST = mm(105);
const BETWEEN = mm(9);

/** The drawings of a sheet with its orders and values, to be hung up beside the engine. */
export async function sheetPdf(sheet: EngineSheet): Promise<Buffer> {
  const revision = `${sheet.name} · ${w.revision(sheet.revision)}`;
  const document = newDocument({ size: 'A4', info: { Title: revision } });
  let y = Infinity;
  for (const plate of platesOf(sheet)) {
    const height = heightOf(document, plate);
    if (y + height > PAGE.height - PAGE.margin) y = newPage(document, revision);
    y = putPlate(document, plate, y) + BETWEEN;
  }
  return finished(document);
}

/** A page with the engine's name over it; what follows begins below. */
function newPage(document: PDFKit.PDFDocument, revision: string): number {
  document.addPage();
  document.font('label').fontSize(10).fillColor('black');
  document.text(revision, PAGE.margin, mm(8), { lineBreak: false });
  return PAGE.margin;
}

const LINE = { width: WIDTH, lineGap: 1 } as const;

function heightOf(document: PDFKit.PDFDocument, plate: Plate): number {
  const { drawing, lines, tallest = TALLEST } = plate;
  const { frame } = drawing;
  document.font('text').fontSize(11);
  const written = lines.reduce((sum, line) => sum + document.heightOfString(line, LINE), 0);
  return mm(10) + Math.min(tallest, (WIDTH / frame.width) * frame.height) + mm(3) + written;
}

/** @returns where it ends on the page */
function putPlate(document: PDFKit.PDFDocument, plate: Plate, y: number): number {
  document.fillColor('black').font('head').fontSize(16);
  document.text(plate.title, PAGE.margin, y, { lineBreak: false });
  document.font('text').fontSize(10);
  document.text(plate.aside, PAGE.margin, y + 3, { width: WIDTH, align: 'right' });
  const top = y + mm(10);
  const drawn = drawOnPdf(document, plate.drawing, {
    x: PAGE.margin,
    y: top,
    width: WIDTH,
    height: plate.tallest ?? TALLEST,
  });
  document.font('text').fontSize(11).fillColor('black');
  document.y = top + drawn + mm(3);
  for (const line of plate.lines) document.text(line, PAGE.margin, document.y, LINE);
  return document.y;
}

function platesOf(sheet: EngineSheet): readonly Plate[] {
  const { timing, pistons } = sheet;
  const end = cylinder1At(sheet);
  const drawn = (drawing: Drawing | null, aside = ''): readonly Plate[] =>
    drawing ? [{ title: drawingTitles[drawing.kind], aside, drawing, lines: [] }] : [];
  return [
    { title: sheet.name, aside: end, drawing: cylinderLayout(sheet), lines: [sheet.description] },
    ...togetherPlates(sheet, end),
    ...(sheet.fastenedSets ?? []).flatMap((set) => setPlates(set)),
    ...(pistons?.orientation ? drawn(pistonWay(sheet)) : []),
    ...drawn(ringGaps(sheet)),
    ...(timing
      ? drawn(timingWheels(timing, () => 'open', timingWords.marksAre(timing.marks)))
      : []),
    ...drawn(valveWindows(sheet), w.windowsHint),
  ];
}

/** The engine as its pieces, with the order in which its head comes off and goes on again. */
function togetherPlates(sheet: EngineSheet, end: string): readonly Plate[] {
  const { pieces } = assemblyOf(sheet);
  const head = pieces.find(({ kind }) => kind === 'head' || kind === 'cylinder')?.id ?? null;
  const lines = head === null ? [] : stackLines(sheet, head);
  const drawing = stack(sheet, head === null ? [] : [head], true);
  return [{ title: stackWords.title, aside: end, drawing, lines, tallest: mm(165) }];
}

function setPlates(set: FastenedSet): readonly Plate[] {
  const order = stagesOf(set).flatMap(({ stage }) => (isSheetPause(stage) ? [] : [stage.order]))[0];
  const map = headMapDrawing({
    set,
    bolts: [],
    currentId: null,
    nextId: null,
    treatments: treatmentsOf(set),
    description: set.name,
  });
  const lines = [
    ...programmeLines(set).map(({ number, says }) => `${number}  ${says}`),
    ...(order ? [orderText(set, order)] : []),
    ...groupLines(set).map(({ name, says }) => `${name}: ${says}`),
  ];
  const lengths = boltLengths(set);
  return [
    { title: set.name, aside: set.map.seenFrom, drawing: map, lines },
    ...(set.groups.length > 1
      ? [
          {
            title: `${set.name}: ${drawingTitles[lengths.kind]}`,
            aside: set.map.seenFrom,
            drawing: lengths,
            lines: [],
          },
        ]
      : []),
  ];
}
