import { ofInstance } from '../../../sheet/ofInstance';
import { groupOf } from '../../../sheet/programmeOf';
import type { FastenedSet } from '../../../sheet/spec/fastening';
import { ifAny, readCheck, seenCheck, type Check, type CheckCard } from '../../checks/check';

/** What is done to a bolt hole before its bolt goes in, in order. */
export const HOLE_STEPS = ['chased', 'clean', 'dry', 'runs-down'] as const;
export type HoleStep = (typeof HOLE_STEPS)[number];

/** Sets whose bolts go into holes of block or head that gather dirt and fluid. */
const WITH_HOLES: readonly FastenedSet['kind'][] = ['head', 'cylinder-base', 'main-caps'];

/**
 * The bolt holes of a set and the lengths of its bolts.
 * @param instances those it is asked of; all of the set unless given
 */
export function setChecks(
  set: FastenedSet,
  card: CheckCard,
  instances: readonly string[] = set.instances,
): readonly Check[] {
  const { id, kind } = set;
  const idsOf = (some: FastenedSet['fasteners']): readonly string[] =>
    some.map((entry) => entry.id);
  return instances.flatMap((instance): readonly Check[] => {
    const { fasteners } = ofInstance(set, instance);
    // Those used once are spent, whatever their length.
    const limited = fasteners.filter((fastener) => {
      const group = groupOf(set, fastener);
      return group?.stretchLimit !== undefined && group.uses !== 'one';
    });
    const subject = { set: id, instance };
    const holes = seenCheck(
      { id: `holes/${id}/${instance}`, card, kind: 'holes', items: idsOf(fasteners) },
      { places: HOLE_STEPS, ...subject },
    );
    const lengths = readCheck(
      { id: `lengths/${id}/${instance}`, card, kind: 'lengths', items: idsOf(limited) },
      { floorMm: 0.3, reachMm: [5, 3000] },
      subject,
    );
    return [...(WITH_HOLES.includes(kind) ? [holes] : []), ...ifAny(lengths)];
  });
}
