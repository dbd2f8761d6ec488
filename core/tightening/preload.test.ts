import fc from 'fast-check';
import { ReckoningFault } from '../quantity/reckoningFault';
import { anglePreload } from './anglePreload';
import { preload, type PreloadInput } from './preload';
import { readThread, screwThread } from './screwThread';

const bolt = {
  diaMm: 12,
  pitchMm: 1.75,
  muThread: 0.12,
  muHead: 0.12,
  bearingOuterMm: 18,
  bearingHoleMm: 13.5,
} as const;

it('a worked bolt: M12, 85 N·m', () => {
  const found = preload({ ...bolt, torqueNm: 85, yieldMpa: 900 });
  // d2 = 10.86334; lever 0.27851 + 0.75263 + 0.94500 = 1.97614 mm
  expect(found.forceKn).toBeCloseTo(85 / 1.97614, 3);
  // d0 = (10.86334 + 9.85298) / 2 = 10.35816
  expect(found.stressAreaMm2).toBeCloseTo(84.267, 2);
  expect(found.sigmaMpa).toBeCloseTo(510.44, 1);
  // 43.0132 kN x 1.03114 mm over pi/16 x 10.35816³
  expect(found.tauMpa).toBeCloseTo(203.25, 1);
  expect(found.vonMisesMpa).toBeCloseTo(620.1, 0);
  expect(found.shareOfYield).toBeCloseTo(0.689, 2);
  expect(found.band).toBeUndefined();
});

const sizes = fc.record({
  diaMm: fc.double({ min: 5, max: 60, noNaN: true }),
  muThread: fc.double({ min: 0.05, max: 0.4, noNaN: true }),
  muHead: fc.double({ min: 0.05, max: 0.4, noNaN: true }),
  nm: fc.double({ min: 1, max: 3000, noNaN: true }),
});
const made = ({
  diaMm,
  muThread,
  muHead,
}: {
  diaMm: number;
  muThread: number;
  muHead: number;
}) => ({
  diaMm,
  pitchMm: diaMm / 8,
  muThread,
  muHead,
  bearingOuterMm: diaMm * 1.5,
  bearingHoleMm: diaMm * 1.1,
});

it('there and back: the torque of a clamp gives that clamp', () => {
  fc.assert(
    fc.property(sizes, (drawn) => {
      const { forceKn } = preload({ ...made(drawn), torqueNm: drawn.nm });
      expect(preload({ ...made(drawn), forceKn }).torqueNm).toBeCloseTo(drawn.nm, 6);
    }),
  );
});

it('the shares of the torque make one, and more friction leaves less clamp', () => {
  fc.assert(
    fc.property(sizes, (drawn) => {
      const { shares, forceKn } = preload({ ...made(drawn), torqueNm: drawn.nm });
      expect(shares.clamp + shares.thread + shares.head).toBeCloseTo(1, 9);
      const rougher = { ...made(drawn), muThread: drawn.muThread + 0.05, torqueNm: drawn.nm };
      expect(preload(rougher).forceKn).toBeLessThan(forceKn);
    }),
  );
});

it('the band runs from the highest friction to the lowest, around the clamp', () => {
  const found = preload({
    ...bolt,
    torqueNm: 85,
    muThreadRange: [0.08, 0.16],
    muHeadRange: [0.08, 0.16],
  });
  const at = (mu: number) => preload({ ...bolt, muThread: mu, muHead: mu, torqueNm: 85 }).forceKn;
  expect(found.band).toEqual({ lowKn: at(0.16), highKn: at(0.08) });
  const { lowKn = NaN, highKn = NaN } = found.band ?? {};
  expect(lowKn).toBeLessThan(found.forceKn);
  expect(highKn).toBeGreaterThan(found.forceKn);
});

it.each<[string, string, Partial<PreloadInput>]>([
  ['both torque and force', 'torqueNm', { torqueNm: 85, forceKn: 40 }],
  ['neither', 'torqueNm', {}],
  ['a head no larger than its hole', 'bearingOuterMm', { torqueNm: 85, bearingOuterMm: 13.5 }],
  ['a range upside down', 'muHeadRange[1]', { torqueNm: 85, muHeadRange: [0.2, 0.1] }],
  ['friction beyond a seized thread', 'muThread', { torqueNm: 85, muThread: 1.2 }],
  ['a pitch that leaves no core', 'pitchMm', { torqueNm: 85, pitchMm: 10 }],
])('refuses %s, naming %s', (_, field, more) => {
  let caught: unknown;
  try {
    preload({ ...bolt, ...more });
  } catch (error) {
    caught = error;
  }
  expect(caught).toBeInstanceOf(ReckoningFault);
  expect((caught as ReckoningFault).field).toBe(field);
});

it.each([
  ['M12 × 1.75', { diaMm: 12, pitchMm: 1.75 }],
  ['M11 x 1,25', { diaMm: 11, pitchMm: 1.25 }],
  ['1/2 in, 20 to the inch', { diaMm: 12.7, pitchMm: 1.27 }],
  ['1 1/8 in, 8 to the inch', { diaMm: 28.575, pitchMm: 3.175 }],
  ['half inch fine', null],
])('a thread printed as %s', (text, size) => {
  const read = readThread(text);
  if (size === null) expect(read).toBeNull();
  else {
    expect(read?.diaMm).toBeCloseTo(size.diaMm, 9);
    expect(read?.pitchMm).toBeCloseTo(size.pitchMm, 9);
  }
});

it('a coarser pitch leaves a smaller core in the same thread', () => {
  const core = (pitchMm: number) => screwThread({ diaMm: 12, pitchMm }).coreDiaMm;
  expect(core(1.75)).toBeLessThan(core(1.25));
});

describe('what a turn adds', () => {
  const input = {
    startKn: 20,
    angleDeg: 90,
    pitchMm: 1.75,
    fastenerKnPerMm: 180,
    jointKnPerMm: 720,
  };

  it('is the travel shared between bolt and joint', () => {
    // 0.4375 mm over 1/180 + 1/720 = 1/144
    const found = anglePreload(input);
    expect(found.travelMm).toBeCloseTo(0.4375, 9);
    expect(found.addedKn).toBeCloseTo(63, 9);
    expect(found.endKn).toBeCloseTo(83, 9);
    expect(found.knPerDeg).toBeCloseTo(0.7, 9);
  });

  it('two turns add what one of both adds; a stiffer joint adds more', () => {
    const half = anglePreload({ ...input, angleDeg: 45 });
    expect(half.addedKn * 2).toBeCloseTo(63, 9);
    expect(anglePreload({ ...input, jointKnPerMm: 2000 }).addedKn).toBeGreaterThan(63);
  });

  it('names a joint without stiffness', () => {
    expect(() => anglePreload({ ...input, jointKnPerMm: 0 })).toThrow('jointKnPerMm');
  });
});
