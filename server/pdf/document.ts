import { createRequire } from 'node:module';
import PDFDocument from 'pdfkit';
import type { Face } from '@cardinex/drawings/shape';

const find = createRequire(import.meta.url);
const FILES: Readonly<Record<Face, string>> = {
  head: '@expo-google-fonts/barlow-semi-condensed/700Bold/BarlowSemiCondensed_700Bold.ttf',
  label: '@expo-google-fonts/barlow-semi-condensed/600SemiBold/BarlowSemiCondensed_600SemiBold.ttf',
  text: '@expo-google-fonts/atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf',
};

/** Where the file of a face lies. */
export function faceFile(face: Face): string {
  return find.resolve(FILES[face]);
}

const PER_MM = 72 / 25.4;

/** Points of a page in so many millimetres. */
export const mm = (value: number): number => value * PER_MM;

/** A document without pages yet that knows the app's faces by their names. */
export function newDocument(options: PDFKit.PDFDocumentOptions): PDFKit.PDFDocument {
  const document = new PDFDocument({ margin: 0, ...options, autoFirstPage: false });
  for (const face of Object.keys(FILES) as Face[]) document.registerFont(face, faceFile(face));
  return document;
}

/** Ends a document and hands over all of it. */
export async function finished(document: PDFKit.PDFDocument): Promise<Buffer> {
  const chunks: Buffer[] = [];
  document.on('data', (chunk: Buffer) => chunks.push(chunk));
  const ended = new Promise<void>((done) => document.once('end', done));
  document.end();
  await ended;
  return Buffer.concat(chunks);
}
