import { demoSheets } from '../../../demo/sheets/all';
import { averilQ4 } from '../../../demo/sheets/averilQ4';
import { castryV8 } from '../../../demo/sheets/castryV8';
import { hesperM6Right } from '../../../demo/sheets/hesperM6';
import { tolvane44 } from '../../../demo/sheets/tolvane44';
import { reach } from '../../assembly/reach';
import { assemblyGraph, reachInputOf } from '../../sheet/assembly/assemblyGraph';
import { headOf } from '../../sheet/assembly/references';
import type { EngineSheet } from '../../sheet/engineSheet';
import type { Scope } from '../facts/scope';
import { scopeChoices, scopesFor } from './scopeChoices';
import { scopeTargets } from './scopeTargets';

const worked = (sheet: EngineSheet, scope: Scope) =>
  reach(reachInputOf(assemblyGraph(sheet), scopeTargets(sheet, scope)));

const kinds = (sheet: EngineSheet, ids: readonly string[]): readonly string[] => {
  const { pieceOf } = assemblyGraph(sheet);
  return [...new Set(ids.map((id) => pieceOf(id)?.kind ?? ''))];
};

/** Every scope that an engine may be opened with. */
function scopesOf(sheet: EngineSheet): readonly Scope[] {
  return scopesFor(sheet).flatMap((kind): readonly Scope[] => {
    const choices = scopeChoices(sheet, kind);
    return choices.length > 0 ? choices.map((only) => ({ kind, only })) : [{ kind }];
  });
}

/** As printed, and as it stands without its assembly. */
const sheets = demoSheets.flatMap((sheet) => {
  const { assembly: _assembly, ...bare } = sheet;
  return [
    [sheet.id, sheet],
    [`${sheet.id}, as is usual`, bare as EngineSheet],
  ] as const;
});

describe('what a scope is out to get at', () => {
  it('is the head, one of several, one cylinder, or everything', () => {
    expect(scopeTargets(tolvane44, { kind: 'gasket' })).toEqual(['head/1']);
    expect(scopeTargets(hesperM6Right, { kind: 'one-head', only: '3' })).toEqual(['head/3']);
    expect(scopeTargets(castryV8, { kind: 'one-head', only: 'starboard' })).toEqual([
      'head/starboard',
    ]);
    expect(scopeTargets(averilQ4, { kind: 'one-cylinder', only: '2' })).toEqual([
      'piston/2',
      'cylinder/2',
    ]);
    const { instances } = assemblyGraph(tolvane44);
    expect(scopeTargets(tolvane44, { kind: 'everything' })).toHaveLength(instances.length);
  });
});

describe.each(sheets)('%s', (_, sheet) => {
  it('comes apart and goes together again for every scope, and wider ones take off more', () => {
    const size = (kind: Scope['kind']) => worked(sheet, { kind }).order.length;
    for (const scope of scopesOf(sheet)) {
      const { off, order, back } = worked(sheet, scope);
      expect(off.length).toBeGreaterThan(0);
      expect([...order].sort()).toEqual([...back].sort());
    }
    expect(size('gasket')).toBeLessThan(size('in-frame'));
    expect(size('in-frame')).toBeLessThan(size('everything'));
  });

  it('for the head takes off neither sump, crank pulley, flywheel nor anything of the crank', () => {
    const { order } = worked(sheet, { kind: 'gasket' });
    const below = ['sump', 'pulley', 'flywheel', 'crank', 'liner', 'rod-and-piston'];
    expect(kinds(sheet, order).filter((kind) => below.includes(kind))).toEqual([]);
    const mains = order.filter((id) => headOf(id) === 'main-cap');
    expect(mains).toEqual([]);
  });

  it('in the frame leaves the crank, what drives it and what turns with it', () => {
    const { order } = worked(sheet, { kind: 'in-frame' });
    const stays = ['crank', 'flywheel', 'pulley'];
    expect(kinds(sheet, order).filter((kind) => stays.includes(kind))).toEqual([]);
  });

  it('on a stand ends with the crank, and begins to go together with what holds it', () => {
    const { order, back } = worked(sheet, { kind: 'everything' });
    const { pieceOf } = assemblyGraph(sheet);
    const kindAt = (id: string | undefined) => pieceOf(id ?? '')?.kind;
    expect(kindAt(order.at(-1))).toBe('crank');
    const at = (kind: string) => back.findIndex((id) => kindAt(id) === kind);
    for (const later of ['rod-and-piston', 'flywheel', 'pulley', 'sump', 'pump', 'blower', 'turbo'])
      if (at(later) >= 0) expect(at(later)).toBeGreaterThan(at('crank'));
    // Covers go on over what they shut: none before the crank is in.
    expect(at('cover')).toBeGreaterThan(at('crank'));
  });
});
