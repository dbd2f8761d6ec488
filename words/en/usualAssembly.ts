import { assemblyOf, type Piece } from '@cardinex/core/sheet/assembly/assemblyOf';
import { usualClamps } from '@cardinex/core/sheet/assembly/clamped';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import type { AssemblySpec, HeldBySpec, OrderSpec } from '@cardinex/core/sheet/spec/assembly';
import type { Reference } from '@cardinex/core/sheet/spec/reference';
import type { FastenedSet } from '@cardinex/core/sheet/spec/fastening';
import { pieceName } from './pieces';

const SAID = { from: 'assumed', source: 'Usual for its kind, by no book' } as const;

/** Kinds that nothing is screwed to: held by what lies on them, or screwed in themselves. */
const HELD: Readonly<Record<string, HeldBySpec['by']>> = {
  'push-rod': 'what-lies-on-it',
  tappet: 'what-lies-on-it',
  liner: 'what-lies-on-it',
  crank: 'what-lies-on-it',
  pipe: 'thread',
  plug: 'thread',
  filter: 'thread',
};

/**
 * What engines of a sheet's family are usually made of, to begin its own assembly with: every piece by name
 * and marked as assumed.
 */
export function usualAssembly({ assembly: _assembly, ...bare }: EngineSheet): AssemblySpec {
  const sets = bare.fastenedSets ?? [];
  const clamped = new Set(sets.flatMap((set) => usualClamps(bare, set)));
  return {
    pieces: assemblyOf(bare).pieces.map((piece) => {
      const { id, kind, per, restsOn = [], shuts = [], onAfter = [], offAfter = [] } = piece;
      return {
        id,
        name: pieceName(piece),
        kind,
        ...(per && { per }),
        ...(restsOn.length > 0 && { restsOn }),
        ...(shuts.length > 0 && { shuts }),
        ...(onAfter.length > 0 && { onAfter: onAfter.map(said) }),
        ...(offAfter.length > 0 && { offAfter: offAfter.map(said) }),
        ...(!clamped.has(id) && { heldBy: [heldBy(piece)] }),
        ...SAID,
      };
    }),
  };
}

/** What a set of fasteners clamps of the usual pieces. */
export function usualClampsOf(
  { assembly: _assembly, ...bare }: EngineSheet,
  set: FastenedSet,
): readonly Reference[] {
  return usualClamps(bare, set);
}

function said({ piece }: OrderSpec): OrderSpec {
  return { piece, why: 'As is usual' };
}

function heldBy({ kind }: Piece): HeldBySpec {
  return { by: HELD[kind] ?? 'screws' };
}
