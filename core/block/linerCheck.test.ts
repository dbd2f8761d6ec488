import fc from 'fast-check';
import { linerCheck, type LinerCheckInput } from './linerCheck';

const limits = { lowMm: 0.05, highMm: 0.12, adjacentMm: 0.03, tiltMm: 0.03 };

function block(rise: LinerCheckInput['rise'], ...heights: number[][]): LinerCheckInput {
  return {
    bores: heights.map((readingsMm, place) => ({ id: String(place + 1), readingsMm })),
    limits,
    rise,
  };
}

describe('liners', () => {
  it('that climb along the block within every limit are within', () => {
    const check = linerCheck(block('up', [0.06, 0.06], [0.07, 0.08], [0.09, 0.09], [0.1, 0.11]));
    expect(check.overall).toBe('within');
    expect(check.first).toBeNull();
    expect(check.bores.map((b) => Number(b.meanMm.toFixed(9)))).toEqual([0.06, 0.075, 0.09, 0.105]);
  });

  it('with one tilted are told to lift that one first, whatever else is wrong', () => {
    const check = linerCheck(block('up', [0.2, 0.2], [0.05, 0.11]));
    expect(check.first).toEqual({ kind: 'tilt', bores: ['2'], excessMm: expect.closeTo(0.03, 9) });
  });

  it('are judged by their mean, and one reading outside is said', () => {
    const [bore] = linerCheck(block('none', [0.04, 0.06])).bores;
    expect(bore).toMatchObject({ verdict: 'within', readingOutside: true, tiltVerdict: 'within' });
  });

  it('on the limit are within it', () => {
    const check = linerCheck(block('none', [0.05, 0.05], [0.08, 0.08], [0.11, 0.11]));
    expect(check.overall).toBe('within');
  });

  it('too far from a neighbour are named with it and the step is signed', () => {
    const check = linerCheck(block('none', [0.1, 0.1], [0.06, 0.06]));
    expect(check.differences).toEqual([
      { from: '1', to: '2', mm: expect.closeTo(-0.04, 9), verdict: 'over' },
    ]);
    expect(check.first).toMatchObject({ kind: 'adjacent', bores: ['1', '2'] });
  });

  it('falling where they should climb break the order there, with 0.005 mm counted as equal', () => {
    expect(linerCheck(block('up', [0.08, 0.08], [0.075, 0.075])).rise[0]?.verdict).toBe('within');
    const check = linerCheck(block('up', [0.08, 0.08], [0.074, 0.074]));
    expect(check.rise[0]).toMatchObject({ verdict: 'broken', breaks: [{ from: '1', to: '2' }] });
    expect(check.first?.kind).toBe('rise');
  });

  it('may climb or fall when either will do, and are held to the way that fits better', () => {
    expect(
      linerCheck(block('either', [0.1, 0.1], [0.08, 0.08], [0.06, 0.06])).rise[0],
    ).toMatchObject({
      direction: 'down',
      verdict: 'within',
    });
    expect(
      linerCheck(block('either', [0.06, 0.06], [0.09, 0.09], [0.08, 0.08])).rise[0],
    ).toMatchObject({
      direction: 'up',
      verdict: 'broken',
    });
  });

  it('of two banks are neighbours only within their bank', () => {
    const check = linerCheck({
      bores: [
        { id: 'A1', bank: 'A', readingsMm: [0.06] },
        { id: 'B1', bank: 'B', readingsMm: [0.11] },
        { id: 'A2', bank: 'A', readingsMm: [0.07] },
        { id: 'B2', bank: 'B', readingsMm: [0.1] },
      ],
      limits,
      rise: 'none',
    });
    expect(check.differences.map((d) => [d.from, d.to])).toEqual([
      ['A1', 'A2'],
      ['B1', 'B2'],
    ]);
    expect(check.overall).toBe('within');
  });

  it('under one head keep together', () => {
    const check = linerCheck({
      bores: [0.06, 0.08, 0.11].map((mm, place) => ({
        id: String(place),
        headGroup: 'front',
        readingsMm: [mm],
      })),
      limits: { lowMm: 0, highMm: 1, groupSpreadMm: 0.04 },
      rise: 'none',
    });
    expect(check.groups).toEqual([
      { headGroup: 'front', spreadMm: expect.closeTo(0.05, 9), verdict: 'over' },
    ]);
    expect(check.first).toMatchObject({ kind: 'group', bores: ['0', '1', '2'] });
  });

  it('without a limit are never called within it', () => {
    const check = linerCheck({
      ...block('none', [0.06, 0.1], [0.11, 0.11]),
      limits: { lowMm: 0, highMm: 1 },
    });
    expect(check.bores[0]?.tiltVerdict).toBe('no-limit');
    expect(check.differences[0]?.verdict).toBe('no-limit');
  });

  it('read at one place have no tilt', () => {
    expect(linerCheck(block('none', [0.06])).bores[0]).toMatchObject({
      tiltMm: null,
      tiltVerdict: 'no-limit',
    });
  });

  it.each<[string, LinerCheckInput, string]>([
    ['no bores', block('none'), 'bores'],
    ['a bore without readings', block('none', []), 'bores[0].readingsMm'],
    [
      'limits upside down',
      { ...block('none', [1]), limits: { lowMm: 1, highMm: 0 } },
      'limits.highMm',
    ],
    [
      'a negative limit',
      { ...block('none', [1]), limits: { ...limits, tiltMm: -1 } },
      'limits.tiltMm',
    ],
    [
      'a repeated bore',
      {
        ...block('none', [1], [1]),
        bores: [
          { id: '1', readingsMm: [1] },
          { id: '1', readingsMm: [1] },
        ],
      },
      'bores[1].id',
    ],
  ])('with %s are refused', (_what, input, field) => {
    expect(() => linerCheck(input)).toThrow(field);
  });

  it('are judged alike whichever unit they were read in, and lifted all together keep their steps', () => {
    const thou = fc.array(fc.integer({ min: -20, max: 80 }), { minLength: 2, maxLength: 4 });
    fc.assert(
      fc.property(fc.array(thou, { minLength: 1, maxLength: 6 }), (readings) => {
        const inThou = linerCheck({
          bores: readings.map((atBore, place) => ({
            id: String(place),
            readingsMm: atBore.map((t) => t * 0.1 * 0.0254),
          })),
          limits: { lowMm: 20 * 0.1 * 0.0254, highMm: 47 * 0.1 * 0.0254 },
          rise: 'none',
        });
        readings.forEach((atBore, place) => {
          const mean = atBore.reduce((sum, t) => sum + t, 0) / atBore.length;
          const expected = mean < 20 ? 'low' : mean > 47 ? 'high' : 'within';
          expect(inThou.bores[place]?.verdict).toBe(expected);
        });
      }),
    );
  });
});
