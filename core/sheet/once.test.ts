import { once } from './once';

describe('what is worked out once', () => {
  it('is worked out once for each object, and anew for an equal one', () => {
    const reckon = jest.fn(({ bore }: { bore: number }) => bore * 2);
    const doubled = once(reckon);
    const sheet = { bore: 105 };
    expect([doubled(sheet), doubled(sheet), doubled({ bore: 105 })]).toEqual([210, 210, 210]);
    expect(reckon).toHaveBeenCalledTimes(2);
  });

  it('keeps an answer of nothing too, and throws again what was thrown', () => {
    const nothing = jest.fn(() => undefined);
    const asked = once(nothing);
    const sheet = {};
    asked(sheet);
    asked(sheet);
    expect(nothing).toHaveBeenCalledTimes(1);
    const broken = once((_: object) => {
      throw new Error('no table');
    });
    expect(() => broken(sheet)).toThrow('no table');
    expect(() => broken(sheet)).toThrow('no table');
  });
});
