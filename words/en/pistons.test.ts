import type { LinerArrangeInput } from '@cardinex/core/block/arrange/input';
import { linerArrange } from '@cardinex/core/block/linerArrange';
import { compression } from '@cardinex/core/piston/compression';
import { gasketGrade } from '@cardinex/core/piston/gasketGrade';
import { matchMass } from '@cardinex/core/piston/matchMass';
import { pinHeat } from '@cardinex/core/piston/pinHeat';
import { ringClock } from '@cardinex/core/piston/ringClock';
import { ringGap } from '@cardinex/core/piston/ringGap';
import { arrangeSentence, placedSentence } from './arrange';
import {
  clockSentence,
  compressionSentence,
  gapsSentence,
  gradeSentence,
  heatSentence,
  massSentence,
} from './pistons';
import { METRIC } from './quantity';

const THOU = { ...METRIC, length: 'thou' as const };

describe('where liners go', () => {
  const block = (...standOuts: number[]): LinerArrangeInput => ({
    bores: standOuts.map((_, at) => ({ id: String(at + 1), counterboreMm: 8 })),
    liners: standOuts.map((mm, at) => ({ id: String(at + 1), flangeMm: 8 + mm })),
    shims: [],
    shimRequired: false,
    maxShims: 0,
    limits: { lowMm: 0.05, highMm: 0.12, adjacentMm: 0.03 },
    rise: 'up',
  });

  it('names the ones that move and how far neighbours differ then', () => {
    expect(arrangeSentence(linerArrange(block(0.06, 0.1, 0.08, 0.11)))).toBe(
      'Liner 3 to bore 2 and 2 to bore 3. Neighbours differ by 0.02 mm at most.',
    );
    expect(arrangeSentence(linerArrange(block(0.06, 0.08)))).toMatch(/^All stay where they are/);
  });

  it('says what would cure a block that cannot be made right', () => {
    expect(arrangeSentence(linerArrange(block(0.06, 0.08, 0.16)))).toMatch(
      /0\.09 mm over at best\. To cure it, cut the counterbore of bore 3 0\.05 mm deeper\.$/,
    );
    expect(arrangeSentence(linerArrange(block(0.02, 0.06)))).toMatch(/flange 0\.03 mm thicker/);
    const shims = { shims: [{ mm: 0.2, count: 9 }], maxShims: 1 };
    expect(arrangeSentence(linerArrange({ ...block(-0.2, -0.14), ...shims }))).toMatch(
      /put 0\.25 mm of shims under the liner of bore 1, not 0\.20 mm/,
    );
  });

  it('one liner with its shims, in the reader’s unit', () => {
    const placed = { bore: '2', liner: '3', shimsMm: [0.254, 0.127], standOutMm: 0.0762 };
    expect(placedSentence(placed, THOU)).toBe(
      'Liner 3 to bore 2 on 10.0 thou + 5.0 thou: 3.0 thou.',
    );
  });
});

describe('rings', () => {
  const limit = { lowMm: 0.35, highMm: 0.6 };
  const sentenceOf = (measuredMm: number, fileable = true) =>
    gapsSentence(ringGap({ rings: [{ id: 'Top', measuredMm, limit }], boreMm: 105, fileable }));

  it('a tight ring is filed by so much, one supplied gapped never, a wide one left out', () => {
    expect(sentenceOf(0.3)).toMatch(/file off 0\.05 mm at least and 0\.30 mm at most/);
    expect(sentenceOf(0.3, false)).toMatch(/come gapped and are not filed/);
    expect(sentenceOf(0.7)).toMatch(/over 0\.60 mm: do not fit it/);
    expect(sentenceOf(0.4)).toMatch(/within\.$/);
  });

  it('the clock tells each gap and the one that comes too near', () => {
    const rings = ['top', 'second', 'third', 'oil'].map((id) => ({
      id,
      kind: 'compression' as const,
    }));
    const clock = (keepClearDeg: number) =>
      clockSentence(ringClock({ rings, rule: 'even', pinDeg: 0, thrustDeg: 90, keepClearDeg }));
    expect(clock(20)).toMatch(/top at 45°.*None nearer than 45°/);
    expect(clock(60)).toMatch(/come as near as 45°/);
  });
});

it('a heavy piston is named with what it has too much', () => {
  const pieces = [900, 911, 904].map((grams, at) => ({ id: `piston ${at + 1}`, grams }));
  expect(massSentence(matchMass({ pieces, limitGrams: 8 }))).toMatch(
    /piston 2 heaviest: 3 g too much\. Change piston 2/,
  );
  const four = [...pieces, { id: 'piston 4', grams: 912 }];
  expect(massSentence(matchMass({ pieces: four, limitGrams: 5, pairs: true }))).toBe(
    'Opposite each other: piston 1 with piston 3 (4 g) and piston 2 with piston 4 (1 g). All within.',
  );
});

it('a pin that needs more heat than the part stands is pressed', () => {
  const pin = { interferenceMm: 0.03, wantedClearanceMm: 0.03, diaMm: 30, alphaPerK: 1.2e-5 };
  expect(heatSentence(pinHeat({ ...pin, ambientTempC: 20, maxTempC: 280 }))).toMatch(
    /^Warm it to 187 °C/,
  );
  expect(heatSentence(pinHeat({ ...pin, ambientTempC: 20, maxTempC: 150 }))).toMatch(
    /more than it stands/,
  );
});

describe('the gasket', () => {
  const grades = [
    { mark: 'one hole', overMm: 0.4, uptoMm: 0.48, thicknessMm: 1.2 },
    { mark: 'two holes', uptoMm: 0.56, thicknessMm: 1.3 },
  ];
  const sentenceOf = (mm: number, minClearanceMm?: number) =>
    gradeSentence(
      gasketGrade({
        pistons: [{ cylinder: 3, readingsMm: [mm] }],
        grades,
        rule: 'highest',
        ...(minClearanceMm !== undefined && { minClearanceMm }),
      }),
    );

  it('by its mark and thickness, with the room that is left', () => {
    expect(sentenceOf(0.5, 0.7)).toBe(
      'Gasket two holes, 1.30 mm: for 0.50 mm. Least room above a piston 0.80 mm: within.',
    );
    expect(sentenceOf(0.5, 0.9)).toMatch(/too close\.$/);
    expect(sentenceOf(0.7)).toMatch(/above every grade.*cylinder 3 with 0\.70 mm/);
  });

  it('with a step up that no grade has says so, and not that the mean is above the table', () => {
    const found = gasketGrade({
      pistons: [
        { cylinder: 1, readingsMm: [0.5] },
        { cylinder: 2, readingsMm: [0.6] },
      ],
      grades,
      rule: 'mean-then-highest',
    });
    expect(found).toMatchObject({ verdict: 'above-table', steppedUp: true, mark: null });
    expect(gradeSentence(found)).toMatch(
      /^The mean 0\.55 mm has its grade, but cylinder 2 stands 0\.60 mm: .* none above it\./,
    );
  });
});

it('compression says what a thicker gasket does', () => {
  const found = compression({
    boreMm: 100,
    strokeMm: 100,
    chamberCc: 10,
    bowlCc: 30,
    gasketBoreMm: 102,
    gasketMm: 1.2,
    standOutMm: 0.5,
  });
  expect(compressionSentence(found)).toBe(
    '18.1:1, 45.9 cc left above the piston. A gasket 0.1 mm thicker makes it 17.8:1.',
  );
});
