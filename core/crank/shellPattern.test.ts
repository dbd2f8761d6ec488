import { SHELL_WEAR, shellPattern, type ShellsOfBearing, type ShellWear } from './shellPattern';

/** Mains by their lower shells, the upper ones even. */
const lowers = (...wear: readonly ShellWear[]): readonly ShellsOfBearing[] =>
  wear.map((lower, at) => ({ bearing: String(at + 1), upper: 'even', lower }));

const codes = (bearings: readonly ShellsOfBearing[]): readonly string[] =>
  shellPattern({ bearings, loaded: 'lower' }).map(({ code }) => code);

describe('what shells say together', () => {
  it.each([
    ['all', ['copper', 'wiped', 'copper'], 'all-hot'],
    ['one between sound ones', ['even', 'copper', 'even'], 'one-hot'],
    ['one at an end', ['wiped', 'even', 'even'], 'one-hot'],
    ['those in the middle', ['even', 'wiped', 'copper', 'even'], 'middle-hot'],
    [
      'some in the middle, with a sound one between',
      ['even', 'wiped', 'even', 'wiped', 'even'],
      'middle-hot',
    ],
    ['those at one end', ['even', 'even', 'wiped', 'wiped'], 'end-hot'],
    ['both ends', ['wiped', 'even', 'wiped'], 'some-hot'],
  ] as const)('hot: %s', (_, wear, code) => {
    expect(codes(lowers(...wear))).toEqual([code]);
  });

  it('one edge alone, all at the same edge, or this way and that', () => {
    expect(codes(lowers('even', 'edge-near', 'even'))).toEqual(['edge-alone']);
    expect(codes(lowers('edge-far', 'even', 'edge-far'))).toEqual(['edges-alike']);
    expect(codes(lowers('edge-far', 'edge-near', 'even'))).toEqual(['edges-opposed']);
  });

  it('a bearing worn at both edges, one on each half, is one bearing', () => {
    const both = [{ bearing: '1', upper: 'edge-near', lower: 'edge-far' } as const];
    expect(codes(both)).toEqual(['edge-alone']);
  });

  it('the half without load, worn where its fellow is not', () => {
    const mains = [
      { bearing: '1', upper: 'even', lower: 'even' },
      { bearing: '2', upper: 'scored', lower: 'even' },
    ] as const;
    expect(shellPattern({ bearings: mains, loaded: 'lower' })).toEqual([
      { code: 'scored-once', bearings: ['2'] },
      { code: 'other-half', bearings: ['2'] },
    ]);
    expect(shellPattern({ bearings: mains, loaded: 'upper' }).map(({ code }) => code)).toEqual([
      'scored-once',
    ]);
  });

  it('says even only once every half was seen', () => {
    expect(codes(lowers('even', 'even'))).toEqual(['even']);
    expect(codes([{ bearing: '1', lower: 'even' }])).toEqual([]);
    expect(codes([])).toEqual([]);
  });

  // Every way three bearings can be found, by their lower halves.
  const all = SHELL_WEAR.flatMap((a) =>
    SHELL_WEAR.flatMap((b) => SHELL_WEAR.map((c) => [a, b, c] as const)),
  );

  it('names every bearing that is not even, and none that is', () => {
    for (const wear of all) {
      const named = new Set(
        shellPattern({ bearings: lowers(...wear), loaded: 'lower' })
          .filter(({ code }) => code !== 'even')
          .flatMap(({ bearings }) => bearings),
      );
      const uneven = wear.flatMap((each, at) => (each === 'even' ? [] : [String(at + 1)]));
      expect([wear, [...named].sort()]).toEqual([wear, uneven]);
    }
  });

  it('reads the same from either end of the shaft, edges changing sides', () => {
    const turned = (wear: ShellWear): ShellWear =>
      wear === 'edge-near' ? 'edge-far' : wear === 'edge-far' ? 'edge-near' : wear;
    for (const wear of all) {
      const [a, b, c] = wear;
      expect([wear, codes(lowers(turned(c), turned(b), turned(a)))]).toEqual([
        wear,
        codes(lowers(...wear)),
      ]);
    }
  });

  it('says each thing once', () => {
    for (const wear of all) {
      const found = codes(lowers(...wear));
      expect(new Set(found).size).toBe(found.length);
    }
  });
});
