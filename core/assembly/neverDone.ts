import { firstOff, offBy } from './offBy';
import { reachGraph } from './reachGraph';
import type { ReachInput } from './reachInput';

/** An act, and the piece it needs that has to come off to get at it. */
export interface NeverDone {
  readonly act: string;
  readonly needs: string;
}

/**
 * Acts that can never be done: what opens the way to one takes off a piece it needs. Each is tried by itself;
 * one graph serves them all.
 * @param input its ids known and distinct
 * @throws ReckoningFault where pieces wait for each other in a circle
 * @example neverDone({ pieces: [{ id: 'cover', shuts: ['set'] }, { id: 'shaft', restsOn: ['cover'] }],
 *   acts: [{ id: 'set', needs: ['shaft'] }] }) // [{ act: 'set', needs: 'shaft' }]
 */
export function neverDone(input: Pick<ReachInput, 'pieces' | 'acts'>): readonly NeverDone[] {
  const graph = reachGraph({ ...input, targets: [] });
  return (input.acts ?? []).flatMap(({ id, needs = [] }) => {
    if (needs.length === 0) return [];
    const missing = firstOff(needs, graph, offBy({ ...input, targets: [id] }, graph, new Map()));
    return missing === undefined ? [] : [{ act: id, needs: missing }];
  });
}
