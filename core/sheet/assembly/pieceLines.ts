import type { Sourced } from '../../quantity/figure';
import type { EngineSheet } from '../engineSheet';
import type {
  ContactSpec,
  CrankPlaceSpec,
  FacingSpec,
  HidesSpec,
  PieceSpec,
} from '../spec/assembly';
import type { Reference } from '../spec/reference';
import { headOf } from './references';

/** A line of a piece with where it is said: its own source, or that of the piece. */
type LineOf<T> = Omit<T, keyof Sourced> & Sourced & { readonly piece: PieceSpec };

/**
 * How surfaces go in, piece by piece: its contacts, and of its joints those that say what goes on them.
 * @example contactLines(sheet)[0] // { what: 'Liner seals', lubricant: 'soap', piece, from, source }
 */
export function contactLines(sheet: EngineSheet): readonly LineOf<ContactSpec>[] {
  return linesOf(sheet, ({ contacts = [], joints = [], name }) => [
    ...contacts,
    ...joints.flatMap(({ what = name, lubricant, from, source }) =>
      lubricant === undefined
        ? []
        : [{ what, lubricant, ...(from && { from }), ...(source !== undefined && { source }) }],
    ),
  ]);
}

/** Which way parts face; the part is the piece itself where its line names none. */
export function facingLines(
  sheet: EngineSheet,
): readonly LineOf<FacingSpec & { readonly part: string }>[] {
  return linesOf(sheet, ({ facings = [], name }) =>
    facings.map((line) => ({ ...line, part: line.part ?? name })),
  );
}

/** Every plug that some piece hides. */
export function plugLines(sheet: EngineSheet): readonly LineOf<HidesSpec>[] {
  return linesOf(sheet, ({ hides = [] }) => hides.filter(({ plug }) => plug !== undefined));
}

/** What is looked for last before these pieces go on. */
export function hiddenLines(
  sheet: EngineSheet,
  pieces: readonly Reference[],
): readonly LineOf<HidesSpec>[] {
  const named = new Set(pieces.map(headOf));
  return linesOf(sheet, ({ id, hides = [] }) => (named.has(id) ? hides : []));
}

/** Where the crank stands before a head, or a cylinder, goes on. */
export function headCrankPlace(sheet: EngineSheet): CrankPlaceSpec | undefined {
  const pieces = sheet.assembly?.pieces ?? [];
  return pieces.find(({ kind, crank }) => crank && (kind === 'head' || kind === 'cylinder'))?.crank;
}

function linesOf<T extends Partial<Sourced>>(
  { assembly }: EngineSheet,
  of: (piece: PieceSpec) => readonly T[],
): readonly LineOf<T>[] {
  return (assembly?.pieces ?? []).flatMap((piece) =>
    of(piece).map((line) => ({
      ...line,
      piece,
      from: line.from ?? piece.from,
      source: line.source ?? piece.source,
    })),
  );
}
