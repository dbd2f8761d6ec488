import { oppositeOf } from '../pistons/checks';
import type { SetMember } from '../../../sheet/spec/kit';
import type { CheckKind } from '../../checks/check';
import type { KitItem } from '../../facts/parts';
import type { JobSheet } from '../../scope';

/** What of a matched set is judged by each kind of check. */
const MEMBER_OF: Partial<Readonly<Record<CheckKind, SetMember>>> = {
  bores: 'liner',
  'ring-gaps': 'rings',
  'side-clearances': 'rings',
  masses: 'piston',
  tappets: 'tappet',
};

/** A part found wanting, by the check that found it. */
interface FoundOut {
  readonly kind: CheckKind;
  readonly check: string;
  readonly item: string;
  readonly line: KitItem;
}

/**
 * What inspection condemned, one line for each item: what belongs to a matched set condemns the whole of it, with
 * everything else that was found of the same one.
 * @param found in the order it is inspected
 */
export function byMatchedSets(sheet: JobSheet, found: readonly FoundOut[]): readonly KitItem[] {
  const lines = new Map<string, KitItem>();
  for (const { kind, check, item, line } of found) {
    const member = MEMBER_OF[kind];
    const at = (sheet.renew ?? []).findIndex(
      ({ when, members }) => when === 'matched-set' && member && members?.includes(member),
    );
    const renew = sheet.renew?.[at];
    const cylinders = wholeOf(sheet, Number(item.split('/')[0]));
    if (!renew || cylinders.length === 0) {
      lines.set(line.id, line);
      continue;
    }
    const id = `matched/${at}/${cylinders.join('-')}`;
    const before = lines.get(id)?.condemned?.by ?? [];
    lines.set(id, {
      id,
      part: renew.part,
      when: 'found-out',
      condemned: { cylinders, by: [...before, { check, item }] },
      count: cylinders.length,
      source: renew.source,
    });
  }
  return [...lines.values()];
}

/** The cylinders whose set goes with one: its own, or both of a pair that is matched across the crank. */
function wholeOf(sheet: JobSheet, cylinder: number): readonly number[] {
  if (!sheet.inHand.includes(cylinder)) return [];
  const opposite = oppositeOf(sheet, cylinder);
  return opposite === undefined ? [cylinder] : [cylinder, opposite].sort((a, b) => a - b);
}
