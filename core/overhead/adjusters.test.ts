import { hydraulicPreload } from './hydraulicPreload';
import { injectorSetting } from './injectorSetting';

describe('the plunger of a hydraulic tappet', () => {
  const at = { pitchMm: 1.25, turns: 0.5, rockerRatio: 1.6, plungerTravelMm: 4 } as const;
  it.each([
    ['pushrod', 0.625],
    ['valve', 0.625 / 1.6],
    ['pivot', 0.625 * (1 + 1 / 1.6)],
  ] as const)('a screw at the %s presses it in by %d mm', (screwAt, depthMm) => {
    expect(hydraulicPreload({ ...at, screwAt })).toEqual({
      depthMm: expect.closeTo(depthMm, 12),
      shareOfTravel: expect.closeTo(depthMm / 4, 12),
      code: 'within',
    });
  });

  it('is bottomed only beyond the whole of its travel', () => {
    const code = (turns: number) =>
      hydraulicPreload({ ...at, turns, screwAt: 'pushrod', pitchMm: 1, plungerTravelMm: 2 }).code;
    expect([code(2), code(2.00001)]).toEqual(['within', 'bottomed']);
  });
});

describe('an injector’s screw', () => {
  it('goes in by a part of a turn past contact', () => {
    expect(injectorSetting({ method: 'turn', turns: 0.25 })).toEqual({
      turns: 0.25,
      deg: 90,
      flats: 1.5,
      quarterTurns: 1,
      direction: 'in',
    });
    expect(injectorSetting({ method: 'turn', turns: 0 }).direction).toBe('none');
  });

  it.each([
    [76.9, 0.5, 'in'],
    [76.15, 0.25, 'out'],
    [76.4, 0, 'none'],
  ] as const)(
    'at a height of %d mm over a gauge of 76.4 mm goes %d turns %s',
    (measuredMm, turns, direction) => {
      const found = injectorSetting({ method: 'height', gaugeMm: 76.4, measuredMm, pitchMm: 1 });
      expect(found).toMatchObject({ turns: expect.closeTo(turns, 9), direction });
      expect(found.flats).toBeCloseTo(turns * 6, 9);
    },
  );

  it('names what it cannot work with', () => {
    expect(() => injectorSetting({ method: 'turn', turns: -1 })).toThrow('turns: must-not-be');
    const height = { method: 'height', gaugeMm: 76, measuredMm: 76, pitchMm: 0 } as const;
    expect(() => injectorSetting(height)).toThrow('pitchMm: must-be-positive');
  });
});
