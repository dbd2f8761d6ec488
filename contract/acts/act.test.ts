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
        const current = path.join('.');
        expect(named.some((name) => current.startsWith(name) || name.startsWith(current))).toBe(
          true,
        );
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
    ['piece.weighed', { grams: 0 }, 'data.grams'],
    ['check.read', { mm: 4000 }, 'data.mm'],
  ])('%s with %j is refused at %s', (type, wrong, field) => {
    const act = acts.find((entry) => entry.type === type);
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
    const make = (count: number) => batchSchema.safeParse({ sentAt, acts: Array(count).fill({}) });
    expect([make(0), make(1), make(200), make(201)].map((read) => read.success)).toEqual([
      false,
      true,
      true,
      false,
    ]);
  });
});

describe('acts of an engine put together', () => {
  const envelope = acts[0];
  const run = { set: 'main-caps', instance: '1', programme: 'main' };
  const issuesOf = (type: string, data: unknown): string[] => {
    const read = actSchema.safeParse({ ...envelope, type, data });
    return read.success ? [] : read.error.issues.map(({ path }) => path.join('.'));
  };

  it.each([
    ['liners.placed', { placement: [{ bore: '1', liner: '3', shimsMm: [0.1, 0.05] }] }],
    ['liner.sealed', { bore: '1', out: 0, in: 2 }],
    ['cap.turned', { run, stage: '1/s1', fasteners: ['m5', 'm6'], found: 'free' }],
    ['piece.weighed', { check: 'masses', item: '1', grams: 902.5, text: '902,5' }],
    ['gasket.chosen', { mark: 'two holes', by: 'old-gasket' }],
    // A piston below its deck.
    [
      'check.read',
      {
        check: 'stand-outs',
        item: '1',
        place: 'near',
        mm: -0.2,
        printed: { text: '-0.2', unit: 'mm' },
      },
    ],
  ])('%s is read', (type, data) => {
    expect(issuesOf(type, data)).toEqual([]);
  });

  it.each([
    ['liners.placed', { placement: [] }, 'data.placement'],
    [
      'liners.placed',
      { placement: [{ bore: '1', liner: '3', shimsMm: [0] }] },
      'data.placement.0.shimsMm.0',
    ],
    ['liner.sealed', { bore: '1', out: -1, in: 2 }, 'data.out'],
    ['liner.sealed', { bore: '1', out: 1, in: 1.5 }, 'data.in'],
    ['cap.turned', { run, stage: 's1', fasteners: ['m5'], found: 'free' }, 'data.stage'],
    ['cap.turned', { run, stage: '1/s1', fasteners: [], found: 'free' }, 'data.fasteners'],
    ['cap.turned', { run, stage: '1/s1', fasteners: ['m5'], found: 'stiff' }, 'data.found'],
    ['gasket.chosen', { mark: '', by: 'stand-out' }, 'data.mark'],
    ['gasket.chosen', { mark: 'one', by: 'guess' }, 'data.by'],
  ])('%s with %j is refused at %s', (type, data, field) => {
    expect(issuesOf(type, data)).toContain(field);
  });
});
