import { coordinate } from './kit/coordinate';
import { FACES, painted, transformOf, WORD_EDGE, type Paint } from './paint';
import type { Drawing, Look, Shape, Word } from './shape';

interface SvgOptions {
  /** Faces to carry along, by their family: a data address of each. */
  readonly faces?: Readonly<Record<string, string>>;
}

/** A drawing as the text of an SVG file that stands alone, on a ground of the paint's paper. */
export function svgText(
  drawing: Omit<Drawing, 'kind'>,
  paint: Paint,
  { faces = {} }: SvgOptions = {},
): string {
  const { x, y, width, height } = drawing.frame;
  const frame = [x, y, width, height].map(coordinate).join(' ');
  const carried = Object.entries(faces).map(
    ([family, address]) => `@font-face{font-family:"${family}";src:url(${address})}`,
  );
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${frame}" width="${coordinate(width)}" height="${coordinate(height)}" role="img">`,
    `<title>${escaped(drawing.description)}</title>`,
    carried.length > 0 ? `<style>${carried.join('')}</style>` : '',
    tag('rect', { x, y, width, height, fill: paint.colours.paper }),
    ...drawing.shapes.map((shape) => shapeText(shape, paint)),
    '</svg>',
  ].join('');
}

function shapeText(shape: Shape, paint: Paint): string {
  switch (shape.kind) {
    case 'line': {
      const { x1, y1, x2, y2 } = shape;
      return tag('line', { x1, y1, x2, y2, ...look(paint, shape) });
    }
    case 'circle': {
      const { cx, cy, r } = shape;
      return tag('circle', { cx, cy, r, ...look(paint, shape) });
    }
    case 'box': {
      const { x, y, width, height, corner } = shape;
      return tag('rect', { x, y, width, height, rx: corner, ...look(paint, shape) });
    }
    case 'polygon': {
      const points = shape.points.map((point) => point.map(coordinate).join(',')).join(' ');
      return tag('polygon', { points, ...look(paint, shape) });
    }
    case 'path':
      return tag('path', { d: shape.d, ...look(paint, shape) });
    case 'word':
      return wordText(shape, paint);
    case 'group':
      return `<g transform="${transformOf(shape)}">${shape.shapes
        .map((inner) => shapeText(inner, paint))
        .join('')}</g>`;
  }
}

function wordText(word: Word, paint: Paint): string {
  const { colours } = paint;
  const edge = word.edge && {
    stroke: colours[word.edge],
    'stroke-width': WORD_EDGE,
    'paint-order': 'stroke',
  };
  return tag(
    'text',
    {
      x: word.x,
      y: word.y,
      fill: colours[word.fill],
      'font-size': word.size,
      'font-family': `${FACES[word.face]}, sans-serif`,
      'text-anchor': word.anchor,
      ...edge,
    },
    escaped(word.text),
  );
}

type Attributes = Readonly<Record<string, string | number | undefined>>;

function look(paint: Paint, shape: Look): Attributes {
  return Object.fromEntries(
    Object.entries(painted(paint, shape)).map(([name, value]) => [dashed(name), value]),
  );
}

function dashed(name: string): string {
  return name.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);
}

function tag(name: string, attributes: Attributes, content = ''): string {
  const text = Object.entries(attributes)
    .filter(([, value]) => value !== undefined && value !== 0 && value !== '')
    .map(
      ([key, value]) =>
        ` ${key}="${typeof value === 'number' ? coordinate(value) : escaped(String(value))}"`,
    )
    .join('');
  return content === '' ? `<${name}${text}/>` : `<${name}${text}>${content}</${name}>`;
}

function escaped(text: string): string {
  return text
    .replace(/&/g, '&amp;')
    .replace(/</g, '&lt;')
    .replace(/>/g, '&gt;')
    .replace(/"/g, '&quot;');
}
