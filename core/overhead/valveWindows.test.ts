import { ReckoningFault } from '../quantity/reckoningFault';
import { valveWindows, type CamEvents } from './valveWindows';

const events: CamEvents = {
  strokes: 4,
  ivoBtdcDeg: 12,
  ivcAbdcDeg: 44,
  evoBbdcDeg: 48,
  evcAtdcDeg: 14,
};

function without(field: 'ivcAbdcDeg' | 'evcAtdcDeg'): CamEvents {
  const { [field]: _, ...rest } = events;
  return rest;
}

function faultOf(given: CamEvents): Pick<ReckoningFault, 'field' | 'code'> | null {
  try {
    valveWindows(given);
    return null;
  } catch (error) {
    if (!(error instanceof ReckoningFault)) throw error;
    return { field: error.field, code: error.code };
  }
}

describe('valve windows', () => {
  it('stand about the dead centres of a four-stroke', () => {
    expect(valveWindows(events)).toEqual({
      intake: { fromDeg: 348, toDeg: 584 },
      exhaust: { fromDeg: 132, toDeg: 374 },
    });
  });

  it('widen at both ends by the ramp', () => {
    expect(valveWindows({ ...events, rampDeg: 10 }).exhaust).toEqual({ fromDeg: 122, toDeg: 384 });
  });

  it('take a negative event to lie beyond its dead centre', () => {
    expect(valveWindows({ ...events, ivoBtdcDeg: -5 }).intake?.fromDeg).toBe(365);
  });

  it('are exhaust alone on a uniflow two-stroke, about bottom dead centre', () => {
    expect(valveWindows({ strokes: 2, evoBbdcDeg: 85, evcAbdcDeg: 55 })).toEqual({
      exhaust: { fromDeg: 95, toDeg: 235 },
    });
  });

  it.each<[string, CamEvents, string, string]>([
    ['one inlet event without the other', without('ivcAbdcDeg'), 'ivcAbdcDeg', 'missing-partner'],
    ['no exhaust closing', without('evcAtdcDeg'), 'evcAtdcDeg', 'missing-partner'],
    [
      'a two-stroke event on a four-stroke',
      { ...events, evcAbdcDeg: 50 },
      'evcAbdcDeg',
      'wrong-for-strokes',
    ],
    [
      'an inlet on a uniflow two-stroke',
      { strokes: 2, ivoBtdcDeg: 5, evoBbdcDeg: 80, evcAbdcDeg: 50 },
      'ivoBtdcDeg',
      'wrong-for-strokes',
    ],
    [
      'a window that closes before it opens',
      { ...events, evoBbdcDeg: -250 },
      'evoBbdcDeg',
      'window-without-length',
    ],
    ['a negative ramp', { ...events, rampDeg: -1 }, 'rampDeg', 'must-not-be-negative'],
    ['not a number', { ...events, evoBbdcDeg: NaN }, 'evoBbdcDeg', 'not-a-number'],
  ])('refuse %s', (_what, given, field, code) => {
    expect(faultOf(given)).toEqual({ field, code });
  });
});
