import fc from 'fast-check';
import { decideLayer } from '@cardinex/core/job/decideLayers';
import { evolve } from '@cardinex/core/job/evolve';
import { sheetOfJob } from '@cardinex/core/job/sheetOfJob';
import { EMPTY_JOB } from '@cardinex/core/job/emptyJob';
import type { Job } from '@cardinex/core/job/job';
import { placeAt } from '@cardinex/core/sheet/place';
import { valueAt } from '@cardinex/core/sheet/pointer';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import type { ActOf } from '@cardinex/core/job/act';
import { demoSheets } from '@cardinex/demo/sheets/all';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { pointFaults } from './readPoints';
import { openEveryCard } from './tests/openEveryCard';

const low = (value: unknown) => ({
  at: '/liners/low',
  to: { text: '0.04 mm', value, unit: 'mm', from: 'leaflet', source: 'L7' },
});

describe('the shape of what a leaflet says', () => {
  it('is that of the sheet at its place, or is named at the point that is wrong', () => {
    expect(pointFaults(tolvane44, [low(0.04)])).toEqual([]);
    const faults = pointFaults(tolvane44, [low(0.04), { at: '/liners/school', to: 7 }]);
    expect(faults.map(({ at }) => at)).toContain('points[1].to');
    expect(pointFaults(tolvane44, [low('four')])[0]?.at).toBe('points[0].to.value');
    expect(pointFaults(tolvane44, [{ at: '/gasket/dressing', to: { says: 'Dry' } }])).toMatchObject(
      [
        { at: 'points[0].to.from', says: expect.stringContaining('missing') as string },
        { at: 'points[0].to.source' },
      ],
    );
  });

  it('whatever is put anywhere on a sheet, it is refused with its reason or every card still opens', () => {
    const junk = fc.oneof(
      fc.constantFrom<unknown>(null, '', 'x', [], {}, true, 0, -1, 1e9, ['f1'], { says: 'x' }),
      fc.jsonValue({ maxDepth: 2 }),
    );
    const place = fc
      .constantFrom(...demoSheets)
      .chain((sheet) =>
        fc.constantFrom(...pointersOf(sheet)).map((pointer) => ({ sheet, pointer })),
      );
    let stored = 0;
    fc.assert(
      fc.property(place, place, junk, fc.boolean(), ({ sheet, pointer }, other, to, borrowed) => {
        // Half the time what stands at another place of a sheet: shaped, and out of place.
        const value = borrowed ? valueAt(other.sheet, other.pointer) : to;
        const points = [{ at: placeAt(sheet, pointer), to: value }];
        if (pointFaults(sheet, points).length > 0) return;
        const job = opened(sheet);
        const act = deviation(points);
        const verdict = decideLayer(job.state, act, { pinned: sheet });
        if (!verdict.ok) return expect(verdict.refusal.code).toMatch(/^[a-z-]+$/);
        stored += 1;
        openEveryCard(sheetOfJob(sheet, evolve(job, { ...act, seq: 2, receivedAt: null }).state));
      }),
      { numRuns: Number(process.env.CARDINEX_MUTATIONS ?? 300) },
    );
    expect(stored).toBeGreaterThan(0);
  });
});

function opened(sheet: EngineSheet): Job {
  const { id, revision, cylinder1End } = sheet;
  const data = {
    sheet: { id, revision, hash: '' },
    serial: '1',
    name: 'n',
    why: 'w',
    cylinder1End,
    scope: { kind: 'everything' } as const,
  };
  const opened = { ...data, at: '2026-03-02T08:00:00Z', by: 'a' };
  return { ...EMPTY_JOB, state: { ...EMPTY_JOB.state, opened } };
}

function deviation(points: ActOf<'deviation.entered'>['data']['points']) {
  return {
    id: 'b',
    v: 1,
    type: 'deviation.entered',
    at: '2026-03-02T08:01:00Z',
    by: 'a',
    device: 'd',
    count: 2,
    seenSeq: 1,
    data: { deviation: 'd1', title: 'done to it', points },
  } satisfies ActOf<'deviation.entered'>;
}

function pointersOf(value: unknown, at = ''): string[] {
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, inner]) => {
    const pointer = `${at}/${key.replaceAll('~', '~0').replaceAll('/', '~1')}`;
    return [pointer, ...pointersOf(inner, pointer)];
  });
}
