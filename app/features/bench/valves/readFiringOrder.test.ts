import { readFiringOrder } from './readFiringOrder';

describe('a firing order as typed', () => {
  it('may have dashes, commas or spaces between', () => {
    for (const text of ['1-3-4-2', '1, 3, 4, 2', ' 1 3 4 2 ', '1–3–4–2'])
      expect(readFiringOrder(text)).toEqual([1, 3, 4, 2]);
  });

  it.each(['', '1-3-4', '1-3-4-4', '1-x-2', '0-1-2', '1-3-4-2-5.5'])('is not %p', (text) => {
    expect(readFiringOrder(text)).toBeNull();
  });
});
