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

  it('are not cured by a shim where one runs out', () => {
    expect(at([0, 0.25, 0.5])).toMatchObject({ verdict: 'wobbles', shimMm: null });
  });
});
