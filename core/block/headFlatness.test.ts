import fc from 'fast-check';
import { headFlatness, STRAIGHTEDGE_LINES, type HeadFlatnessInput } from './headFlatness';

const read = (long: number, cross: number, first: number, second: number) => [
  { line: 'long' as const, gapMm: long },
  { line: 'cross' as const, gapMm: cross },
  { line: 'diagonal-1' as const, gapMm: first },
  { line: 'diagonal-2' as const, gapMm: second },
];
const head = (over: Partial<HeadFlatnessInput> = {}): HeadFlatnessInput => ({
  readings: read(0.12, 0.03, 0.08, 0.1),
  limitMm: 0.05,
  camInHead: false,
  ...over,
});
const sentenceOf = (over: Partial<HeadFlatnessInput>) => {
  const { verdict, because } = headFlatness(head(over));
  return [verdict, because];
};

describe('a head under the straightedge', () => {
  it.each<[string, Partial<HeadFlatnessInput>, [string, string]]>([
    ['flat at the limit itself goes back', { readings: read(0.05, 0, 0, 0) }, ['reuse', 'flat']],
    [
      'a millionth of a millimetre is not a fault',
      { readings: read(0.0500004, 0, 0, 0) },
      ['reuse', 'flat'],
    ],
    [
      'a tenth of a thou is',
      { readings: read(0.05254, 0, 0, 0) },
      ['measure', 'thickness-unknown'],
    ],
    [
      'with enough left it is cut',
      { thicknessMm: 91.52, repairMm: 91.4 },
      ['resurface', 'enough-left'],
    ],
    [
      'the repair figure is inclusive',
      { thicknessMm: 91.55, repairMm: 91.4, cutAllowanceMm: 0.03 },
      ['resurface', 'enough-left'],
    ],
    [
      'a hundredth under is not',
      { thicknessMm: 91.54, repairMm: 91.4, cutAllowanceMm: 0.03 },
      ['replace', 'too-little-left'],
    ],
    [
      'thin already, however flat',
      { readings: read(0, 0, 0, 0), thicknessMm: 91.39, repairMm: 91.4 },
      ['replace', 'below-repair'],
    ],
    [
      'thin already, before the missing lines',
      { readings: [{ line: 'long', gapMm: 0 }], thicknessMm: 91, repairMm: 91.4 },
      ['replace', 'below-repair'],
    ],
    [
      'a line not read, however flat the others',
      { readings: read(0, 0, 0, 0).slice(1) },
      ['measure', 'lines-missing'],
    ],
    [
      'a line not read, however bad the others',
      { readings: read(1, 1, 1, 1).slice(1), camInHead: true },
      ['measure', 'lines-missing'],
    ],
    [
      'a cam in the head, its maker silent',
      { camInHead: true, thicknessMm: 99, repairMm: 91.4 },
      ['replace', 'cam-in-head'],
    ],
    [
      'a cam in the head, its maker allowing',
      { camInHead: true, camInHeadCutAllowed: true, thicknessMm: 99, repairMm: 91.4 },
      ['resurface', 'enough-left'],
    ],
    ['a cam in a flat head', { readings: read(0, 0, 0, 0), camInHead: true }, ['reuse', 'flat']],
    ['no repair figure', { thicknessMm: 91.5 }, ['measure', 'thickness-unknown']],
  ])('%s', (_, over, verdict) => {
    expect(sentenceOf(over)).toEqual(verdict);
  });

  it('says what comes off, what is left, and what came off before', () => {
    const found = headFlatness(
      head({ thicknessMm: 91.8, standardMm: 92, repairMm: 91.4, cutAllowanceMm: 0.05 }),
    );
    expect(found.worst).toEqual({ line: 'long', gapMm: 0.12 });
    expect(found.cutMm).toBeCloseTo(0.17, 12);
    expect(found.thicknessAfterMm).toBeCloseTo(91.63, 12);
    expect(found.cutBeforeMm).toBeCloseTo(0.2, 12);
    expect(headFlatness(head({ readings: read(0, 0, 0, 0) }))).not.toHaveProperty('cutMm');
  });

  it('is never cut below its repair figure, and never goes back out of flat', () => {
    const mm = (max: number) => fc.double({ min: 0, max, noNaN: true });
    fc.assert(
      fc.property(
        mm(0.5),
        mm(0.5),
        mm(0.3),
        mm(1),
        fc.boolean(),
        (long, cross, limit, spare, cam) => {
          const found = headFlatness({
            readings: read(long, cross, 0, 0),
            limitMm: limit,
            camInHead: cam,
            thicknessMm: 90 + spare,
            repairMm: 90,
          });
          const worst = Math.max(long, cross);
          if (found.verdict === 'reuse') expect(worst).toBeLessThanOrEqual(limit + 1e-6);
          if (found.verdict === 'resurface') {
            expect(cam).toBe(false);
            expect(found.thicknessAfterMm).toBeGreaterThanOrEqual(90 - 1e-6);
          }
          expect(found.missing).toEqual([]);
        },
      ),
    );
  });

  it.each<[Partial<HeadFlatnessInput>, string]>([
    [{ readings: [] }, 'readings: empty'],
    [
      { readings: [...read(0, 0, 0, 0), { line: 'cross', gapMm: 0 }] },
      'readings[4].line: repeated',
    ],
    [{ readings: [{ line: 'long', gapMm: -0.01 }] }, 'readings[0].gapMm: must-not-be-negative'],
    [{ readings: [{ line: 'long', gapMm: NaN }] }, 'readings[0].gapMm: not-a-number'],
    [{ limitMm: -1 }, 'limitMm: must-not-be-negative'],
    [{ thicknessMm: 0 }, 'thicknessMm: must-be-positive'],
    [{ standardMm: 91, repairMm: 92 }, 'standardMm: range-upside-down'],
  ])('names what cannot be: %j', (over, fault) => {
    expect(() => headFlatness(head(over))).toThrow(fault);
  });

  it('reads four lines', () => {
    expect(new Set(STRAIGHTEDGE_LINES).size).toBe(4);
  });
});
