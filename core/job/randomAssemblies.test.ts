import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { seeded } from '../quantity/seeded';
import type { EngineSheet } from '../sheet/engineSheet';
import type { PieceSpec } from '../sheet/spec/assembly';
import type { FastenedSet } from '../sheet/spec/fastening';
import { sheetOfJob } from './sheetOfJob';
import { fitRows } from './cards/fit/rows';
import { apart, Walk } from './tests/walk';

const KINDS = ['cover', 'pump', 'pipe', 'manifold', 'housing', 'accessory', 'cooler'] as const;
const BY_HAND = { from: 'assumed', source: 'made up' } as const;

/** An engine of a few pieces that stand on, shut and follow each other as chance has it, some of them bolted on together. */
function madeUp(seed: number): EngineSheet {
  const { even } = seeded(seed);
  const below = (most: number): number => Math.floor(even() * most);
  const count = 6 + below(8);
  const id = (place: number): string => `p${place}`;
  /** Some of those that stand lower, or higher, in the list. */
  const some = (from: number, to: number, share: number): readonly string[] =>
    Array.from({ length: Math.max(0, to - from) }, (_, n) => from + n)
      .filter(() => even() < share)
      .map(id);
  const why = 'so it is made';
  const pieces = Array.from({ length: count }, (_, place): PieceSpec => ({
    id: id(place),
    name: `Piece ${place}`,
    kind: KINDS[below(KINDS.length)] ?? 'cover',
    ...(even() < 0.3 && { per: 'cylinder' as const }),
    restsOn: some(place + 1, count, 0.25),
    shuts: some(place + 1, count, 0.1),
    onAfter: some(place + 1, count, 0.1).map((piece) => ({ piece, why })),
    offAfter: some(0, place, 0.1).map((piece) => ({ piece, why })),
    ...(even() < 0.4 && { joints: [{ kind: 'gasket' as const, ...BY_HAND }] }),
    ...(even() < 0.3 && { hides: [{ what: 'oil jet' }] }),
    ...(even() < 0.3 && { connections: [{ what: 'hose', kind: 'hose' as const }] }),
    ...BY_HAND,
  }));
  const { assembly: _assembly, fastenedSets = [], rotation: _rotation, ...engine } = tolvane44;
  const [head] = fastenedSets;
  const sets = Array.from({ length: below(3) }, (_, n): FastenedSet | null =>
    head
      ? { ...head, id: `set-${n}`, name: `Set ${n}`, kind: 'cover', clamps: some(0, count, 0.25) }
      : null,
  );
  return {
    ...engine,
    fastenedSets: sets.filter((set) => set !== null && set.clamps?.length !== 0) as FastenedSet[],
    assembly: { pieces },
  };
}

/** What is picked: some of its pieces, or at least the last. */
function picked({ assembly }: EngineSheet, seed: number): readonly string[] {
  const { even } = seeded(seed + 1000);
  const ids = assembly?.pieces.map(({ id }) => id) ?? [];
  const some = ids.filter(() => even() < 0.3);
  return some.length > 0 ? some : ids.slice(-1);
}

it('made-up engines come apart and go together to the end, whatever is picked of them', () => {
  for (let seed = 1; seed <= 40; seed += 1) {
    const sheet = madeUp(seed);
    const scope = { kind: 'pieces', also: picked(sheet, seed) } as const;
    const walk = new Walk(apart(sheet, scope), sheet);
    const scoped = sheetOfJob(sheet, walk.state);
    const off = Object.keys(walk.state.pieces.off).sort();
    expect([seed, off]).toEqual([seed, [...scoped.comesOff.order].sort()]);
    expect(
      fitRows(scoped)
        .flatMap(({ instances }) => instances)
        .sort(),
    ).toEqual(off);
    walk.together(seed);
    const left = walk.tray.filter(
      ({ card, status }) => (card === 'fit' || card === 'tighten') && status !== 'done',
    );
    expect([seed, left.map(({ set, reason }) => [set?.id, reason])]).toEqual([seed, []]);
  }
});
