import { castryV8 } from '@cardinex/demo/sheets/castryV8';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { pinHeatOf } from './pinHeatOf';

it('a pressed pin says how warm its rod must be, and whether it may', () => {
  const found = pinHeatOf(castryV8);
  expect(found?.tempC).toBeCloseTo(20 + 0.05 / (23.5 * 1.2e-5), 6);
  expect(found?.verdict).toBe('within');
});

it('a piston of light alloy needs less for the same pin', () => {
  const { pistons } = castryV8;
  if (!pistons?.pin) throw new Error('no pin');
  const warmed = pinHeatOf({ pistons: { pin: { ...pistons.pin, fit: 'piston-warmed' } } });
  expect(warmed?.riseK).toBeCloseTo(0.05 / (23.5 * 2.1e-5), 6);
});

it('a free pin, or one without figures, asks for no heat', () => {
  expect(pinHeatOf(tolvane44)).toBeNull();
  expect(pinHeatOf({})).toBeNull();
});
