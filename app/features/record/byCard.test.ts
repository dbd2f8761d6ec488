import type { LoggedAct } from '@cardinex/core/job/act';
import { scopedSheet } from '@cardinex/core/job/scope';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { byCard } from './byCard';

const sheet = scopedSheet(tolvane44, { kind: 'gasket' });
const seen = (id: string, check: string) =>
  ({ id, type: 'check.seen', data: { check, item: '1', found: 'good' } }) as unknown as LoggedAct;

describe('a record by card', () => {
  it('has a stretch for each time somebody was at a card', () => {
    const acts = [
      seen('a', 'dead'),
      seen('b', 'dead'),
      seen('c', 'look/head'),
      seen('d', 'dead'),
      { id: 'e', type: 'hands.in', data: {} } as unknown as LoggedAct,
    ];
    expect(
      byCard(acts, sheet).map(({ place, acts: own }) => [
        place?.card ?? null,
        own.map(({ id }) => id).join(''),
      ]),
    ).toEqual([
      ['dead', 'ab'],
      ['inspect', 'c'],
      ['dead', 'd'],
      [null, 'e'],
    ]);
  });

  it('keeps every act, in its order', () => {
    const acts = ['a', 'b', 'c', 'd'].map((id, at) =>
      seen(id, at % 2 === 0 ? 'dead' : 'look/head'),
    );
    expect(byCard(acts, sheet).flatMap((stretch) => stretch.acts)).toEqual(acts);
  });
});
