import { boreWear } from '@cardinex/core/block/boreWear';
import { faceFlatness } from '@cardinex/core/block/faceFlatness';
import { headFlatness, type HeadFlatnessInput } from '@cardinex/core/block/headFlatness';
import { ringThickness } from '@cardinex/core/block/ringThickness';
import { endFloat } from '@cardinex/core/crank/endFloat';
import { runningClearance } from '@cardinex/core/crank/runningClearance';
import { undersize } from '@cardinex/core/crank/undersize';
import {
  boreWearSentence,
  clearanceSentence,
  endFloatSentence,
  faceSentence,
  headSentence,
  ringSentence,
  undersizeSentence,
} from './inspection';
import { METRIC } from './quantity';

const THOU = { ...METRIC, length: 'thou' as const };

describe('what an inspection says', () => {
  const readings: HeadFlatnessInput['readings'] = (
    ['long', 'cross', 'diagonal-1', 'diagonal-2'] as const
  ).map((line, n) => ({ line, gapMm: 0.127 - n * 0.0254 }));
  const head = (over: Partial<HeadFlatnessInput>) =>
    headFlatness({ readings, limitMm: 0.05, camInHead: false, ...over });

  it.each<[Partial<HeadFlatnessInput>, RegExp]>([
    [{ limitMm: 0.2 }, /^Flat: 0\.127 mm along at most\. It goes back\.$/],
    [{ readings: readings.slice(0, 2) }, /Read it first diagonal and second diagonal too/],
    [{ camInHead: true }, /its maker allows no cut: replace it/],
    [{}, /Measure its thickness/],
    [{ thicknessMm: 90, repairMm: 91 }, /Thinner than its repair figure/],
    [{ thicknessMm: 91.1, repairMm: 91 }, /less than its repair figure: replace it/],
    [{ thicknessMm: 92, repairMm: 91 }, /Valves come nearer the pistons, compression rises/],
  ])('of a head, with the number that decides it: %j', (over, words) => {
    expect(headSentence(head(over))).toMatch(words);
  });

  it('in thou as in millimetres', () => {
    expect(headSentence(head({ limitMm: 0.2 }), THOU)).toContain('5.0 thou along');
    expect(
      endFloatSentence(endFloat({ forwardMm: 0.254, backMm: 0, limits: { highMm: 0.2 } }), THOU),
    ).toBe('End float 10.0 thou: too loose.');
  });

  it.each<[number[], string]>([
    [[0.1, 0.02], 'Flat: 3.9 thou at most.'],
    [[0.12, 0.2], 'Out of flat at 1 and 2. The worst gap of all is 7.9 thou.'],
  ])('of a face: %s', (gaps, sentence) => {
    const lines = gaps.map((gapMm, nth) => ({ line: String(nth + 1), gapMm }));
    expect(faceSentence(faceFlatness({ readings: lines, limitMm: 0.1 }), THOU)).toBe(sentence);
  });

  it('of a face whose lengths were not noted: which limit was not held against it', () => {
    const found = faceFlatness({
      readings: [
        { line: 'long', gapMm: 0.02 },
        { line: 'short', gapMm: 0.02, overMm: 80 },
      ],
      limitMm: 0.1,
      perLength: { gapMm: 0.03, overMm: 100 },
    });
    expect(faceSentence(found)).toBe(
      '0.02 mm at most: within the limit for the whole face. The length of long was not given, so the limit over a length was not held against it.',
    );
  });

  it('of a bore, a journal, a bearing and a ring', () => {
    const bore = boreWear({
      readingsMm: { top: [100.2, 100], middle: [100, 100], bottom: [100, 100] },
      nominalMm: 100,
      limits: { wearMm: 0.1 },
      oversizesMm: [0.25],
    });
    expect(boreWearSentence(bore)).toBe(
      'Wear 0.20 mm: over its limit, taper 0.20 mm: no limit given, ovality 0.20 mm: no limit given. ' +
        'Oversize: 0.25 mm; if it is all on one side, none given here reaches the 0.40 mm it takes.',
    );
    const { oversizeMm, oneSidedOversizeMm, ...rest } = bore;
    expect([oversizeMm, oneSidedOversizeMm]).toEqual([0.25, null]);
    expect(boreWearSentence({ ...rest, oversizeMm: null, oneSidedOversizeMm: null })).toMatch(
      /Oversize: none given here reaches the 0\.20 mm it takes; if it is all on one side, none given here reaches the 0\.40 mm it takes\.$/,
    );
    const journal = { standardMm: 80, stepsMm: [0.25], minimumMm: 79.6, wearMm: 0.03 };
    expect(undersizeSentence(undersize({ ...journal, journalMm: [79.9] }))).toBe(
      'Standard size, 0.10 mm below it: worn. Grind it to 0.25 mm.',
    );
    expect(undersizeSentence(undersize({ ...journal, journalMm: [79.75, 79.7] }))).toBe(
      'Undersize 0.25 mm, 0.05 mm below it: no step is left. Replace it.',
    );
    const clearance = runningClearance({
      boreMm: [80.1],
      journalMm: [80],
      limits: { lowMm: 0.05, highMm: 0.08 },
    });
    expect(clearanceSentence(clearance)).toBe(
      'Least 0.10 mm: within. Greatest 0.10 mm: too loose.',
    );
    const ring = ringThickness({ readingsMm: [4.8, 4.9, 4.9, 4.9], limits: { minMm: 4.85 } });
    expect(ringSentence(ring)).toBe(
      'Thinnest 4.80 mm: too thin: renew it. Spread 0.10 mm: no limit given.',
    );
  });
});
