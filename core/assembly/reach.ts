import { ReckoningFault } from '../quantity/reckoningFault';
import { checkReach } from './checkReach';
import { inOrder } from './inOrder';
import { firstOff, offBy, type Choice } from './offBy';
import { reachGraph, type ReachGraph, type Whole } from './reachGraph';
import type { Because, Reach, ReachInput, ReachWay } from './reachInput';

/** The most combinations of ways that are compared. */
const MOST_CHOICES = 1024;

/**
 * What has to come off an engine to get at something, and in which order it comes off and goes back on.
 *
 * A piece is off when it is a target, when it rests on or shuts a piece that is off, or when it shuts a
 * targeted act; nothing else is off (the least such set). Of several that could be next, either way, the
 * first in list order is. Kept pieces go as one with the piece they are on, under its id. Where a target
 * has ways, one of them opens it in place of all that shut it: the one with the fewest pieces off, the
 * first listed of equals; a caller who has chosen gives that one alone.
 * @param input pieces in list order; ids as the caller names them
 * @throws ReckoningFault on ids that are unknown or stand twice, on pieces that wait for each other in a
 *   circle (the shortest, `circle`), on an act that needs what comes off (`needs-what-is-off`), on a piece
 *   kept that must come off or rests on what stays, on ways beyond comparing
 * @example reach({ pieces: [{ id: 'shaft' }, { id: 'cover', shuts: ['set'] }], acts: [{ id: 'set' }],
 *   targets: ['set'] }) // off: [{ id: 'cover', because: ['set'] }], order: ['cover'], back: ['cover']
 * @source the least fixed point of "must come off before", and list order among what is free: ours
 */
export function reach(input: ReachInput): Reach {
  checkReach(input);
  const graph = reachGraph(input);
  const { choice, off, ways } = chosen(input, graph);
  requireKeptToGo(input, graph, off);
  const listed = graph.wholes.filter(({ id }) => off.has(id));
  const ids = listed.map(({ id }) => id);
  return {
    off: listed.map((whole) => ({
      id: whole.id,
      because: reasons(whole, input, graph, { off, choice }),
    })),
    eased: easedBy(graph, listed, off),
    order: inOrder(ids, graph.offBefore),
    back: inOrder(ids, graph.onBefore),
    ...(ways.length > 0 && { ways }),
  };
}

/** The ways with the fewest pieces off, what is off then, and what each of the others would cost. */
function chosen(
  input: ReachInput,
  graph: ReachGraph,
): { choice: Choice; off: ReadonlySet<string>; ways: readonly ReachWay[] } {
  const open = Object.entries(input.ways ?? {});
  const count = open.reduce((product, [, sets]) => product * sets.length, 1);
  if (count > MOST_CHOICES)
    throw new ReckoningFault('ways', 'too-many-ways', { most: MOST_CHOICES });
  let best: { choice: Choice; off: ReadonlySet<string> } | null = null;
  let refused: ReckoningFault | null = null;
  for (const choice of choices(open)) {
    const off = offBy(input, graph, choice);
    const fault = needsWhatIsOff(input, graph, off);
    if (fault) refused ??= fault;
    else if (!best || off.size < best.off.size) best = { choice, off };
  }
  if (!best) throw refused ?? new ReckoningFault('ways', 'empty');
  const { choice, off } = best;
  const ways = open.flatMap(([target, sets]) =>
    sets.flatMap((pieces): ReachWay[] => {
      const byThis = offBy(input, graph, new Map([...choice, [target, pieces]]));
      if (needsWhatIsOff(input, graph, byThis)) return [];
      return [{ target, pieces, off: byThis.size, chosen: choice.get(target) === pieces }];
    }),
  );
  return { choice, off, ways };
}

/** Every combination of one way for each target, in the order they are listed. */
function choices(open: readonly (readonly [string, readonly (readonly string[])[]])[]): Choice[] {
  return open.reduce<Choice[]>(
    (all, [target, sets]) =>
      all.flatMap((choice) => sets.map((way) => new Map([...choice, [target, way]]))),
    [new Map()],
  );
}

/** The first targeted act that needs a piece which is off; null where each has what it needs. */
function needsWhatIsOff(
  { targets, acts = [] }: ReachInput,
  graph: ReachGraph,
  off: ReadonlySet<string>,
): ReckoningFault | null {
  for (const [place, target] of targets.entries()) {
    const needs = acts.find(({ id }) => id === target)?.needs ?? [];
    const missing = firstOff(needs, graph, off);
    if (missing !== undefined)
      return new ReckoningFault(`targets[${place}]`, 'needs-what-is-off', { id: missing });
  }
  return null;
}

function requireKeptToGo(
  { keep = [], pieces }: ReachInput,
  graph: ReachGraph,
  off: ReadonlySet<string>,
): void {
  keep.forEach(({ id }, place) => {
    if (!off.has(graph.wholeOf(id))) return;
    const stays = pieces
      .find((piece) => piece.id === id)
      ?.restsOn?.find((other) => !off.has(graph.wholeOf(other)));
    if (stays !== undefined)
      throw new ReckoningFault(`keep[${place}]`, 'kept-rests-on-what-stays', { id: stays });
  });
}

/** The pieces off that it rests on or shuts, then the targets that it shuts or whose way it is of. */
function reasons(
  whole: Whole,
  input: ReachInput,
  graph: ReachGraph,
  { off, choice }: { readonly off: ReadonlySet<string>; readonly choice: Choice },
): readonly string[] {
  // A way may name a piece that goes as one with another.
  const opens = (target: string): boolean =>
    choice.get(target)?.some((piece) => graph.wholeOf(piece) === whole.id) ??
    whole.shutsActs.has(target);
  const pieces = input.pieces.filter(
    ({ id }) =>
      off.has(id) &&
      id !== whole.id &&
      (whole.restsOn.has(id) ||
        (whole.shuts.has(id) && !choice.has(id)) ||
        (choice.has(id) && opens(id))),
  );
  const acts = (input.acts ?? []).filter(({ id }) => input.targets.includes(id) && opens(id));
  return [...pieces, ...acts].map(({ id }) => id);
}

function easedBy(
  graph: ReachGraph,
  listed: readonly Whole[],
  off: ReadonlySet<string>,
): readonly Because[] {
  return graph.wholes.flatMap(({ id }) => {
    if (off.has(id)) return [];
    const because = listed.filter(({ eases }) => eases.has(id)).map((whole) => whole.id);
    return because.length > 0 ? [{ id, because }] : [];
  });
}
