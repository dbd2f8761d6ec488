import { ON_PAPER, weightIn, type Paint } from '@cardinex/drawings/paint';
import type { Drawing, Look, Shape, Word } from '@cardinex/drawings/shape';

interface Place {
  /** Upper left corner on the page, in points. */
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/**
 * Puts a drawing onto a page, as large as its place allows, in the middle of it.
 *
 * @returns how high it came out, in points
 */
export function drawOnPdf(
  document: PDFKit.PDFDocument,
  { frame, shapes }: Pick<Drawing, 'frame' | 'shapes'>,
  place: Place,
  paint: Paint = ON_PAPER,
): number {
  const scale = Math.min(place.width / frame.width, place.height / frame.height);
  document.save();
  document.translate(place.x + (place.width - frame.width * scale) / 2, place.y);
  document.scale(scale).translate(-frame.x, -frame.y);
  for (const shape of shapes) draw(document, shape, paint);
  document.restore();
  return frame.height * scale;
}

function draw(document: PDFKit.PDFDocument, shape: Shape, paint: Paint): void {
  switch (shape.kind) {
    case 'line':
      document.moveTo(shape.x1, shape.y1).lineTo(shape.x2, shape.y2);
      return paintPath(document, shape, paint);
    case 'circle':
      document.circle(shape.cx, shape.cy, shape.r);
      return paintPath(document, shape, paint);
    case 'box':
      document.roundedRect(shape.x, shape.y, shape.width, shape.height, shape.corner);
      return paintPath(document, shape, paint);
    case 'polygon':
      document.polygon(...shape.points.map(([x, y]) => [x, y]));
      return paintPath(document, shape, paint);
    case 'path':
      document.path(shape.d);
      return paintPath(document, shape, paint);
    case 'word':
      return write(document, shape, paint);
    case 'group':
      document.save().translate(shape.x, shape.y).rotate(shape.turnDeg).scale(shape.scale);
      for (const inner of shape.shapes) draw(document, inner, paint);
      document.restore();
  }
}

/** Fills and outlines the path that was just laid. */
function paintPath(document: PDFKit.PDFDocument, look: Look, paint: Paint): void {
  const { fill, stroke, weight, dash, ends, opacity = 1 } = look;
  document.save().opacity(opacity);
  if (stroke) {
    document.lineWidth(weightIn(paint, weight)).lineCap(ends ?? 'butt');
    if (dash) document.dash(dash[0], { space: dash[1] });
  }
  if (fill && stroke) document.fillAndStroke(paint.colours[fill], paint.colours[stroke]);
  else if (fill) document.fill(paint.colours[fill]);
  else if (stroke) document.stroke(paint.colours[stroke]);
  document.restore();
}

const SHARE_BEFORE = { start: 0, middle: 0.5, end: 1 } as const;

function write(document: PDFKit.PDFDocument, word: Word, paint: Paint): void {
  document.font(word.face).fontSize(word.size).fillColor(paint.colours[word.fill]);
  const x = word.x - document.widthOfString(word.text) * SHARE_BEFORE[word.anchor];
  document.text(word.text, x, word.y, { baseline: 'alphabetic', lineBreak: false });
}
