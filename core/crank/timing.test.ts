import fc from 'fast-check';
import { marksReturn } from './marksReturn';
import { wheelLine } from './wheelLine';

describe('marks of a timing drive', () => {
  const chain = {
    crankTeeth: 21,
    wheels: [{ id: 'cam', teeth: 42 }],
    links: 118,
    marks: [
      { id: 'cam line', wheels: ['cam'] },
      { id: 'bright link', wheels: [], onLink: true },
      { id: 'cam links', wheels: ['cam'], onLink: true },
    ],
  };

  it('come round with the cam every second turn, bright links in their own time', () => {
    expect(marksReturn(chain)).toEqual({
      marks: [
        { id: 'cam line', turns: 2 },
        { id: 'bright link', turns: 118 },
        { id: 'cam links', turns: 118 },
      ],
      allTurns: 118,
    });
  });

  it('wait for an idler between crank and cam', () => {
    const gears = {
      crankTeeth: 28,
      wheels: [
        { id: 'idler', teeth: 45 },
        { id: 'cam', teeth: 56 },
      ],
      marks: [
        { id: 'crank on idler', wheels: ['idler'] },
        { id: 'cam on idler', wheels: ['idler', 'cam'] },
      ],
    };
    expect(marksReturn(gears).marks.map(({ turns }) => turns)).toEqual([45, 90]);
  });

  it('stand again exactly when every tooth that went past makes whole wheels, and never before', () => {
    const teeth = fc.integer({ min: 5, max: 60 });
    fc.assert(
      fc.property(teeth, teeth, teeth, (crankTeeth, idler, cam) => {
        const [mark] = marksReturn({
          crankTeeth,
          wheels: [
            { id: 'idler', teeth: idler },
            { id: 'cam', teeth: cam },
          ],
          marks: [{ id: 'm', wheels: ['idler', 'cam'] }],
        }).marks;
        const stands = (turns: number): boolean =>
          [idler, cam].every((wheel) => (turns * crankTeeth) % wheel === 0);
        let first = 1;
        while (!stands(first)) first += 1;
        expect(mark?.turns).toBe(first);
      }),
    );
  });

  it('are refused, not rounded, where their turns are more than can be counted exactly', () => {
    // Primes: no two share a tooth.
    const wheels = [997, 991, 983, 977, 971, 967].map((teeth, at) => ({ id: `w${at}`, teeth }));
    const marks = [{ id: 'm', wheels: wheels.map(({ id }) => id) }];
    expect(() => marksReturn({ crankTeeth: 7, wheels, marks })).toThrow(
      expect.objectContaining({ field: 'marks[0].wheels', code: 'beyond-counting' }),
    );
    // All of them together, though each mark by itself comes round in time.
    const apart = wheels.map(({ id }) => ({ id, wheels: [id] }));
    expect(() => marksReturn({ crankTeeth: 7, wheels, marks: apart })).toThrow(
      expect.objectContaining({ field: 'wheels', code: 'beyond-counting' }),
    );
    const five = wheels.slice(0, 5);
    const [mark] = marksReturn({
      crankTeeth: 7,
      wheels: five,
      marks: [{ id: 'm', wheels: five.map(({ id }) => id) }],
    }).marks;
    expect(mark?.turns).toBe(997 * 991 * 983 * 977 * 971);
  });

  it.each([
    ['a wheel that is not there', { marks: [{ id: 'm', wheels: ['pump'] }] }, 'marks[0].wheels'],
    ['a link where none are counted', { links: undefined }, 'links'],
  ])('refuse %s', (_, more, field) => {
    const { links, ...rest } = { ...chain, ...more };
    const input = { ...rest, ...(links !== undefined && { links }) };
    expect(() => marksReturn(input)).toThrow(expect.objectContaining({ field }));
  });
});

describe('wheels in one line', () => {
  const at = (readingsMm: readonly number[], shimsMm?: readonly number[]) =>
    wheelLine({ readingsMm, withinMm: 0.2, ...(shimsMm && { shimsMm }) });

  it('are in line up to the limit, and at it', () => {
    expect(at([0.2, 0.2, 0.2]).verdict).toBe('within');
    expect(at([0.201, 0.201, 0.201]).verdict).toBe('out');
  });

  it('are brought there by the shim that leaves least', () => {
    expect(at([0.5, 0.45, 0.55], [0.3, 0.5, 0.7])).toMatchObject({ verdict: 'out', shimMm: 0.5 });
    expect(at([0.4, 0.4, 0.4], [0.5, 0.3]).shimMm).toBe(0.3);
  });

  it('ask for the whole offset where no sizes are given, and for nothing where none help', () => {
    expect(at([0.6, 0.6, 0.6])).toMatchObject({ shimMm: 0.6, leftMm: 0 });
    expect(at([-0.6, -0.6, -0.6])).toMatchObject({ verdict: 'proud', shimMm: null });
    expect(at([0.6, 0.6, 0.6], [])).toMatchObject({ verdict: 'out', shimMm: null });
  });

  it('are never offered a shim that leaves as much as none would', () => {
    expect(at([0.25, 0.25, 0.25], [0.5])).toMatchObject({ shimMm: null, stands: 'behind' });
    expect(at([0.25, 0.25, 0.25], [0.6])).toMatchObject({ shimMm: null, leftMm: 0.25 });
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 300 }),
        fc.array(fc.integer({ min: 1, max: 600 }), { minLength: 1, maxLength: 5 }),
        (mean, sizes) => {
          const found = at(
            [mean / 100],
            sizes.map((size) => size / 100),
          );
          if (found.shimMm === null) return;
          expect(Math.abs(found.leftMm)).toBeLessThan(found.meanMm);
        },
      ),
    );
  });

  it('say on which side they then stand', () => {
    expect(at([0.5], [0.3]).stands).toBe('behind');
    expect(at([0.5], [0.7]).stands).toBe('before');
    expect(at([0.5], [0.5]).stands).toBe('in-line');
  });

  it('are not cured by a shim where one runs out', () => {
    expect(at([0, 0.25, 0.5])).toMatchObject({ verdict: 'wobbles', shimMm: null });
  });
});
