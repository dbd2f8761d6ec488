import { FACES, ON_PAPER } from '@cardinex/drawings/paint';
import type { Drawing, Face, Shape } from '@cardinex/drawings/shape';
import { svgText } from '@cardinex/drawings/svgText';

/** The longest side of a picture in points: sharp on a sheet of paper. */
const LONGEST_PX = 2000;

/** A drawing as a file that stands alone: its faces go with it. */
export async function svgFile(drawing: Drawing): Promise<Blob> {
  const text = svgText(drawing, ON_PAPER, { faces: await facesOf(drawing) });
  return new Blob([text], { type: 'image/svg+xml' });
}

/**
 * A drawing as a picture of points, for where no drawing can be put.
 *
 * @throws Error where the browser draws none
 */
export async function pngFile(drawing: Drawing): Promise<Blob> {
  const { width, height } = drawing.frame;
  const scale = LONGEST_PX / Math.max(width, height);
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(width * scale);
  canvas.height = Math.round(height * scale);
  const image = await loaded(await dataAddress(await svgFile(drawing)));
  canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
  return new Promise((resolve, reject) => {
    canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error('no picture'))), 'image/png');
  });
}

function loaded(address: string): Promise<HTMLImageElement> {
  return new Promise((resolve, reject) => {
    const image = new Image();
    image.onload = () => resolve(image);
    image.onerror = () => reject(new Error('a drawing that is no picture'));
    image.src = address;
  });
}

/** The faces its words are set in, each as the page has loaded it. */
async function facesOf(drawing: Drawing): Promise<Readonly<Record<string, string>>> {
  const families = new Set([...facesIn(drawing.shapes)].map((face) => FACES[face]));
  const sources = [...document.styleSheets]
    .flatMap((sheet) => [...sheet.cssRules])
    .filter((rule) => rule instanceof CSSFontFaceRule)
    .map(({ style }) => ({
      family: style.getPropertyValue('font-family').replace(/["']/g, ''),
      address: /url\(["']?([^"')]+)/.exec(style.getPropertyValue('src'))?.[1],
    }));
  const carried = await Promise.all(
    sources.map(async ({ family, address }) =>
      address === undefined || !families.has(family)
        ? []
        : [[family, await dataAddress(await (await fetch(address)).blob())] as const],
    ),
  );
  return Object.fromEntries(carried.flat());
}

function facesIn(shapes: readonly Shape[]): ReadonlySet<Face> {
  return new Set(
    shapes.flatMap((shape) => {
      if (shape.kind === 'word') return [shape.face];
      return shape.kind === 'group' ? [...facesIn(shape.shapes)] : [];
    }),
  );
}

function dataAddress(blob: Blob): Promise<string> {
  return new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(String(reader.result));
    reader.onerror = () => reject(reader.error ?? new Error('unreadable'));
    reader.readAsDataURL(blob);
  });
}
