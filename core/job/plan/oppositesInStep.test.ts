import { averilQ4 } from '@cardinex/demo/sheets/averilQ4';
import { demoSheets } from '@cardinex/demo/sheets/all';
import { cylindersUnder } from '../../sheet/cylindersUnder';
import { setOf } from '../../sheet/programmeOf';
import type { Scope } from '../facts/scope';
import { madeDead, openedFor, sheetIn, stripped } from '../tests/intake';
import { stateOf } from '../tests/story';
import { clampersOf } from '../cards/strip/loosening';
import { holdsOnTurning } from '../mayTurn';
import { runView } from '../run/runView';
import { scopedSheet } from '../scope';

const run = { set: 'cylinder-base', instance: '1-2', programme: 'main' };
const sheetFor = (scope: Scope) => scopedSheet(averilQ4, scope);
const instancesFor = (scope: Scope) => setOf(sheetFor(scope), run.set)?.instances;
const viewFor = (instance: string, programme = 'main') => {
  const view = runView(sheetFor({ kind: 'gasket' }), { ...run, instance, programme }, {}, '');
  if (!view) throw new Error('no run');
  return view;
};

describe('cylinders opposite each other', () => {
  it('are one run where both come off; one alone is by itself, and its fellow’s nuts stay', () => {
    expect(instancesFor({ kind: 'gasket' })).toEqual(['1-2', '3-4']);
    expect(instancesFor({ kind: 'everything' })).toEqual(['1-2', '3-4']);
    expect(instancesFor({ kind: 'one-cylinder', only: '3' })).toEqual(['3']);
    const pieces = { kind: 'pieces', also: ['cylinder/1', 'cylinder/2', 'cylinder/4'] } as const;
    expect(instancesFor(pieces)).toEqual(['1-2', '4']);
  });

  it('are pulled in step, a side each: no stage is over before both sides are through', () => {
    const { stages } = viewFor('1-2');
    const sides = stages.map(({ bolts }) => [
      bolts.filter(({ act }) => act.from === 'near').map(({ act }) => act.fastener.split('.')[0]),
      bolts.filter(({ act }) => act.from === 'far').map(({ act }) => act.fastener.split('.')[0]),
      bolts.filter(({ act }) => act.together).map(({ act }) => act.fastener),
    ]);
    const six = (cylinder: string) => Array.from({ length: 6 }, () => cylinder);
    const through = ['1-2.f2', '1-2.f6'];
    expect(sides).toEqual([
      [six('1'), six('2'), []],
      [[], [], through],
      [six('1'), six('2'), []],
      [[], [], through],
    ]);
  });

  it('share each bolt that goes through the case: it is one bolt, drawn at both its ends', () => {
    const { fasteners, map } = viewFor('1-2').set;
    expect(fasteners).toHaveLength(6 + 6 + 2);
    expect(new Set(fasteners.map(({ number }) => number)).size).toBe(14);
    const ends = fasteners.flatMap((fastener) =>
      'farEnd' in fastener ? [fastener.xMm, (fastener.farEnd as { xMm: number }).xMm] : [],
    );
    expect(ends.map((xMm) => xMm > map.widthMm / 2)).toEqual([false, true, false, true]);
    expect(map.bores?.map(({ cylinder }) => cylinder)).toEqual([1, 2]);
    expect(viewFor('3-4').set.map.bores?.map(({ cylinder }) => cylinder)).toEqual([3, 4]);
  });

  it('are let go by all that holds either, through bolts first', () => {
    const { stages } = viewFor('3-4', 'strip');
    for (const { bolts } of stages) {
      expect(bolts).toHaveLength(14);
      expect(bolts.slice(0, 2).map(({ act }) => act.fastener)).toEqual(['3-4.f6', '3-4.f2']);
    }
    const sheet = sheetFor({ kind: 'gasket' });
    for (const cylinder of ['3', '4'])
      expect(clampersOf(sheet, `cylinder/${cylinder}`).map(({ instance }) => instance)).toEqual([
        '3-4',
      ]);
    expect(cylindersUnder(sheet, setOf(sheet, run.set), '3-4')).toEqual([3, 4]);
  });

  it('hold the crank all the same where the scope widened after one of them was off', () => {
    const story = madeDead(openedFor(averilQ4, { kind: 'one-cylinder', only: '3' }), averilQ4);
    stripped(story.act('caution.acknowledged', { caution: 'barring' }), averilQ4);
    story.act('scope.widened', { scope: { kind: 'gasket' }, words: 'All of them leak.' });
    const holds = holdsOnTurning(sheetIn(story, averilQ4), stateOf(story));
    expect(holds.map(({ code }) => code)).toContain('through-bolts-slack');
  });

  it('are only of engines with bolts through the case', () => {
    for (const sheet of demoSheets.filter(({ id }) => id !== averilQ4.id)) {
      const scoped = scopedSheet(sheet, { kind: 'everything' });
      for (const { id, instances } of sheet.fastenedSets ?? [])
        if (setOf(scoped, id)?.kind !== 'main-caps')
          expect([id, setOf(scoped, id)?.instances]).toEqual([id, instances]);
    }
  });
});
