import { createCanvas, type Canvas } from '@napi-rs/canvas';
import jsQR from 'jsqr';

/** Points per inch of a PDF, and dots at which a label is looked at. */
const DPI = 72;
const LOOKED_AT = 300;

/** A page of a PDF as a picture. */
export async function pdfPicture(pdf: Uint8Array, page = 1): Promise<Canvas> {
  const { getDocument } = await import('pdfjs-dist/legacy/build/pdf.mjs');
  const document = await getDocument({ data: new Uint8Array(pdf), verbosity: 0 }).promise;
  const drawn = await document.getPage(page);
  const viewport = drawn.getViewport({ scale: LOOKED_AT / DPI });
  const canvas = createCanvas(Math.ceil(viewport.width), Math.ceil(viewport.height));
  const context = canvas.getContext('2d');
  context.fillStyle = 'white';
  context.fillRect(0, 0, canvas.width, canvas.height);
  await drawn.render({ canvasContext: context as never, viewport }).promise;
  return canvas;
}

interface PdfPage {
  readonly text: string;
  /** What is written over the edge of the paper. */
  readonly outside: readonly string[];
}

/** What is written on each page of a PDF. */
export async function pdfPages(pdf: Uint8Array): Promise<readonly PdfPage[]> {
  const { getDocument } = await import('pdfjs-dist/legacy/build/pdf.mjs');
  const document = await getDocument({ data: new Uint8Array(pdf), verbosity: 0 }).promise;
  return Promise.all(
    Array.from({ length: document.numPages }, async (_, nth) => {
      const page = await document.getPage(nth + 1);
      const [, , width = 0, height = 0] = page.view;
      const { items } = await page.getTextContent();
      const written = items.flatMap((item) => ('str' in item && item.str !== '' ? [item] : []));
      // The reader puts a space between what stands far apart; no ink goes with it.
      const inked = written.filter(({ str }) => str.trim() !== '');
      const over = inked.filter(({ transform, width: wide }) => {
        const [x, y] = [Number(transform[4]), Number(transform[5])];
        return x < 0 || x + wide > width || y < 0 || y > height;
      });
      return {
        text: written.map(({ str }) => str).join(' '),
        outside: over.map(({ str }) => str),
      };
    }),
  );
}

/** What the first code found in a picture says; null where there is none. */
export function qrIn(canvas: Canvas): string | null {
  const { width, height } = canvas;
  const { data } = canvas.getContext('2d').getImageData(0, 0, width, height);
  return jsQR(data as unknown as Uint8ClampedArray, width, height)?.data ?? null;
}
