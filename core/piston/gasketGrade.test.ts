import { gasketGrade, type Grade, type GasketGradeInput } from './gasketGrade';

const grades: Grade[] = [
  { mark: 'one', overMm: 0.4, uptoMm: 0.48, thicknessMm: 1.2 },
  { mark: 'two', overMm: 0.48, uptoMm: 0.56, thicknessMm: 1.3 },
  { mark: 'three', overMm: 0.56, uptoMm: 0.65, thicknessMm: 1.4 },
];

function graded(standOuts: readonly number[], more: Partial<GasketGradeInput> = {}) {
  const pistons = standOuts.map((mm, at) => ({
    cylinder: at + 1,
    readingsMm: [mm - 0.01, mm + 0.01],
  }));
  return gasketGrade({ pistons, grades, rule: 'highest', ...more });
}

it.each([
  [0.41, 'one'],
  [0.48, 'one'],
  [0.481, 'two'],
  [0.65, 'three'],
  [0.4, null],
  [0.66, null],
])('the highest piston at %s takes grade %s: above the lower end, up to the upper', (mm, mark) => {
  expect(graded([0.3, mm]).mark).toBe(mark);
});

it('out of the table it gives no mark, and says on which side', () => {
  expect(graded([0.4]).verdict).toBe('below-table');
  expect(graded([0.7]).verdict).toBe('above-table');
  const gap = grades.filter(({ mark }) => mark !== 'two');
  expect(graded([0.5], { grades: gap })).toMatchObject({ verdict: 'between-grades', mark: null });
});

it('by the mean, whatever one piston does', () => {
  expect(graded([0.42, 0.5], { rule: 'mean' })).toMatchObject({ mark: 'one', highestMm: 0.5 });
});

describe('by the mean, one grade up for a high piston', () => {
  const rule = 'mean-then-highest';
  it.each([
    [[0.42, 0.5], 0.02, 'one', false],
    [[0.42, 0.51], 0.02, 'two', true],
    [[0.41, 0.41, 0.41, 0.64], 0.02, 'two', true],
    [[0.42, 0.49], undefined, 'two', true],
  ] as const)('%j, over by %s: %s', (standOuts, stepUpOverMm, mark, steppedUp) => {
    const found = graded(standOuts, { rule, ...(stepUpOverMm !== undefined && { stepUpOverMm }) });
    expect([found.mark, found.steppedUp]).toEqual([mark, steppedUp]);
  });

  it('above the last grade there is none to step up to', () => {
    expect(graded([0.6, 0.69], { rule, stepUpOverMm: 0.02 })).toMatchObject({
      verdict: 'above-table',
      mark: null,
    });
  });
});

it('clearance is the gasket less each piston’s mean, and the least is allowed', () => {
  const found = graded([0.5, 0.55], { minClearanceMm: 0.75 });
  expect(found.pistons.map(({ clearanceMm }) => clearanceMm?.toFixed(2))).toEqual(['0.80', '0.75']);
  expect(found.clearance).toBe('within');
  expect(graded([0.5, 0.55], { minClearanceMm: 0.76 }).clearance).toBe('too-close');
  expect(graded([0.5]).clearance).toBe('no-limit');
});

it('a piston that rocks tells by how much', () => {
  expect(graded([0.5]).pistons[0]?.rockMm).toBeCloseTo(0.02, 9);
});

it('a grade without a lower end begins where the one below it ends', () => {
  const open = grades.map(({ overMm: _, ...rest }) => rest);
  expect(graded([0.1], { grades: open }).mark).toBe('one');
  expect(graded([0.5], { grades: [...open].reverse() }).mark).toBe('two');
});

it.each([
  ['grades', { grades: [] }],
  ['pistons', { pistons: [] }],
  ['pistons[0].readingsMm', { pistons: [{ cylinder: 1, readingsMm: [] }] }],
  ['grades[1].mark', { grades: [grades[0], grades[0]] as Grade[] }],
  [
    'grades[1].overMm',
    { grades: [...grades.slice(0, 1), { mark: 'x', overMm: 0.47, uptoMm: 0.5, thicknessMm: 1 }] },
  ],
  [
    'grades[1].uptoMm',
    { grades: [...grades.slice(0, 1), { mark: 'x', uptoMm: 0.48, thicknessMm: 1 }] },
  ],
  ['grades[0].uptoMm', { grades: [{ mark: 'x', overMm: 0.5, uptoMm: 0.4, thicknessMm: 1 }] }],
  ['minClearanceMm', { minClearanceMm: -0.1 }],
])('%s is refused', (field, wrong) => {
  const pistons = [{ cylinder: 1, readingsMm: [0.5] }];
  expect(() => gasketGrade({ pistons, grades, rule: 'highest', ...wrong })).toThrow(
    expect.objectContaining({ field }),
  );
});
