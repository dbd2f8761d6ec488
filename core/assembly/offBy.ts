import type { ReachGraph, Whole } from './reachGraph';
import type { ReachInput } from './reachInput';

/** For each target that has ways, the pieces of the one that is gone. */
export type Choice = ReadonlyMap<string, readonly string[]>;

/** The wholes that are off when the targets are opened by these ways. */
export function offBy(input: ReachInput, graph: ReachGraph, choice: Choice): ReadonlySet<string> {
  const targets = new Set(input.targets);
  const bySight = new Set([...targets].filter((target) => !choice.has(target)));
  const off = new Set<string>();
  const take = (piece: string): void => void off.add(graph.wholeOf(piece));
  for (const { id } of input.pieces) if (targets.has(id)) take(id);
  for (const way of choice.values()) way.forEach(take);
  const goes = ({ restsOn, shuts, shutsActs }: Whole): boolean =>
    [...restsOn].some((id) => off.has(id)) ||
    // What a way opens is not shut by the rest of what stands over it.
    [...shuts].some((id) => off.has(id) && !choice.has(id)) ||
    [...shutsActs].some((act) => bySight.has(act));
  for (let grew = true; grew;) {
    const more = graph.wholes.filter((whole) => !off.has(whole.id) && goes(whole));
    more.forEach(({ id }) => off.add(id));
    grew = more.length > 0;
  }
  return off;
}

/** The first of these pieces that is off, by itself or with the piece it goes with. */
export function firstOff(
  pieces: readonly string[],
  graph: ReachGraph,
  off: ReadonlySet<string>,
): string | undefined {
  return pieces.find((piece) => off.has(graph.wholeOf(piece)));
}
