import { faceFlatness, type FaceFlatnessInput, type FaceReading } from './faceFlatness';

const codes = (readings: readonly FaceReading[], over: Partial<FaceFlatnessInput> = {}) => {
  const { lines, code } = faceFlatness({ readings, limitMm: 0.1, ...over });
  return [...lines.map((line) => line.code), code];
};
const HAND = { perLength: { gapMm: 0.03, overMm: 100 } };

describe('any face under the straightedge', () => {
  it.each<[string, readonly FaceReading[], Partial<FaceFlatnessInput>, readonly string[]]>([
    ['within, the limit itself too', [{ line: 'a', gapMm: 0.1 }], {}, ['within', 'within']],
    [
      'one line over is enough',
      [
        { line: 'a', gapMm: 0.02 },
        { line: 'b', gapMm: 0.12 },
      ],
      {},
      ['within', 'over', 'over'],
    ],
    [
      'a short length is held to its own limit too, a long one is not',
      [
        { line: 'a', gapMm: 0.08, overMm: 600 },
        { line: 'a', gapMm: 0.04, overMm: 100 },
        { line: 'a', gapMm: 0.03, overMm: 50 },
      ],
      HAND,
      ['within', 'over', 'within', 'over'],
    ],
    [
      'a length that was not given leaves that limit unheld',
      [
        { line: 'a', gapMm: 0.01 },
        { line: 'b', gapMm: 0.01, overMm: 600 },
      ],
      HAND,
      ['no-limit', 'within', 'no-limit'],
    ],
    ['but over is over', [{ line: 'a', gapMm: 0.11 }], HAND, ['over', 'over']],
    [
      'a short length within its own limit may still be over the whole',
      [{ line: 'a', gapMm: 0.04, overMm: 80 }],
      { limitMm: 0.02, perLength: { gapMm: 0.05, overMm: 100 } },
      ['over', 'over'],
    ],
  ])('%s', (_, readings, over, found) => {
    expect(codes(readings, over)).toEqual(found);
  });

  it('tells the worst, and every line as it was read', () => {
    const readings = [
      { line: 'a', gapMm: 0.02 },
      { line: 'b', gapMm: 0.07 },
    ];
    const found = faceFlatness({ readings, limitMm: 0.1 });
    expect(found.worstMm).toBe(0.07);
    expect(found.lines).toEqual(readings.map((reading) => ({ ...reading, code: 'within' })));
  });

  it.each<[string, readonly FaceReading[], Partial<FaceFlatnessInput>, string]>([
    ['nothing read', [], {}, 'readings: empty'],
    [
      'a line twice over the same length',
      [
        { line: 'a', gapMm: 0, overMm: 100 },
        { line: 'a', gapMm: 0, overMm: 100 },
      ],
      {},
      'readings[1].line: repeated',
    ],
    [
      'a line twice',
      [
        { line: 'a', gapMm: 0 },
        { line: 'a', gapMm: 0.1 },
      ],
      {},
      'readings[1].line: repeated',
    ],
    ['no length at all', [{ line: 'a', gapMm: 0, overMm: 0 }], {}, 'overMm: must-be-positive'],
    [
      'a limit below zero',
      [{ line: 'a', gapMm: 0 }],
      { limitMm: -1 },
      'limitMm: must-not-be-negative',
    ],
  ])('refuses %s', (_, readings, over, message) => {
    expect(() => faceFlatness({ readings, limitMm: 0.1, ...over })).toThrow(message);
  });
});
