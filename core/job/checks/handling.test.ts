import { demoSheets } from '@cardinex/demo/sheets/all';
import fc from 'fast-check';
import type { ActData, LoggedAct, LoggedActOf } from '../act';
import type { DecideContext } from '../decideContext';
import { EMPTY_STATE } from '../emptyJob';
import { NO_CHECKS, type ChecksState } from '../facts/checks';
import { evolveSlice } from '../kit/evolveSlice';
import { RULES } from '../rules';
import { scopedSheet } from '../scope';
import { checksSlice } from '../slices/checks';
import { SLICES } from '../slices/index';
import { allChecks } from './allChecks';
import type { Check } from './check';
import { decideRowSeen } from './decide';
import { goByRow, phasesOf, rowLeft } from './handling';
import { seenOf } from './state';

const WHOLE_JOBS = demoSheets.map((sheet) => scopedSheet(sheet, { kind: 'everything' }));

/** Every check of the demo engines that has handling in it, with each row of steps. */
const ROWS = WHOLE_JOBS.flatMap((sheet) =>
  allChecks(sheet).flatMap((check) =>
    phasesOf(check)
      .filter(({ byRow }) => byRow)
      .map((phase) => ({ sheet, check, phase })),
  ),
);

const holes = ROWS.find(({ check }) => check.kind === 'holes');
if (!holes) throw new Error('no holes');

interface Said {
  readonly by?: string;
  readonly seq: number;
  readonly seenSeq?: number;
}

type RowData = ActData['check.row-seen'];
type OneData = ActData['check.seen'];

function logged(type: 'check.row-seen', data: RowData, said: Said): LoggedActOf<'check.row-seen'>;
function logged(type: 'check.seen', data: OneData, said: Said): LoggedActOf<'check.seen'>;
function logged(type: string, data: object, { by = 'tobin', seq, seenSeq = seq - 1 }: Said) {
  return { id: `act-${seq}`, type, data, by, seq, seenSeq, at: '2026-03-02T08:00:00Z' };
}

const after = (state: ChecksState, ...acts: readonly LoggedAct[]): ChecksState =>
  acts.reduce((all, act) => evolveSlice(checksSlice, all, act), state);

/** What was seen, whoever said it and when. */
const found = (state: ChecksState, { id, items, places }: Check) =>
  items.map((item) => places.map((place) => seenOf(state, id, item, place)?.found));

/** Is the crank turned at this step of a check? */
const turnsAtAll = ({ turnsCrank, turnsAt }: Check, step: string): boolean =>
  turnsCrank && (turnsAt === undefined || turnsAt.includes(step));

const exceptions = (check: Check) =>
  fc.subarray([...check.items], { maxLength: check.items.length - 1 });

describe('a row of handling', () => {
  it('comes to the same as each of it said by itself, whatever is left out', () => {
    for (const { check, phase } of ROWS)
      fc.assert(
        fc.property(exceptions(check), (leftOut) => {
          const items = check.items.filter((item) => !leftOut.includes(item));
          const { steps } = phase;
          const row = after(
            NO_CHECKS,
            logged('check.row-seen', { check: check.id, items, steps }, { seq: 1 }),
          );
          const singly = items
            .flatMap((item) => steps.map((step) => ({ item, step })))
            .reduce(
              (all, { item, step }, place) =>
                after(
                  all,
                  logged(
                    'check.seen',
                    { check: check.id, item, step, found: 'good' },
                    { seq: place + 1 },
                  ),
                ),
              NO_CHECKS,
            );
          expect(found(row, check)).toEqual(found(singly, check));
          expect(rowLeft(check, row, phase)).toEqual(
            leftOut.length * steps.length > 1 ? leftOut : [],
          );
        }),
        { numRuns: 8 },
      );
  });

  it('moves nothing that a single step moves besides', () => {
    const moved = Object.values(SLICES).filter(({ evolve }) => 'check.seen' in evolve);
    const byRow = Object.values(SLICES).filter(({ evolve }) => 'check.row-seen' in evolve);
    expect(byRow.map(({ name }) => name)).toEqual(['checks']);
    for (const { check, phase } of ROWS)
      for (const step of phase.steps) {
        const act = logged(
          'check.seen',
          { check: check.id, item: check.items[0] ?? '', step, found: 'good' },
          { seq: 1 },
        );
        for (const slice of moved.filter(({ name }) => name !== 'checks')) {
          const before = EMPTY_STATE[slice.name];
          expect(evolveSlice(slice as never, before as never, act)).toBe(before);
        }
      }
  });

  it('is never felt, tried, placed by the crank, or facing one way', () => {
    const single = ['dry', 'runs-down', 'tang', 'oil-hole', 'halves', 'sinks', 'stagger', 'aimed'];
    for (const { check, phase } of ROWS) {
      expect(phase.steps.filter((step) => single.includes(step))).toEqual([]);
      expect(phase.steps.filter((step) => turnsAtAll(check, step))).toEqual([]);
    }
  });

  it('keeps the steps of every check, each once, in an order that starts where it started', () => {
    for (const sheet of WHOLE_JOBS)
      for (const check of allChecks(sheet))
        expect(phasesOf(check).flatMap(({ steps }) => steps)).toEqual(check.places);
  });

  it('is of one thing alone only where several steps are said of it', () => {
    const { check, phase } = holes;
    const alone = { ...check, items: check.items.slice(0, 1) };
    expect(rowLeft(alone, NO_CHECKS, phase)).toEqual(alone.items);
    expect(rowLeft(alone, NO_CHECKS, { byRow: true, steps: ['clean'] })).toEqual([]);
  });

  it('leaves to itself what was begun or found not good', () => {
    const { check, phase } = holes;
    const [begun = '', bad = '', ...rest] = check.items;
    const state = after(
      NO_CHECKS,
      logged(
        'check.seen',
        { check: check.id, item: begun, step: 'chased', found: 'good' },
        { seq: 1 },
      ),
      logged(
        'check.seen',
        { check: check.id, item: bad, step: 'chased', found: 'not-good', words: 'pulled' },
        { seq: 2 },
      ),
    );
    expect(rowLeft(check, state, phase)).toEqual(rest);
  });
});

describe('two people, a row each', () => {
  const { check } = holes;
  const [first = '', second = ''] = check.items;
  const row = (items: readonly string[], said: Said) =>
    logged('check.row-seen', { check: check.id, items, steps: ['chased'] }, said);
  const notGood = (said: Said) =>
    logged(
      'check.seen',
      { check: check.id, item: first, step: 'chased', found: 'not-good', words: 'thread pulled' },
      said,
    );

  it('differ in nothing where both say the same', () => {
    const state = after(
      NO_CHECKS,
      row([first, second], { by: 'tobin', seq: 1, seenSeq: 0 }),
      row([first, second], { by: 'wren', seq: 2, seenSeq: 0 }),
    );
    for (const item of [first, second])
      expect(seenOf(state, check.id, item, 'chased')).not.toHaveProperty('against');
  });

  it('do not say good what another found not good, unheard of', () => {
    const state = after(
      NO_CHECKS,
      notGood({ by: 'wren', seq: 1, seenSeq: 0 }),
      row([first, second], { by: 'tobin', seq: 2, seenSeq: 0 }),
    );
    expect(seenOf(state, check.id, first, 'chased')).toMatchObject({
      found: 'not-good',
      words: 'thread pulled',
      against: { by: 'tobin' },
    });
    expect(seenOf(state, check.id, second, 'chased')).toMatchObject({ found: 'good' });
  });

  it('come to the same in the other order', () => {
    const state = after(
      NO_CHECKS,
      row([first, second], { by: 'tobin', seq: 1, seenSeq: 0 }),
      notGood({ by: 'wren', seq: 2, seenSeq: 0 }),
    );
    expect(seenOf(state, check.id, first, 'chased')).toMatchObject({
      found: 'not-good',
      against: { by: 'tobin' },
    });
  });

  it('are believed when they have heard of it and looked again', () => {
    const state = after(
      NO_CHECKS,
      notGood({ by: 'wren', seq: 1, seenSeq: 0 }),
      row([first], { by: 'tobin', seq: 2, seenSeq: 1 }),
    );
    expect(seenOf(state, check.id, first, 'chased')).toMatchObject({ found: 'good' });
    expect(seenOf(state, check.id, first, 'chased')).not.toHaveProperty('against');
  });
});

describe('what is said of a row', () => {
  const { sheet, check } = holes;
  const refusal = (data: Partial<RowData>, state = NO_CHECKS): string | null => {
    const act = logged(
      'check.row-seen',
      { check: check.id, items: check.items, steps: ['chased'], ...data },
      { seq: 9 },
    );
    const verdict = decideRowSeen(
      { ...EMPTY_STATE, checks: state },
      act as never,
      {
        sheet,
      } as DecideContext,
    );
    return verdict.ok ? null : verdict.refusal.code;
  };

  it('is taken for handling of its own items', () => {
    expect(refusal({})).toBeNull();
    expect(refusal({ steps: ['chased', 'clean'] })).toBeNull();
  });

  it('is refused for what is tried one by one, alone or among handling', () => {
    expect(refusal({ steps: ['dry'] })).toBe('not-by-row');
    expect(refusal({ steps: ['clean', 'runs-down'] })).toBe('not-by-row');
    expect(goByRow(check, ['no-such-step'])).toBe(false);
  });

  it('is refused for a part twice, one that is none of its own, and a check that has none', () => {
    const [first = ''] = check.items;
    expect(refusal({ items: [first, first] })).toBe('unknown-place-of-check');
    expect(refusal({ items: ['no-such-hole'] })).toBe('unknown-place-of-check');
    expect(refusal({ check: 'no-such-check' })).toBe('unknown-check');
  });

  it('is refused of what is known not to be good', () => {
    const [first = ''] = check.items;
    const state = after(
      NO_CHECKS,
      logged(
        'check.seen',
        { check: check.id, item: first, step: 'chased', found: 'not-good', words: 'pulled' },
        { seq: 1 },
      ),
    );
    expect(refusal({}, state)).toBe('not-by-row');
    expect(refusal({ items: check.items.slice(1) }, state)).toBeNull();
  });

  it('is a ground of what was decided about any of it', () => {
    const rule = RULES['check.decided'];
    if (rule.nature !== 'decision') throw new Error('no decision');
    const [first = '', second = ''] = check.items;
    const act = logged(
      'check.row-seen',
      { check: check.id, items: [first], steps: ['chased'] },
      { seq: 1 },
    );
    const rests = (item: string, id = check.id) =>
      rule.restsOn?.(
        { check: id, item, decision: 'replace', words: 'so' },
        act as never,
        () => null,
      );
    expect(rests(first)).toBe(true);
    expect(rests(second)).toBe(false);
    expect(rests(first, 'another')).toBe(false);
  });
});
