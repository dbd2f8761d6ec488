import { memoizeByObject, memoizeByPair } from './memoize';

describe('what is worked out once', () => {
  it('is worked out once for each object, and anew for an equal one', () => {
    const reckon = jest.fn(({ bore }: { bore: number }) => bore * 2);
    const doubled = memoizeByObject(reckon);
    const sheet = { bore: 105 };
    expect([doubled(sheet), doubled(sheet), doubled({ bore: 105 })]).toEqual([210, 210, 210]);
    expect(reckon).toHaveBeenCalledTimes(2);
  });

  it('keeps an answer of nothing too, and throws again what was thrown', () => {
    const nothing = jest.fn(() => undefined);
    const asked = memoizeByObject(nothing);
    const sheet = {};
    asked(sheet);
    asked(sheet);
    expect(nothing).toHaveBeenCalledTimes(1);
    const broken = memoizeByObject((_: object) => {
      throw new Error('no table');
    });
    expect(() => broken(sheet)).toThrow('no table');
    expect(() => broken(sheet)).toThrow('no table');
  });
});

describe('what is worked out once of two', () => {
  it('is worked out once for each pair, and anew when either is another', () => {
    const reckon = jest.fn(
      (entry: { bore: number }, other: { wear: number }) => entry.bore + other.wear,
    );
    const asked = memoizeByPair(reckon);
    const [sheet, state] = [{ bore: 105 }, { wear: 1 }];
    expect([asked(sheet, state), asked(sheet, state)]).toEqual([106, 106]);
    expect(reckon).toHaveBeenCalledTimes(1);
    expect(asked(sheet, { wear: 2 })).toBe(107);
    expect(asked({ bore: 84 }, state)).toBe(85);
    expect(asked(sheet, state)).toBe(106);
    expect(reckon).toHaveBeenCalledTimes(3);
  });
});
