import { demoSheets } from '../../../demo/sheets/all';
import { averilQ4 } from '../../../demo/sheets/averilQ4';
import { castryV8 } from '../../../demo/sheets/castryV8';
import { hesperM6Right } from '../../../demo/sheets/hesperM6';
import { orrin6t } from '../../../demo/sheets/orrin6t';
import { quillon5c } from '../../../demo/sheets/quillon5c';
import { tolvane44 } from '../../../demo/sheets/tolvane44';
import { reach } from '../../assembly/reach';
import type { EngineSheet } from '../engineSheet';
import { FAMILIES } from '../families';
import { assemblyGraph, reachInputOf } from './assemblyGraph';
import { headOf } from './references';
import { assemblyOf } from './assemblyOf';
import { clampedBy, unclampedBy } from './clamped';
import { familyOf } from './familyOf';
import { settingOrder } from './settingOrder';
import { USUAL_PIECES } from './usualPieces';

const reached = (sheet: EngineSheet, ...targets: string[]) =>
  reach(reachInputOf(assemblyGraph(sheet), targets));

/** A sheet that stands on what is usual. */
function bare({ assembly: _assembly, ...sheet }: EngineSheet): EngineSheet {
  return sheet;
}

describe('what comes off', () => {
  it('for one head of six is what hangs on that head', () => {
    const { off, eased } = reached(hesperM6Right, 'head/2');
    const others = off.filter(({ id }) => !/\/[IE]?2$/.test(id));
    expect(others).toEqual([]);
    expect(eased).toEqual([{ id: 'exhaust-pipe/1', because: ['exhaust-bend/2'] }]);
  });

  it('for one bank of a V leaves the other bank’s valve gear alone', () => {
    const { order } = reached(castryV8, 'head/port');
    expect(order.filter((id) => /starboard|[IE]?[5-8]$/.test(id))).toEqual([]);
    expect(order).toContain('inlet-manifold/1');
    expect(order.at(-1)).toBe('head/port');
  });

  it('to set injectors is what shuts them: the cover, then the brake housings', () => {
    expect(reached(orrin6t, 'set-injectors').order).toEqual([
      'valve-cover/1',
      'brake-housing/fan',
      'brake-housing/flywheel',
    ]);
    expect(reached(orrin6t, 'set-brakes').order).toEqual(['valve-cover/1']);
  });

  it('names one instance, those beside it, or all', () => {
    expect(reached(tolvane44, 'main-cap/3').order).toEqual(['sump/1', 'oil-pump/1', 'main-cap/3']);
    expect(reached(tolvane44, 'main-cap/2').order).toEqual(['sump/1', 'main-cap/2']);
    expect(reached(hesperM6Right, 'main-cap/1').order).toEqual(['crankcase-door/1', 'main-cap/1']);
  });

  it('is shut by what an act says shuts it, in each way to name it', () => {
    const { assembly } = orrin6t;
    if (!assembly) throw new Error('no assembly');
    const shutBy = (reference: string): EngineSheet => ({
      ...orrin6t,
      assembly: {
        ...assembly,
        acts: [{ act: 'read-end-float', shutBy: [reference], from: 'manual', source: 'p. 1' }],
      },
    });
    const cover = ['valve-cover/1'];
    const both = [...cover, 'brake-housing/fan', 'brake-housing/flywheel'];
    expect(reached(shutBy('brake-housing'), 'read-end-float').order).toEqual(both);
    expect(reached(shutBy('brake-housing/*'), 'read-end-float').order).toEqual(both);
    expect(reached(shutBy('brake-housing/fan'), 'read-end-float').order).toEqual([
      ...cover,
      'brake-housing/fan',
    ]);
  });

  it('is by the way with fewest off, a way naming those beside its target, one, or all', () => {
    const { assembly } = hesperM6Right;
    if (!assembly) throw new Error('no assembly');
    const byWays = (...ways: readonly string[][]): EngineSheet => ({
      ...hesperM6Right,
      assembly: {
        ...assembly,
        ways: [{ to: 'rod-and-piston', ways, from: 'manual', source: 'p. 1' }],
      },
    });
    const off = (sheet: EngineSheet) => [...reached(sheet, 'rod-and-piston/2').order].sort();
    const door = ['crankcase-door'];
    const allDoors = ['crankcase-door/*'];
    expect(off(byWays(door, allDoors))).toEqual(['crankcase-door/2', 'rod-and-piston/2']);
    expect(off(byWays(['crankcase-door/5'], allDoors))).toEqual([
      'crankcase-door/5',
      'rod-and-piston/2',
    ]);
    expect(off(byWays(allDoors, [...allDoors, 'turbo']))).toHaveLength(7);
  });

  it('goes back the other way round where nothing else is said', () => {
    const { order, back } = reached(quillon5c, 'head');
    expect([...back].sort()).toEqual([...order].sort());
    const at = (id: string) => back.indexOf(id);
    expect(at('head/1')).toBe(0);
    expect(at('cam-cap/6')).toBeLessThan(at('cam-sprocket/1'));
    expect(at('cam-sprocket/1')).toBeLessThan(at('chain-tensioner/1'));
    expect(at('chain-tensioner/1')).toBeLessThan(at('cam-cover/1'));
  });
});

describe('what a fastener clamps', () => {
  it('is the piece at the place of its set, or all of one there is', () => {
    const of = (sheet: EngineSheet, set: string, instance: string, fastener: string) =>
      clampedBy(sheet).find(
        (entry) => entry.set === set && entry.instance === instance && entry.fastener === fastener,
      )?.clamps;
    expect(of(hesperM6Right, 'head', '4', 's1')).toEqual(['head/4']);
    expect(of(castryV8, 'head', 'starboard', 'f1')).toEqual(['head/starboard']);
    expect(of(tolvane44, 'main-caps', '1', 'm7')).toEqual(['main-cap/4']);
    expect(of(orrin6t, 'injector-clamps', '1', 'c5')).toEqual(['injector/5']);
  });

  it('through the case is also the cylinder opposite: off with one, the other is unclamped', () => {
    const unclamped = unclampedBy(averilQ4, new Set(['cylinder/3']));
    expect(unclamped).toEqual([
      {
        set: 'cylinder-base',
        instance: '3',
        pieces: ['cylinder/4', 'case-half/right', 'case-half/left'],
      },
      {
        set: 'cylinder-base',
        instance: '4',
        pieces: ['cylinder/4', 'case-half/right', 'case-half/left'],
      },
    ]);
  });

  it('leaves nothing unclamped where each holds one piece', () => {
    expect(unclampedBy(tolvane44, new Set(['head/1']))).toEqual([]);
  });

  it('is the usual piece where the sheet has no assembly', () => {
    const clamps = clampedBy(bare(hesperM6Right)).filter(({ set }) => set === 'head');
    expect([...new Set(clamps.flatMap((entry) => entry.clamps))]).toEqual(
      [1, 2, 3, 4, 5, 6].map((n) => `head/${n}`),
    );
  });
});

describe('what goes on between settings', () => {
  it('is needed by one and shuts others', () => {
    expect(settingOrder(orrin6t)).toEqual({
      'set-valves': { before: 'brake-housing' },
      'set-injectors': { before: 'brake-housing' },
      'set-brakes': { after: 'brake-housing' },
      'set-actuators': {},
    });
  });

  it('is not a cover over all of them', () => {
    for (const sheet of [tolvane44, hesperM6Right, castryV8, bare(orrin6t)])
      expect(Object.values(settingOrder(sheet))).toEqual([{}, {}, {}, {}]);
  });
});

describe('what is usual', () => {
  it('is told by how an engine is built', () => {
    const families = demoSheets.map((sheet) => [sheet.id, familyOf(sheet)]);
    expect(Object.fromEntries(families)).toEqual({
      'tolvane-44': 'in-line',
      'orrin-6t': 'in-line',
      'hesper-m6-r': 'separate-heads',
      'hesper-m6-l': 'separate-heads',
      'dunmere-2s5': 'two-stroke',
      'castry-v8m': 'v-petrol',
      'averil-q4': 'flat',
      'quillon-5c': 'overhead-cam',
    });
    expect(Object.keys(USUAL_PIECES).sort()).toEqual(Object.keys(FAMILIES).sort());
  });

  it.each(demoSheets.map((sheet) => [sheet.id, bare(sheet)] as const))(
    '%s: stands for a sheet without an assembly, and can be worked out both ways',
    (_, sheet) => {
      const { assumed, pieces } = assemblyOf(sheet);
      expect(assumed).toBe(true);
      const graph = assemblyGraph(sheet);
      const all = reach(
        reachInputOf(
          graph,
          pieces.map(({ id }) => id),
        ),
      );
      expect(all.order).toHaveLength(graph.instances.length);
      expect(all.back).toHaveLength(graph.instances.length);
      expect(all.order.at(-1)).toMatch(/^crank\//);
    },
  );

  it('names nothing that the engine has not', () => {
    for (const sheet of demoSheets.map(bare)) {
      const { pieces } = assemblyOf(sheet);
      const known = new Set(pieces.map(({ id }) => id));
      for (const { restsOn = [], onAfter = [], offAfter = [] } of pieces) {
        const named = [...restsOn, ...[...onAfter, ...offAfter].map(({ piece }) => piece)];
        expect(named.filter((reference) => !known.has(headOf(reference)))).toEqual([]);
      }
    }
    expect(assemblyOf(bare(castryV8)).pieces.map(({ id }) => id)).not.toContain('liner');
    expect(assemblyOf(bare(orrin6t)).pieces.map(({ id }) => id)).not.toContain('injector-pipe');
  });
});
