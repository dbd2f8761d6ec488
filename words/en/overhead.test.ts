import { deadCentre } from '@cardinex/core/crank/deadCentre';
import { hydraulicPreload } from '@cardinex/core/overhead/hydraulicPreload';
import { injectorSetting } from '@cardinex/core/overhead/injectorSetting';
import { lashTrend } from '@cardinex/core/overhead/lashTrend';
import { standOut } from '@cardinex/core/overhead/standOut';
import { tappetShims } from '@cardinex/core/overhead/tappetShims';
import {
  deadCentreSentence,
  hydraulicSentence,
  injectorSentence,
  shimSentence,
  shimsSentence,
  standOutSentence,
  trendSentence,
} from './overhead';

it('an adjuster out of line is named, with what to do about its push rod', () => {
  const items = [8.1, 8.2, 8, 9.9].map((mm, at) => ({ id: `E${at + 1}`, mm }));
  expect(standOutSentence(standOut({ items }))).toBe(
    'E4 stands 1.75 mm further out than its fellows. Back it off, lift its push rod, feel it into its pocket, set it again.',
  );
});

it('shims say where each comes from, and what to take from the stock', () => {
  const found = tappetShims({
    valves: [
      { id: 'E1', measuredMm: 0.3, fittedMm: 3.1 },
      { id: 'E2', measuredMm: 0.5, fittedMm: 3 },
      { id: 'I1', measuredMm: 0.4, fittedMm: 3.2 },
      { id: 'I2', measuredMm: 0.9, fittedMm: 3 },
    ],
    lowMm: 0.35,
    highMm: 0.45,
    stock: [{ mm: 3.5, count: 1 }],
  });
  expect(found.shims.map((choice) => shimSentence(choice))).toEqual([
    'E1: 3.00 mm, out of E2; leaves 0.40 mm.',
    'E2: 3.10 mm, out of E1; leaves 0.40 mm.',
    'I1: 3.20 mm, stays; leaves 0.40 mm.',
    'I2: 3.50 mm, from the stock; leaves 0.40 mm.',
  ]);
  expect(shimsSentence(found)).toBe('1 stays; 2 change places; from the stock: 1 × 3.50 mm.');
});

it('a trend says when the limit is reached, and how sure that is', () => {
  const readings = [0.4, 0.37, 0.35, 0.32].map((mm, at) => ({ hours: at * 1000, mm }));
  expect(trendSentence(lashTrend({ readings, closesAtMm: 0.2 }))).toBe(
    'It closes: 0.026 mm less in 1000 h, give or take 0.001 mm. At its limit by 7654 h, nine times in ten between 6794 h and 8832 h.',
  );
});

it('a plunger pressed right down is backed off', () => {
  const found = hydraulicPreload({
    pitchMm: 1,
    turns: 3,
    screwAt: 'pushrod',
    rockerRatio: 1.5,
    plungerTravelMm: 2,
  });
  expect(hydraulicSentence(found)).toContain('holds the valve open. Back it off.');
});

it('an injector’s turn is told in flats and quarters too', () => {
  expect(injectorSentence(injectorSetting({ method: 'turn', turns: 0.25 }))).toBe(
    'Turn the screw in 90°: 1.5 flats of a hexagon, 1 quarter turn.',
  );
});

it('the top is told with what it does not tell', () => {
  expect(deadCentreSentence(deadCentre({ stopForwardDeg: 340, stopBackDeg: 24 }))).toBe(
    'Top dead centre is where the wheel reads 2°. Take away 2° to make it read nothing there. It does not say whether this top is firing or overlap.',
  );
});
