import fc from 'fast-check';
import { standOut } from './standOut';

const row = (...mm: number[]) => mm.map((each, at) => ({ id: `v${at + 1}`, mm: each }));

it('finds the adjuster of a push rod on the edge of its pocket', () => {
  const found = standOut({ items: row(8.1, 8.3, 8, 10.2, 8.2, 7.9) });
  expect(found.items.filter(({ verdict }) => verdict === 'odd')).toMatchObject([
    { id: 'v4', offMm: expect.closeTo(2.05, 9) },
  ]);
  expect(found.kinds).toMatchObject([{ code: 'odd', limitMm: expect.closeTo(0.66717, 9) }]);
});

it('holds each against its own kind', () => {
  const items = [
    ...row(8, 8.1, 8.2, 8.1).map((entry) => ({ ...entry, kind: 'intake' })),
    ...row(11, 11.1, 10.9, 11.2).map((item) => ({ ...item, id: `x${item.id}`, kind: 'exhaust' })),
  ];
  expect(standOut({ items }).kinds.map(({ code }) => code)).toEqual(['alike', 'alike']);
  const mixed = items.map(({ id, mm }) => ({ id, mm }));
  expect(standOut({ items: mixed }).kinds).toMatchObject([{ kind: null, code: 'scattered' }]);
});

it('under four of a kind none is judged; at the limit one is alike', () => {
  const few = standOut({ items: row(8, 8, 12) });
  expect(few.kinds).toMatchObject([{ code: 'too-few' }]);
  expect(few.items.map(({ verdict }) => verdict)).toEqual(Array(3).fill('not-judged'));
  const limit = (mm: number) => standOut({ items: row(8, 8, 8, mm), limitMm: 0.3 }).kinds[0]?.code;
  expect([limit(8.3), limit(8.3001)]).toEqual(['alike', 'odd']);
});

it('does not change when all stand further out by the same', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 0, max: 2000 }), { minLength: 4, maxLength: 16 }),
      fc.integer({ min: -500, max: 500 }),
      (tenths, by) => {
        const verdicts = (add: number) =>
          standOut({ items: row(...tenths.map((value) => (value + add) / 128)) }).items.map(
            ({ verdict }) => verdict,
          );
        expect(verdicts(by)).toEqual(verdicts(0));
      },
    ),
  );
});

it('names what it cannot work with', () => {
  expect(() => standOut({ items: [] })).toThrow('items: empty');
  expect(() => standOut({ items: [...row(1), ...row(2)] })).toThrow('items[1].id: repeated');
  expect(() => standOut({ items: row(NaN) })).toThrow('items[0].mm: not-a-number');
});
