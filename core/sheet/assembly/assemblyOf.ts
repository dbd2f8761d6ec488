import type { EngineSheet } from '../engineSheet';
import { memoizeByObject } from '../memoize';
import { heightsOf } from '../spec/block';
import {
  ASSEMBLY_ACTS,
  type AssemblyActSpec,
  type PieceSpec,
  type TemporarySpec,
  type WaysSpec,
} from '../spec/assembly';
import type { Reference } from '../spec/reference';
import { familyOf } from './familyOf';
import { headOf } from './references';
import { USUAL_PIECES, type UsualPiece } from './usualPieces';

/** A piece of a sheet; or a usual one, which `words/` gives its name. */
export type Piece = Omit<PieceSpec, 'name' | 'from' | 'source'> &
  Partial<Pick<PieceSpec, 'name' | 'from' | 'source'>>;

/** What the engine is made of, as far as its sheet says; else as engines of its family usually are. */
export interface Assembly {
  readonly pieces: readonly Piece[];
  readonly acts: readonly AssemblyActSpec[];
  readonly temporary: readonly TemporarySpec[];
  readonly ways: readonly WaysSpec[];
  /** Usual for its family and not from its sheet: it asks, and never bars. */
  readonly assumed: boolean;
}

/** The assembly of a sheet, or the usual one of its family where it gives none. */
export const assemblyOf = memoizeByObject((sheet: EngineSheet): Assembly => {
  const { assembly } = sheet;
  return assembly
    ? {
        pieces: assembly.pieces,
        acts: assembly.acts ?? [],
        temporary: assembly.temporary ?? [],
        ways: assembly.ways ?? [],
        assumed: false,
      }
    : { pieces: usualPieces(sheet), acts: [], temporary: [], ways: [], assumed: true };
});

/** The usual pieces of an engine's family, without those that its sheet says it has not. */
function usualPieces(sheet: EngineSheet): readonly Piece[] {
  const listed = USUAL_PIECES[familyOf(sheet)].filter((piece) => !lacks(sheet, piece));
  const known = new Set<string>([...listed.map(({ id }) => id), ...ASSEMBLY_ACTS]);
  const here = (references: readonly Reference[] = []): readonly Reference[] =>
    references.filter((reference) => known.has(headOf(reference)));
  return listed.map(({ restsOn, shuts, onAfter, offAfter, ...piece }) => ({
    ...piece,
    restsOn: here(restsOn),
    shuts: here(shuts),
    onAfter: here(onAfter).map(usually),
    offAfter: here(offAfter).map(usually),
  }));
}

/** The sheet gives no reason, and neither does the usual. */
function usually(piece: string): { readonly piece: string; readonly why: string } {
  return { piece, why: '' };
}

function lacks({ liners, fuel, overhead }: EngineSheet, { id }: UsualPiece): boolean {
  switch (id) {
    case 'liner':
      return liners !== undefined && heightsOf(liners) === null;
    case 'injector':
      return fuel === 'petrol';
    case 'injector-pipe':
      return fuel === 'petrol' || overhead?.injectors?.kind === 'unit';
    case 'tappet':
      return overhead?.valves.length === 0;
    default:
      return false;
  }
}
