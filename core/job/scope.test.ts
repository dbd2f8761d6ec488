import type { Scope } from './facts/scope';
import { castryV8 } from '@cardinex/demo/sheets/castryV8';
import { demoSheets } from '@cardinex/demo/sheets/all';
import { hesperM6Right } from '@cardinex/demo/sheets/hesperM6';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { openedFor, refusalIn } from './tests/intake';
import { lastAt, stateOf } from './tests/story';
import { decideScope } from './decideScope';
import { cylindersInScope, scopedSheet, setsInScope } from './scope';
import { scopeChoices, scopesFor } from './plan/scopeChoices';
import { widens } from './plan/widens';
import { trayOf } from './tray';

const setsOf = (sheet: typeof tolvane44, scope: Scope): readonly string[] =>
  setsInScope(scopedSheet(sheet, scope)).map(({ id }) => id);

describe('a scope', () => {
  it('decides which sets come apart', () => {
    expect(setsOf(tolvane44, { kind: 'gasket' })).toEqual(['head']);
    expect(setsOf(tolvane44, { kind: 'one-cylinder', only: '2' })).toEqual(['rod-caps', 'head']);
    expect(setsOf(tolvane44, { kind: 'in-frame' })).toEqual(['main-caps', 'rod-caps', 'head']);
    expect(setsOf(castryV8, { kind: 'everything' })).toEqual(['head', 'manifold']);
  });

  it('of one cylinder leaves the other heads, rods, valves and liners alone', () => {
    const sheet = scopedSheet(hesperM6Right, { kind: 'one-cylinder', only: '4' });
    expect(cylindersInScope(sheet)).toEqual([4]);
    expect(setsInScope(sheet).map(({ instances }) => instances)).toEqual([['4']]);
    expect(sheet.overhead?.valves.map(({ id }) => id)).toEqual(['I4', 'E4']);
    const rods = scopedSheet(tolvane44, { kind: 'one-cylinder', only: '2' }).fastenedSets;
    expect(rods?.find(({ id }) => id === 'rod-caps')?.instances).toEqual(['2']);
    expect(rods?.find(({ id }) => id === 'head')?.instances).toEqual(['1']);
  });

  it('shows on the map the cylinders of the head in hand, not those the book drew', () => {
    const bores = (sheet: typeof tolvane44, scope: Scope) =>
      setsInScope(scopedSheet(sheet, scope))[0]?.map.bores?.map(({ cylinder }) => cylinder);
    expect(bores(hesperM6Right, { kind: 'one-head', only: '3' })).toEqual([3]);
    const [port, starboard] = castryV8.layout.banks;
    expect(bores(castryV8, { kind: 'one-head', only: 'port' })).toEqual(port?.cylinders);
    expect(bores(castryV8, { kind: 'one-head', only: 'starboard' })).toEqual(starboard?.cylinders);
  });

  it('of one head of a V works on the cylinders of its bank', () => {
    const sheet = scopedSheet(castryV8, { kind: 'one-head', only: 'port' });
    const [port] = castryV8.layout.banks;
    expect(cylindersInScope(sheet)).toEqual(port?.cylinders);
    expect(setsInScope(sheet)[0]?.instances).toEqual(['port']);
  });

  describe('that is about picked pieces', () => {
    const cardsOf = (also: readonly string[], sheet = tolvane44) => {
      const story = openedFor(sheet, { kind: 'pieces', also });
      return trayOf(sheet, stateOf(story), lastAt(story)).map(({ card, set }) => set?.id ?? card);
    };

    it('has the cards of what comes off for them, and no others', () => {
      expect(cardsOf(['rocker-cover'])).toEqual([
        'dead',
        'strip',
        'mark',
        'parts',
        'rocker-cover',
        'breather-hose',
        'cause',
      ]);
      const pump = cardsOf(['water-pump']);
      for (const card of ['liners', 'head', 'valves', 'stand-out', 'inspect'])
        expect(pump).not.toContain(card);
    });

    it('puts nothing on before it came off, though nothing is inspected', () => {
      const story = openedFor(tolvane44, { kind: 'pieces', also: ['water-pump'] });
      const pump = trayOf(tolvane44, stateOf(story), lastAt(story)).find(
        ({ set }) => set?.id === 'water-pump',
      );
      expect(pump).toMatchObject({ status: 'barred', reason: { code: 'card-first' } });
    });

    it('sets what is lost, of the cylinders laid open', () => {
      const rockers = scopedSheet(tolvane44, { kind: 'pieces', also: ['rocker-shaft'] });
      expect(cylindersInScope(rockers)).toEqual([]);
      expect(rockers.overhead?.valves).toHaveLength(8);
      expect(cardsOf(['rocker-shaft'])).toContain('valves');
      const head = { kind: 'pieces', also: ['head/3'] } as const;
      expect(cylindersInScope(scopedSheet(hesperM6Right, head))).toEqual([3]);
    });

    it('is of pieces the engine has, at least of one', () => {
      const said = (scope: Scope) => decideScope(null, scope, tolvane44);
      expect(said({ kind: 'pieces' })).toMatchObject({ refusal: { code: 'unknown-scope' } });
      expect(said({ kind: 'pieces', also: ['propeller'] })).toMatchObject({
        refusal: { code: 'unknown-piece', piece: 'propeller' },
      });
      expect(said({ kind: 'pieces', also: ['injector/3'] })).toEqual({ ok: true });
    });

    it('goes further with more pieces, or with any scope that takes in what is off', () => {
      const from: Scope = { kind: 'pieces', also: ['rocker-cover'] };
      const wider = (to: Scope) => widens(tolvane44, from, to);
      expect(wider({ kind: 'pieces', also: ['rocker-cover', 'sump'] })).toBe(true);
      expect(wider({ kind: 'gasket' })).toBe(true);
      expect(wider(from)).toBe(false);
      expect(wider({ kind: 'pieces', also: ['sump'] })).toBe(false);
      const sump = { kind: 'gasket', also: ['sump'] } as const;
      expect(widens(tolvane44, { kind: 'gasket' }, sump)).toBe(true);
      expect(widens(tolvane44, sump, { kind: 'top-end' })).toBe(false);
    });
  });

  it('offers one head of several only where there are several', () => {
    expect(scopesFor(tolvane44)).not.toContain('one-head');
    expect(scopesFor(hesperM6Right)).toContain('one-head');
    expect(scopeChoices(hesperM6Right, 'one-head')).toEqual(['1', '2', '3', '4', '5', '6']);
  });

  it.each(demoSheets.map((sheet) => [sheet.id, sheet] as const))(
    'of %s that goes further never takes in less',
    (_, sheet) => {
      const scopes = scopesFor(sheet).map((kind): Scope => {
        const only = scopeChoices(sheet, kind)[0];
        return only === undefined ? { kind } : { kind, only };
      });
      for (const [place, from] of scopes.entries()) {
        for (const to of scopes.slice(place)) {
          const before = new Set(setsOf(sheet, from));
          const after = setsOf(sheet, to);
          if (!widens(sheet, from, to)) continue;
          expect(cylindersInScope(scopedSheet(sheet, to))).toEqual(
            expect.arrayContaining([...cylindersInScope(scopedSheet(sheet, from))]),
          );
          if (from.kind !== 'one-cylinder') {
            expect(after).toEqual(expect.arrayContaining([...before]));
          }
        }
      }
    },
  );

  it('is widened with a reason and never narrowed', () => {
    const story = openedFor(tolvane44, { kind: 'gasket' });
    const refusal = (scope: Scope) =>
      refusalIn(story, tolvane44, 'scope.widened', { scope, words: 'liner cracked' });
    expect(refusal({ kind: 'in-frame' })).toBeNull();
    expect(refusal({ kind: 'gasket' })).toBe('not-wider');
    const wide = openedFor(tolvane44, { kind: 'everything' });
    expect(
      refusalIn(wide, tolvane44, 'scope.widened', { scope: { kind: 'top-end' }, words: 'less' }),
    ).toBe('not-wider');
  });

  it('that asks which one must be told one that the engine has', () => {
    const story = openedFor(tolvane44, { kind: 'gasket' });
    const refusal = (scope: Scope) =>
      refusalIn(story, tolvane44, 'scope.widened', { scope, words: 'more' });
    expect(refusal({ kind: 'one-cylinder' })).toBe('unknown-scope');
    expect(refusal({ kind: 'one-cylinder', only: '9' })).toBe('unknown-scope');
    expect(refusal({ kind: 'in-frame', only: '2' })).toBe('unknown-scope');
  });

  it('opens more cards once it goes further', () => {
    const gasket = openedFor(tolvane44, { kind: 'gasket' });
    const titles = (): readonly string[] =>
      trayOf(tolvane44, stateOf(gasket), '2026-03-02T09:00:00Z')
        .filter(({ card }) => card !== 'fit')
        .map(({ card, set }) => set?.id ?? card);
    const intake = ['dead', 'strip', 'mark', 'parts', 'inspect'];
    const end = ['head', 'valves', 'recheck', 'head', 'cause'];
    expect(titles()).toEqual([...intake, 'liners', 'stand-out', ...end]);
    gasket.act('scope.widened', { scope: { kind: 'in-frame' }, words: 'liner 3 cracked' });
    expect(titles()).toEqual([
      'dead',
      'strip',
      'mark',
      'bearings',
      'parts',
      'inspect',
      'bores',
      'liners',
      'shells',
      'crank',
      'pistons',
      'rod-caps',
      'stand-out',
      'head-build',
      ...end,
    ]);
  });
});
