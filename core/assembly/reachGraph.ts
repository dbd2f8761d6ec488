import { ReckoningFault } from '../quantity/reckoningFault';
import { shortestCircle, type Before } from './inOrder';
import type { ReachInput, ReachPiece } from './reachInput';

/** A piece with those that are kept on it: they come off and go on as one, under its id. */
export interface Whole {
  readonly id: string;
  readonly restsOn: ReadonlySet<string>;
  readonly shuts: ReadonlySet<string>;
  readonly shutsActs: ReadonlySet<string>;
  readonly eases: ReadonlySet<string>;
}

/** The assembly with kept pieces made one with what they are on. */
export interface ReachGraph {
  /** In list order. */
  readonly wholes: readonly Whole[];
  /** The whole a piece belongs to: itself, unless it is kept. */
  readonly wholeOf: (piece: string) => string;
  /** What comes off before it, and what goes on before it. */
  readonly offBefore: Before;
  readonly onBefore: Before;
}

/**
 * @param input its ids known and distinct
 * @throws ReckoningFault where pieces wait for each other in a circle, on their own or once kept
 */
export function reachGraph(input: ReachInput): ReachGraph {
  const asListed = graphOf(input, (piece) => piece);
  return input.keep?.length ? graphOf(input, wholesOf(input.keep)) : asListed;
}

/**
 * The piece that another goes as one with: itself, unless it is kept on one, which may be kept in its turn.
 * @example wholesOf([{ id: 'carburettor', on: 'manifold' }, { id: 'manifold', on: 'head' }])('carburettor') // 'head'
 */
export function wholesOf(keep: NonNullable<ReachInput['keep']>): (piece: string) => string {
  const keptOn = new Map(keep.map(({ id, on }) => [id, on]));
  return (piece) => {
    let whole = piece;
    for (let on = keptOn.get(whole); on !== undefined; on = keptOn.get(whole)) whole = on;
    return whole;
  };
}

function graphOf({ pieces }: ReachInput, wholeOf: (piece: string) => string): ReachGraph {
  const known = new Set(pieces.map(({ id }) => id));
  const members = new Map<string, ReachPiece[]>();
  for (const { id } of pieces) if (wholeOf(id) === id) members.set(id, []);
  for (const piece of pieces) members.get(wholeOf(piece.id))?.push(piece);
  const wholes: Whole[] = [];
  const offBefore = new Map<string, Set<string>>();
  const onBefore = new Map<string, Set<string>>();
  for (const id of members.keys()) {
    offBefore.set(id, new Set());
    onBefore.set(id, new Set());
  }
  for (const [id, parts] of members) {
    /** The wholes that its members name: of itself only what a single piece says of itself. */
    const named = (field: 'restsOn' | 'shuts' | 'eases' | 'onAfter' | 'offAfter'): Set<string> => {
      const wholesNamed = parts.flatMap((part) =>
        (part[field] ?? [])
          .filter((other) => known.has(other))
          .filter((other) => wholeOf(other) !== id || other === part.id)
          .map(wholeOf),
      );
      return new Set(wholesNamed);
    };
    const restsOn = named('restsOn');
    const shuts = named('shuts');
    const shutsActs = parts.flatMap((part) => (part.shuts ?? []).filter((act) => !known.has(act)));
    wholes.push({ id, restsOn, shuts, shutsActs: new Set(shutsActs), eases: named('eases') });
    for (const other of [...restsOn, ...shuts]) {
      offBefore.get(other)?.add(id);
      onBefore.get(id)?.add(other);
    }
    for (const other of named('offAfter')) offBefore.get(id)?.add(other);
    for (const other of named('onAfter')) onBefore.get(id)?.add(other);
  }
  refuseCircles([...members.keys()], { off: offBefore, on: onBefore });
  return { wholes, wholeOf, offBefore, onBefore };
}

/** The shorter of the two directions is named, and the way off of equals. */
function refuseCircles(
  ids: readonly string[],
  { off, on }: { readonly off: Before; readonly on: Before },
): void {
  const toComeOff = shortestCircle(ids, off);
  const toGoOn = shortestCircle(ids, on);
  if (toComeOff && toComeOff.length <= (toGoOn?.length ?? Infinity))
    throw new ReckoningFault('pieces', 'circle', { direction: 'off', ids: toComeOff });
  if (toGoOn) throw new ReckoningFault('pieces', 'circle', { direction: 'on', ids: toGoOn });
}
