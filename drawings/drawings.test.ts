import sharp from 'sharp';
import type { BoltStatus } from '@cardinex/core/job/run/views';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { ON_PAPER, type Paint } from './paint';
import type { Drawing, Shape } from './shape';
import { svgText } from './svgText';
import { covered, outside } from './tests/boundsOf';
import { sampleDrawings } from './tests/samples';
import { sampleGlyphs } from './tests/samples/marks';
import { headMapDrawing } from './tighten/headMap';

// A test of the server that ran in this process before has left only the reader of photographs open.
sharp.unblock({ operation: ['VipsForeignLoad'] });

const drawings = sampleDrawings();
const named = drawings.map((drawing): [string, Drawing] => [
  `${drawing.kind}: ${drawing.description}`,
  drawing,
]);
const glyphs = sampleGlyphs();

describe.each(named)('%s', (_, drawing) => {
  const all = covered(drawing.shapes);

  it('is drawn of numbers, with something in it to see', () => {
    const text = svgText(drawing, ON_PAPER);
    expect(text).not.toMatch(/NaN|Infinity|undefined|null/);
    expect(all.length).toBeGreaterThan(0);
    expect(drawing.description).not.toBe('');
  });

  it('cuts no word off at its edge', () => {
    const cut = all.filter(
      ({ shape, points }) =>
        shape.kind === 'word' &&
        points.some((point) => outside(drawing.frame, point) > shape.size * 0.25),
    );
    expect(cut.map(({ shape }) => (shape.kind === 'word' ? shape.text : ''))).toEqual([]);
  });

  it('runs over its edge nowhere', () => {
    const most = Math.max(drawing.frame.width, drawing.frame.height) * 0.03;
    const over = all.filter(({ points }) =>
      points.some((point) => outside(drawing.frame, point) > most),
    );
    expect(over.map(({ shape }) => shape)).toEqual([]);
  });
});

describe('a drawing as an SVG file', () => {
  const COLOURLESS: Paint = {
    ...ON_PAPER,
    colours: Object.fromEntries(
      Object.keys(ON_PAPER.colours).map((role) => [role, role === 'paper' ? '#fff' : '#000']),
    ) as Paint['colours'],
  };

  it('is one that a reader of such files can draw', async () => {
    // One of each kind: reading such a file takes its time.
    for (const drawing of new Map(drawings.map((entry) => [entry.kind, entry])).values()) {
      const { width, format } = await sharp(Buffer.from(svgText(drawing, ON_PAPER))).metadata();
      expect(format).toBe('svg');
      expect(Math.abs(width - drawing.frame.width)).toBeLessThanOrEqual(1);
    }
  });

  it('says what it shows, whatever signs stand in it', () => {
    const [drawing] = drawings;
    if (!drawing) throw new Error('no drawing');
    const text = svgText({ ...drawing, description: 'Gap < 0.2 & "tight"' }, ON_PAPER);
    expect(text).toContain('<title>Gap &lt; 0.2 &amp; &quot;tight&quot;</title>');
  });

  it('carries the faces it is given', () => {
    const [drawing] = drawings;
    if (!drawing) throw new Error('no drawing');
    const faces = { BarlowSemiCondensed_700Bold: 'data:font/ttf;base64,AAAA' };
    expect(svgText(drawing, ON_PAPER, { faces })).toContain(
      '@font-face{font-family:"BarlowSemiCondensed_700Bold";src:url(data:font/ttf;base64,AAAA)}',
    );
  });

  it('tells every standing of a bolt apart without colour', () => {
    const [set] = tolvane44.fastenedSets ?? [];
    if (!set) throw new Error('no set');
    const looks = (['open', 'half', 'done', 'failed', 'sweep', 'next', 'now'] as const).map(
      (standing) =>
        svgText(
          headMapDrawing({
            set,
            bolts: [{ id: 'h1', status: standing as BoltStatus }].filter(
              () => standing !== 'next' && standing !== 'now',
            ),
            currentId: standing === 'now' ? 'h1' : null,
            nextId: standing === 'next' ? 'h1' : null,
            description: '',
          }),
          COLOURLESS,
        ),
    );
    expect(new Set(looks).size).toBe(looks.length);
  });

  it('tells small shapes of one row apart without colour', () => {
    const looks = glyphs.map(({ frame, shapes }) =>
      svgText({ description: '', frame, shapes }, COLOURLESS),
    );
    expect(new Set(looks).size).toBe(looks.length);
  });
});

describe('what is touched', () => {
  const targets = (shapes: readonly Shape[]): readonly string[] =>
    shapes.flatMap((shape) =>
      shape.kind === 'group'
        ? [...(shape.target === undefined ? [] : [shape.target]), ...targets(shape.shapes)]
        : [],
    );

  it('is named once in a drawing', () => {
    for (const { shapes } of drawings) {
      const found = targets(shapes);
      expect(new Set(found).size).toBe(found.length);
    }
  });
});
