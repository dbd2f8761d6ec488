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
  /** The instances that references mean to one that is over these; all of them when it is over everything. */
  readonly meant: (references?: readonly Reference[], over?: Over) => readonly string[];
  /** Ready for `reach`, but for targets. */
  readonly pieces: readonly ReachPiece[];
  readonly acts: readonly ReachAct[];
}

/**
 * The assembly of a sheet, instance by instance. An instance has to do with those of another that share a
 * valve, a cylinder or a bearing with it, and with all where either is over nothing in particular; a
 * reference to one instance (`head/2`) means that one, and `head/*` all of them. References to nothing are
 * left out here: `checkSheet` names them.
 */
export const assemblyGraph = memoizeByObject((sheet: EngineSheet): AssemblyGraph => {
  const assembly = assemblyOf(sheet);
  const heads = headInstances(sheet, assembly);
  const instances = assembly.pieces.flatMap((piece) => instancesOf(sheet, piece.id, piece, heads));
  const named = new Set([
    ...assembly.acts.map(({ act }) => act as string),
    ...assembly.pieces.flatMap(({ shuts = [] }) => shuts.map(headOf)),
  ]);
  const specOf = (act: string) => assembly.acts.find((spec) => spec.act === act);
  const actInstances = ASSEMBLY_ACTS.filter((act) => named.has(act)).flatMap((act) =>
    instancesOf(sheet, act, specOf(act) ?? {}, heads),
  );
  const byName = new Map<string, Instance[]>();
  for (const instance of [...instances, ...actInstances]) {
    const alike = byName.get(instance.of);
    if (alike) alike.push(instance);
    else byName.set(instance.of, [instance]);
  }
  const meant = (references: readonly Reference[] = [], over: Over = EVERYWHERE) => [
    ...new Set(references.flatMap((reference) => referred(reference, over, byName))),
  ];
  const shutters = actInstances.map(({ id, of, over }) => ({
    act: id,
    by: new Set(meant(specOf(of)?.shutBy, over)),
  }));
  const pieceById = new Map(assembly.pieces.map((piece) => [piece.id, piece]));
  const pieceOf = (instance: string): Piece | undefined => pieceById.get(headOf(instance));
  return {
    assembly,
    instances,
    actInstances,
    pieceOf,
    meant,
    pieces: instances.map(({ id, over }): ReachPiece => {
      const { restsOn, shuts, eases, onAfter, offAfter } = pieceOf(id) ?? {};
      const ofThemselves = shutters.filter(({ by }) => by.has(id)).map(({ act }) => act);
      const lines = (list: readonly { readonly piece: Reference }[] = []) =>
        meant(
          list.map(({ piece }) => piece),
          over,
        );
      const lists = {
        restsOn: meant(restsOn, over),
        shuts: [...new Set([...meant(shuts, over), ...ofThemselves])],
        eases: lines(eases),
        onAfter: lines(onAfter),
        offAfter: lines(offAfter),
      };
      const others = Object.entries(lists).map(
        ([field, list]) => [field, list.filter((other) => other !== id)] as const,
      );
      return { id, ...Object.fromEntries(others.filter(([, list]) => list.length > 0)) };
    }),
    acts: actInstances.map(({ id, of, over }) => {
      const needs = meant(specOf(of)?.needs, over);
      return { id, ...(needs.length > 0 && { needs }) };
    }),
  };
});

/** The instances a reference means to one that is over these. */
function referred(
  reference: Reference,
  over: Over,
  byName: ReadonlyMap<string, readonly Instance[]>,
): readonly string[] {
  const places = byName.get(headOf(reference)) ?? [];
  const meant = isAll(reference)
    ? places
    : isInstance(reference)
      ? places.filter(({ id }) => id === reference)
      : places.filter((other) => shares(over, other.over));
  return meant.map(({ id }) => id);
}

/** The heads of an engine, by the first piece of that kind; none where heads and cylinders are one. */
export function headInstances(
  sheet: EngineSheet,
  { pieces }: Pick<Assembly, 'pieces'>,
): readonly Instance[] {
  const head = pieces.find(({ kind, per }) => kind === 'head' && per !== 'head');
  return head ? instancesOf(sheet, head.id, head, []) : [];
}

/**
 * What `reach` is asked with, for these targets: references to pieces, instances or acts.
 * @param keep instances that go as one with another
 */
export function reachInputOf(
  graph: AssemblyGraph,
  targets: readonly Reference[],
  keep: NonNullable<ReachInput['keep']> = [],
): ReachInput {
  const { pieces, acts, assembly, instances, actInstances, meant } = graph;
  const asked = meant(targets);
  const overOf = new Map([...instances, ...actInstances].map(({ id, over }) => [id, over]));
  const ways = assembly.ways.flatMap(({ to, ways: sets }) =>
    meant([to])
      .filter((target) => asked.includes(target))
      .map((target) => [target, sets.map((set) => meant(set, overOf.get(target)))] as const),
  );
  return {
    pieces,
    acts,
    targets: asked,
    ...(keep.length > 0 && { keep }),
    ...(ways.length > 0 && { ways: Object.fromEntries(ways) }),
  };
}
