import fc from 'fast-check';
import { demoJobs } from '@cardinex/demo/jobs';
import { actSchema, batchSchema } from './act';

const acts = demoJobs(new Date('2026-03-02T12:00:00Z')).flatMap((job) => job.acts);
const anyAct = fc.constantFrom(...acts);

/** Every path of a value: where something could be wrong. */
function paths(value: unknown, at: (string | number)[] = []): (string | number)[][] {
  if (typeof value !== 'object' || value === null) return [at];
  return Object.entries(value).flatMap(([key, inner]) => paths(inner, [...at, key]));
}

function changed(value: unknown, path: readonly (string | number)[], to: unknown): unknown {
  const [step, ...rest] = path;
  if (step === undefined) return to;
  return { ...(value as object), [step]: changed((value as never)[step], rest, to) };
}

describe('an act on the wire', () => {
  it('is read as it was sent', () => {
    for (const act of acts) expect(actSchema.parse(act)).toEqual(act);
  });

  it('with a field that is not known is refused, wherever it stands', () => {
    fc.assert(
      fc.property(anyAct, (act) => {
        expect(actSchema.safeParse({ ...act, note: 'x' }).success).toBe(false);
        expect(actSchema.safeParse({ ...act, data: { ...act.data, note: 'x' } }).success).toBe(
          false,
        );
      }),
    );
  });

  it('with one of its values made another kind is refused at that value, and never breaks', () => {
    const junk = fc.constantFrom<unknown>(null, {}, [], true, '\u0000', NaN, Infinity, -1e9);
    fc.assert(
      fc.property(anyAct, junk, fc.nat(), (act, to, pick) => {
        const all = paths(act);
        const path = all[pick % all.length] ?? [];
        const read = actSchema.safeParse(changed(act, path, to));
        if (read.success) return;
        const named = read.error.issues.map((issue) => issue.path.join('.'));
        const here = path.join('.');
        expect(named.some((name) => here.startsWith(name) || name.startsWith(here))).toBe(true);
      }),
      { numRuns: 400 },
    );
  });

  it.each([
    ['liner.read', { mm: 40 }, 'data.mm'],
    ['liner.read', { bore: 'no spaces here' }, 'data.bore'],
    ['bolt.pulled', { nm: 0 }, 'data.nm'],
    ['bolt.pulled', { pass: 1.5 }, 'data.pass'],
    ['valve.read', { mm: -0.1 }, 'data.mm'],
    ['valve.read', { reading: 'guessed' }, 'data.reading'],
  ])('%s with %j is refused at %s', (type, wrong, field) => {
    const act = acts.find((one) => one.type === type);
    if (!act) throw new Error(`no ${type} in the demo`);
    const read = actSchema.safeParse({ ...act, data: { ...act.data, ...wrong } });
    expect(read.error?.issues[0]?.path.join('.')).toBe(field);
  });

  it('has its time with an offset', () => {
    const [act] = acts;
    expect(actSchema.safeParse({ ...act, at: '2026-03-02T12:00:00' }).success).toBe(false);
    expect(actSchema.safeParse({ ...act, at: '2026-03-02T12:00:00+01:00' }).success).toBe(true);
  });
});

describe('a batch', () => {
  it('holds one act or more, and not too many', () => {
    const sentAt = '2026-03-02T12:00:00Z';
    const of = (count: number) => batchSchema.safeParse({ sentAt, acts: Array(count).fill({}) });
    expect([of(0), of(1), of(200), of(201)].map((read) => read.success)).toEqual([
      false,
      true,
      true,
      false,
    ]);
  });
});
