import { holdsFor, memoOf } from './memo';

interface Whole {
  readonly a: number;
  readonly b?: number;
  readonly inner: { readonly c: number };
}
const whole: Whole = { a: 1, inner: { c: 2 } };

describe('what was worked out from an object', () => {
  it('holds while every part that was read is the same', () => {
    const memo = memoOf(whole, ({ a, inner }) => a + inner.c);
    expect(memo.result).toBe(3);
    expect(holdsFor(memo, { ...whole, b: 5 })).toBe(true);
    expect(holdsFor(memo, { ...whole, a: 2 })).toBe(false);
    expect(holdsFor(memo, { ...whole, inner: { c: 2 } })).toBe(false);
  });

  it('does not hold once a part is there that was looked for in vain', () => {
    const read = memoOf(whole, ({ b }) => b ?? null);
    const asked = memoOf(whole, (object) => 'b' in object);
    expect([read, asked].map((memo) => holdsFor(memo, { ...whole, b: 1 }))).toEqual([false, false]);
    expect([read, asked].map((memo) => holdsFor(memo, { ...whole, a: 9 }))).toEqual([true, true]);
  });

  it('holds for no other object where it was asked which parts there are', () => {
    const memo = memoOf(whole, (object) => Object.keys(object).length);
    expect(holdsFor(memo, whole)).toBe(true);
    expect(holdsFor(memo, { ...whole })).toBe(false);
  });
});
