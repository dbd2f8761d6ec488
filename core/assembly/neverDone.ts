import { needsWhatIsOff, offBy } from './offBy';
import { reachGraph } from './reachGraph';
import type { ReachInput } from './reachInput';

/** An act, and the piece it needs that has to come off to get at it. */
interface NeverDone {
  readonly act: string;
  readonly needs: string;
}

/**
 * Acts that can never be done: what opens the way to one takes off a piece it needs. Each is tried by itself;
 * one graph serves them all.
 * @param input its ids known and distinct, without circles
 * @example neverDone({ pieces: [{ id: 'cover', shuts: ['set'] }, { id: 'shaft', restsOn: ['cover'] }],
 *   acts: [{ id: 'set', needs: ['shaft'] }] }) // [{ act: 'set', needs: 'shaft' }]
 */
export function neverDone(input: Pick<ReachInput, 'pieces' | 'acts'>): readonly NeverDone[] {
  const graph = reachGraph({ ...input, targets: [] });
  return (input.acts ?? []).flatMap(({ id, needs = [] }) => {
    if (needs.length === 0) return [];
    const asked = { ...input, targets: [id] };
    const off = offBy(asked, graph, new Map());
    const found = needsWhatIsOff(asked, graph, off)?.fault;
    return found?.code === 'needs-what-is-off' ? [{ act: id, needs: found.id }] : [];
  });
}
