import fc from 'fast-check';
import { endFloat } from './endFloat';
import { runningClearance } from './runningClearance';
import { undersize, type UndersizeInput } from './undersize';

const journal = (...journalMm: number[]): UndersizeInput => ({
  journalMm,
  standardMm: 80,
  stepsMm: [0.75, 0.25, 0.5],
  minimumMm: 79.25,
  wearMm: 0.03,
});

describe('a journal', () => {
  it.each<[string, UndersizeInput, object]>([
    ['new', journal(80, 79.99), { stepMm: 0, nextStepMm: 0.25, verdict: 'keep' }],
    ['at the wear limit itself', journal(80, 79.97), { stepMm: 0, verdict: 'keep' }],
    ['worn past it', journal(79.99, 79.96), { stepMm: 0, nextStepMm: 0.25, verdict: 'grind' }],
    ['at 0.25 and worn', journal(79.73, 79.7), { stepMm: 0.25, nextStepMm: 0.5, verdict: 'grind' }],
    [
      'too deep for the next step',
      journal(79.74, 79.45),
      { stepMm: 0.25, nextStepMm: 0.75, verdict: 'grind' },
    ],
    [
      'at the last step and worn',
      journal(79.25, 79.2),
      { stepMm: 0.75, nextStepMm: null, verdict: 'replace' },
    ],
    ['between two steps, the smaller', journal(79.875, 79.875), { stepMm: 0, verdict: 'grind' }],
    [
      'under the least, however little worn',
      { ...journal(79.25, 79.24), wearMm: 0.1 },
      { verdict: 'replace' },
    ],
    [
      'a next step under the least is none',
      { ...journal(79.99, 79.9), minimumMm: 79.8 },
      { nextStepMm: null, verdict: 'replace' },
    ],
    [
      'the clean-up may ask for the step after',
      { ...journal(79.99, 79.8), cleanUpMm: 0.1 },
      { nextStepMm: 0.5 },
    ],
  ])('%s', (_, input, found) => {
    expect(undersize(input)).toMatchObject(found);
  });

  it('without a limit is not said to be good', () => {
    const { wearMm: _none, ...without } = journal(80, 79.9);
    expect(undersize(without)).toMatchObject({
      wear: 'no-limit',
      verdict: 'no-limit',
      nextStepMm: 0.25,
    });
  });

  it('ground to its next step is clean all round and not under the least', () => {
    const mm = fc.double({ min: 79.2, max: 80.01, noNaN: true });
    fc.assert(
      fc.property(fc.array(mm, { minLength: 1, maxLength: 6 }), (journalMm) => {
        const { nextStepMm, stepMm } = undersize(journal(...journalMm));
        if (nextStepMm === null) return;
        expect(nextStepMm).toBeGreaterThan(stepMm);
        expect(80 - nextStepMm).toBeLessThanOrEqual(Math.min(...journalMm) + 1e-6);
        expect(80 - nextStepMm).toBeGreaterThanOrEqual(79.25 - 1e-6);
      }),
    );
  });

  it.each<[Partial<UndersizeInput>, string]>([
    [{ journalMm: [] }, 'journalMm: empty'],
    [{ stepsMm: [0.25, 0.25] }, 'stepsMm[1].id: repeated'],
    [{ stepsMm: [0] }, 'stepsMm[0]: must-be-positive'],
    [{ stepsMm: [80] }, 'stepsMm[0]: beyond-size'],
    [{ minimumMm: 81 }, 'minimumMm: beyond-size'],
    [{ wearMm: -1 }, 'wearMm: must-not-be-negative'],
  ])('names what cannot be: %j', (over, fault) => {
    expect(() => undersize({ ...journal(80), ...over })).toThrow(fault);
  });
});

describe('a bearing on its journal', () => {
  const limits = { lowMm: 0.05, highMm: 0.1 };

  it('is judged by the least and the greatest clearance it can have, never by means', () => {
    const found = runningClearance({ boreMm: [80.06, 80.1], journalMm: [79.98, 80.02], limits });
    expect(found.smallestMm).toBeCloseTo(0.04, 9);
    expect(found.largestMm).toBeCloseTo(0.12, 9);
    expect(found).toMatchObject({ smallest: 'tight', largest: 'loose' });
  });

  it('is within at its limits, and has no verdict without them', () => {
    const at = { boreMm: [80.05, 80.1], journalMm: [80] };
    expect(runningClearance({ ...at, limits })).toMatchObject({
      smallest: 'within',
      largest: 'within',
    });
    expect(runningClearance({ ...at, limits: { lowMm: 0.05 } }).largest).toBe('no-limit');
  });

  it('names what cannot be', () => {
    expect(() => runningClearance({ boreMm: [], journalMm: [1], limits })).toThrow('boreMm: empty');
    expect(() => runningClearance({ boreMm: [1], journalMm: [0], limits })).toThrow(
      'journalMm[0]: must-be-positive',
    );
    expect(() =>
      runningClearance({ boreMm: [1], journalMm: [1], limits: { lowMm: 0.2, highMm: 0.1 } }),
    ).toThrow('limits.highMm: range-upside-down');
  });
});

describe('the end float of a shaft', () => {
  it.each([
    [0.31, 0.12, 'within'],
    [0.12, 0.31, 'within'],
    [0.4, 0.1, 'within'],
    [0.1, 0.05, 'tight'],
    [0.5, 0.1, 'loose'],
  ])('read %d and %d is %s', (forwardMm, backMm, verdict) => {
    const found = endFloat({ forwardMm, backMm, limits: { lowMm: 0.1, highMm: 0.3 } });
    expect(found.verdict).toBe(verdict);
    expect(found.mm).toBeCloseTo(Math.abs(forwardMm - backMm), 12);
  });

  it('has no verdict without limits', () => {
    expect(endFloat({ forwardMm: 0, backMm: 1, limits: {} }).verdict).toBe('no-limit');
    expect(endFloat({ forwardMm: 0, backMm: 1, limits: { highMm: 0.3 } }).verdict).toBe('loose');
    expect(endFloat({ forwardMm: 0, backMm: 1, limits: { lowMm: 0.3 } }).verdict).toBe('within');
  });
});
