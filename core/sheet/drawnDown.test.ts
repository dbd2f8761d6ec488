import { orrin6t } from '@cardinex/demo/sheets/orrin6t';
import { quillon5c } from '@cardinex/demo/sheets/quillon5c';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { drawDownOf, drawnDown, drawRounds } from './drawnDown';
import { planOf, setOf } from './programmeOf';
import type { EngineSheet } from './engineSheet';
import type { FastenedSet } from './spec/fastening';

const named = (sheet: EngineSheet, id: string): FastenedSet => {
  const set = setOf(sheet, id);
  if (!set) throw new Error(`no ${id}`);
  return set;
};
const caps = named(quillon5c, 'cam-caps');
const shaft = named(orrin6t, 'rockers');

describe('a part that springs hold up', () => {
  it('is drawn down in rounds of one small turn before its first value', () => {
    // 5 mm at most 1 mm at a time on a pitch of 1.25; 4 mm on one of 1.5.
    expect(drawDownOf(caps)).toMatchObject({ rounds: 5, turnDegPerRound: 288 });
    expect(drawDownOf(shaft)).toMatchObject({ rounds: 4, turnDegPerRound: 240 });
    const acts = planOf(drawnDown(caps), '1')?.acts ?? [];
    expect(acts.slice(0, 6).map(({ kind, deg, nm }) => [kind, deg ?? nm])).toEqual([
      ...Array.from({ length: 5 }, () => ['draw-down', 288]),
      ['torque', 8],
    ]);
    expect(planOf(drawnDown(caps), '1')?.findings).toEqual(planOf(caps, '1')?.findings);
  });

  it('is let up in the reverse', () => {
    const [down] = drawRounds(caps, 'down');
    const [up] = drawRounds(caps, 'up');
    expect(up?.order).toEqual([...(down?.order ?? [])].reverse());
  });

  it('is not drawn down twice, nor where nothing springs', () => {
    expect(drawnDown(drawnDown(caps))).toBe(drawnDown(caps));
    const head = named(tolvane44, 'head');
    expect(drawnDown(head)).toBe(head);
  });

  it('is left to the manual where its threads differ, or cannot be read', () => {
    const [group, ...others] = caps.groups;
    const threads = (...read: string[]): FastenedSet => ({
      ...caps,
      groups: read.flatMap((thread) =>
        group ? [{ ...group, id: thread, thread }, ...others] : [],
      ),
    });
    expect(drawDownOf(threads('M8 × 1.25', 'M10 × 1.5'))).toBeNull();
    expect(drawDownOf(threads('of its own'))).toBeNull();
  });
});
