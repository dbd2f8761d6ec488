import { cylindersUnder } from '../cylindersUnder';
import { cylindersOf, type EngineSheet } from '../engineSheet';
import { memoizeByObject } from '../memoize';
import { ofInstance } from '../ofInstance';
import type { FastenedSet, SetKind, SheetFastener } from '../spec/fastening';
import type { Reference } from '../spec/reference';
import { assemblyGraph } from './assemblyGraph';
import { assemblyOf } from './assemblyOf';
import { headOf, isAll, isInstance } from './references';
import { EVERYWHERE, overOf, shares } from './over';

/** What sets of each kind clamp on an engine whose sheet has no assembly of its own. */
const USUALLY_CLAMP: Readonly<Record<SetKind, readonly Reference[]>> = {
  head: ['head'],
  'cylinder-base': ['cylinder'],
  'main-caps': ['main-cap'],
  'rod-caps': ['rod-and-piston'],
  rockers: ['rocker-shaft'],
  'cam-caps': ['cam-cap'],
  'injector-clamps': ['injector'],
  manifold: ['inlet-manifold'],
  flywheel: ['flywheel'],
  pulley: ['pulley'],
  'timing-wheels': ['timing-drive', 'cam-drive'],
  cover: [],
};

/** Of the usual pieces of an engine, those that a set of this kind clamps. */
export function usualClamps(
  sheet: EngineSheet,
  { kind }: Pick<FastenedSet, 'kind'>,
): readonly Reference[] {
  const { pieces } = assemblyOf(sheet);
  return USUALLY_CLAMP[kind].filter((id) => pieces.some((piece) => piece.id === id));
}

/** One fastener of one instance of a set, and the instances of pieces that it clamps. */
interface ClampedBy {
  readonly set: string;
  readonly instance: string;
  readonly fastener: string;
  readonly clamps: readonly string[];
}

/**
 * What each fastener clamps. Of a piece named by a set of several instances it is the one of the same
 * place, where there is one; else all that have to do with the cylinders under that instance.
 */
export const clampedBy = memoizeByObject((sheet: EngineSheet): readonly ClampedBy[] =>
  (sheet.fastenedSets ?? []).flatMap((set) =>
    set.instances.flatMap((instance) =>
      ofInstance(set, instance).fasteners.map((fastener) => ({
        set: set.id,
        instance,
        fastener: fastener.id,
        clamps: clampsOf(sheet, set, instance, fastener),
      })),
    ),
  ),
);

/** What a set, or one of its fasteners, says it clamps; at one instance, where that differs. */
export function clampReferences(
  sheet: EngineSheet,
  set: FastenedSet,
  fastener: SheetFastener,
  instance?: string,
): readonly Reference[] {
  const usual = sheet.assembly ? [] : USUALLY_CLAMP[set.kind];
  const here = fastener.clampsAt?.find((entry) => entry.instance === instance)?.clamps;
  return here ?? fastener.clamps ?? set.clamps ?? usual;
}

function clampsOf(
  sheet: EngineSheet,
  set: FastenedSet,
  instance: string,
  fastener: SheetFastener,
): readonly string[] {
  const { instances } = assemblyGraph(sheet);
  const cylinders = cylindersUnder(sheet, set, instance);
  const over =
    cylinders.length === cylindersOf(sheet).length ? EVERYWHERE : overOf(sheet, { cylinders });
  const found = clampReferences(sheet, set, fastener, instance).flatMap((reference) => {
    if (isInstance(reference)) return instances.filter(({ id }) => id === reference);
    const places = instances.filter(({ of }) => of === headOf(reference));
    if (isAll(reference)) return places;
    const own = set.instances.length > 1 && places.find(({ place }) => place === instance);
    return own ? [own] : places.filter((other) => shares(over, other.over));
  });
  return [...new Set(found.map(({ id }) => id))];
}

/** Sets, instance by instance, that clamp a piece that comes off, and the pieces left on that they clamped too. */
interface Unclamped {
  readonly set: string;
  readonly instance: string;
  readonly pieces: readonly string[];
}

/**
 * What stays on and is no longer clamped once these pieces are off: its joint is renewed, it is pulled again
 * whole, or that is accepted.
 * @param off ids of instances
 */
export function unclampedBy(sheet: EngineSheet, off: ReadonlySet<string>): readonly Unclamped[] {
  const loosened = new Map<string, { set: string; instance: string; pieces: Set<string> }>();
  for (const { set, instance, clamps } of clampedBy(sheet)) {
    if (!clamps.some((piece) => off.has(piece))) continue;
    const key = `${set}/${instance}`;
    const entry = loosened.get(key) ?? { set, instance, pieces: new Set<string>() };
    clamps.filter((piece) => !off.has(piece)).forEach((piece) => entry.pieces.add(piece));
    loosened.set(key, entry);
  }
  return [...loosened.values()]
    .filter(({ pieces }) => pieces.size > 0)
    .map(({ set, instance, pieces }) => ({ set, instance, pieces: [...pieces] }));
}
