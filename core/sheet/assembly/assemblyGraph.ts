import type { ReachAct, ReachInput, ReachPiece } from '../../assembly/reachInput';
import type { EngineSheet } from '../engineSheet';
import { memoizeByObject } from '../memoize';
import { ASSEMBLY_ACTS } from '../spec/assembly';
import type { Reference } from '../spec/reference';
import { assemblyOf, type Assembly, type Piece } from './assemblyOf';
import { instancesOf, type Instance } from './instances';
import { EVERYWHERE, shares, type Over } from './over';
import { headOf, isAll, isInstance } from './references';

/** Every piece of an engine one by one, each with what it has to do with, and what is done at it. */
interface AssemblyGraph {
  readonly assembly: Assembly;
  /** In list order: piece by piece, each by its places. */
  readonly instances: readonly Instance[];
  readonly actInstances: readonly Instance[];
  readonly pieceOf: (instance: string) => Piece | undefined;
  /** Ready for `reach`, but for targets. */
  readonly pieces: readonly ReachPiece[];
  readonly acts: readonly ReachAct[];
}

/**
 * The assembly of a sheet, instance by instance. An instance has to do with those of another that share a
 * valve, a cylinder or a bearing with it, and with all where either is over nothing in particular; a
 * reference to one instance (`head/2`) means that one, and `head/*` all of them. References to nothing are left out here: `checkSheet`
 * names them.
 */
export const assemblyGraph = memoizeByObject((sheet: EngineSheet): AssemblyGraph => {
  const assembly = assemblyOf(sheet);
  const heads = headInstances(sheet, assembly);
  const byPiece = new Map(
    assembly.pieces.map((piece) => [piece.id, instancesOf(sheet, piece.id, piece, heads)]),
  );
  const specOf = new Map(assembly.acts.map((spec) => [spec.act as string, spec]));
  const named = new Set([...specOf.keys(), ...assembly.pieces.flatMap(({ shuts }) => shuts ?? [])]);
  const byAct = new Map(
    ASSEMBLY_ACTS.filter((act) => [...named].some((ref) => headOf(ref) === act)).map((act) => [
      act as string,
      instancesOf(sheet, act, specOf.get(act) ?? {}, heads),
    ]),
  );
  const of = (references: readonly Reference[] | undefined, over: Over): readonly string[] =>
    [...new Set(references)].flatMap((reference) => referred(reference, over, byPiece, byAct));
  const pieces = assembly.pieces.flatMap((piece) =>
    (byPiece.get(piece.id) ?? []).map(({ id, over }): ReachPiece => {
      const others = (list: readonly string[]): readonly string[] =>
        [...new Set(list)].filter((other) => other !== id);
      const lists = {
        restsOn: others(of(piece.restsOn, over)),
        shuts: others([
          ...of(piece.shuts, over),
          ...actsShutBy(piece.id, id, over, assembly, byAct),
        ]),
        eases: others(
          of(
            piece.eases?.map((line) => line.piece),
            over,
          ),
        ),
        onAfter: others(
          of(
            piece.onAfter?.map((line) => line.piece),
            over,
          ),
        ),
        offAfter: others(
          of(
            piece.offAfter?.map((line) => line.piece),
            over,
          ),
        ),
      };
      return {
        id,
        ...Object.fromEntries(Object.entries(lists).filter(([, list]) => list.length > 0)),
      };
    }),
  );
  const instances = [...byPiece.values()].flat();
  const pieceById = new Map(assembly.pieces.map((piece) => [piece.id, piece]));
  return {
    assembly,
    instances,
    actInstances: [...byAct.values()].flat(),
    pieceOf: (instance) => pieceById.get(headOf(instance)),
    pieces,
    acts: [...byAct].flatMap(([act, places]) =>
      places.map(({ id, over }) => {
        const needs = of(specOf.get(act)?.needs, over);
        return { id, ...(needs.length > 0 && { needs }) };
      }),
    ),
  };
});

/** The instances a reference means to one that is over these. */
function referred(
  reference: Reference,
  over: Over,
  ...lists: readonly ReadonlyMap<string, readonly Instance[]>[]
): readonly string[] {
  const places = lists.flatMap((byId) => byId.get(headOf(reference)) ?? []);
  if (isAll(reference)) return places.map(({ id }) => id);
  const meant = isInstance(reference)
    ? places.filter(({ id }) => id === reference)
    : places.filter((other) => shares(over, other.over));
  return meant.map(({ id }) => id);
}

/** Acts that say of themselves that this piece shuts them. */
function actsShutBy(
  piece: string,
  instance: string,
  over: Over,
  { acts }: Assembly,
  byAct: ReadonlyMap<string, readonly Instance[]>,
): readonly string[] {
  return acts.flatMap(({ act, shutBy = [] }) =>
    shutBy.some((reference) => reference === piece || reference === instance)
      ? (byAct.get(act) ?? []).filter((place) => shares(over, place.over)).map(({ id }) => id)
      : [],
  );
}

/** The heads of an engine, by the first piece of that kind; none where heads and cylinders are one. */
export function headInstances(
  sheet: EngineSheet,
  { pieces }: Pick<Assembly, 'pieces'>,
): readonly Instance[] {
  const head = pieces.find(({ kind, per }) => kind === 'head' && per !== 'head');
  return head ? instancesOf(sheet, head.id, head, []) : [];
}

/** What `reach` is asked with, for these targets: references to pieces, instances or acts. */
export function reachInputOf(
  { pieces, acts, assembly, instances, actInstances }: AssemblyGraph,
  targets: readonly Reference[],
): ReachInput {
  const all = [...instances, ...actInstances];
  const expand = (reference: Reference): readonly string[] =>
    isInstance(reference)
      ? [reference]
      : all.filter(({ of }) => of === headOf(reference)).map(({ id }) => id);
  const meant = [...new Set(targets.flatMap(expand))];
  const overBy = new Map(all.map(({ id, over }) => [id, over]));
  const beside = (reference: Reference, target: string): readonly string[] =>
    expand(reference).filter((id) =>
      shares(overBy.get(id) ?? EVERYWHERE, overBy.get(target) ?? EVERYWHERE),
    );
  const ways = assembly.ways.flatMap(({ to, ways: sets }) =>
    expand(to)
      .filter((target) => meant.includes(target))
      .map((target) => {
        const here = sets.map((set) => set.flatMap((reference) => beside(reference, target)));
        return [target, here] as const;
      }),
  );
  return {
    pieces,
    acts,
    targets: meant,
    ...(ways.length > 0 && { ways: Object.fromEntries(ways) }),
  };
}
