import { preload } from './preload';
import { PROPOSED_SHARE, torquePropose } from './torquePropose';
import { USUAL_FRICTION } from './usualJoint';

const m12 = { diaMm: 12, pitchMm: 1.75 };

it('works a bolt to about the share it proposes', () => {
  for (const grade of ['8.8', '10.9', '12.9'])
    for (const diaMm of [8, 12, 20, 36]) {
      const found = torquePropose({ diaMm, pitchMm: diaMm / 8 }, grade, 'oil');
      expect(found?.shareOfYield).toBeGreaterThan(PROPOSED_SHARE - 0.05);
      expect(found?.shareOfYield).toBeLessThan(PROPOSED_SHARE + 0.05);
    }
});

it('is the preload of that torque at that friction', () => {
  const found = torquePropose(m12, '10.9', 'oil');
  const back = preload({
    ...m12,
    torqueNm: found?.nm ?? NaN,
    muThread: USUAL_FRICTION.oil ?? NaN,
    muHead: USUAL_FRICTION.oil ?? NaN,
    bearingOuterMm: 18,
    bearingHoleMm: 13.2,
  });
  expect(found?.forceKn).toBeCloseTo(back.forceKn, 9);
});

it('asks more of a stronger bolt, less of a slippery one', () => {
  const nm = (...[grade, treatment]: [string, 'oil' | 'dry' | 'paste']): number =>
    torquePropose(m12, grade, treatment)?.nm ?? NaN;
  expect(nm('12.9', 'oil')).toBeGreaterThan(nm('8.8', 'oil'));
  expect(nm('10.9', 'paste')).toBeLessThan(nm('10.9', 'dry'));
});

it('is a figure a wrench can be set to', () => {
  expect((torquePropose(m12, '10.9', 'oil')?.nm ?? NaN) % 5).toBe(0);
  expect(Number.isInteger(torquePropose({ diaMm: 6, pitchMm: 1 }, '8.8', 'oil')?.nm)).toBe(true);
});

it.each(['', 'strong', '10', '0.9', '10.0'])('says nothing of grade “%s”', (grade) => {
  expect(torquePropose(m12, grade, 'oil')).toBeNull();
});

it('says nothing where only the leaflet knows the friction', () => {
  expect(torquePropose(m12, '10.9', 'as-leaflet')).toBeNull();
});
