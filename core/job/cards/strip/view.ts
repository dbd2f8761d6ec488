import type { RunView } from '../../run/views';
import type { BoltsCounted } from '../../facts/oldBolts';
import type { FastenedSet, FastenerGroup } from '../../../sheet/spec/fastening';
import { memoizeByObject } from '../../../sheet/memoize';
import { groupOf } from '../../../sheet/programmeOf';
import { seenOf } from '../../checks/state';
import { hasWetLiners, setsInScope, takesPistonsOut, type JobSheet } from '../../scope';
import { STRIP } from '../../slackening';
import type { JobState } from '../../state';
import { runDone, runView } from '../../run/runView';

/** The item that says the liners are out of the block: none is left to lift. */
export const LINERS_OUT = 'liners-out';

/** The slackening runs of a job, last on first off. */
export function stripRuns(sheet: JobSheet, state: JobState, now: string): readonly RunView[] {
  return [...setsInScope(sheet)].reverse().flatMap((set) =>
    set.instances.flatMap((instance) => {
      const view = runView(sheet, { set: set.id, instance, programme: STRIP }, state.runs, now);
      return view ? [view] : [];
    }),
  );
}

/** A part that comes off once its bolts are out. */
export interface Parted {
  readonly item: string;
  readonly set?: string;
  readonly instance?: string;
  /** Its bolts are all out. */
  readonly loose: boolean;
  readonly off: boolean;
}

const PARTS_OFF: readonly FastenedSet['kind'][] = ['head', 'cylinder-base'];

/** Heads and cylinders that come off, and the liners where the scope takes them out. */
export function partedOf(sheet: JobSheet, state: JobState): readonly Parted[] {
  const off = (item: string): boolean => seenOf(state.checks, STRIP, item)?.found === 'good';
  const sets = setsInScope(sheet).filter(({ kind }) => PARTS_OFF.includes(kind));
  const heads = sets.flatMap((set) =>
    set.instances.map((instance) => {
      const item = `off/${set.id}/${instance}`;
      const view = runView(sheet, { set: set.id, instance, programme: STRIP }, state.runs, '');
      const loose = view !== null && runDone(view);
      return { item, set: set.id, instance, loose, off: off(item) };
    }),
  );
  const takesLiners = takesPistonsOut(sheet.scope) && hasWetLiners(sheet);
  if (!takesLiners) return heads;
  const allOff = heads.every((head) => head.off);
  return [...heads, { item: LINERS_OUT, loose: allOff, off: off(LINERS_OUT) }];
}

/** One of them by its item. */
export function partedItem(sheet: JobSheet, state: JobState, item: string): Parted | undefined {
  return partedOf(sheet, state).find((part) => part.item === item);
}

/** Bolts of one kind that came out, to be counted into a bag. */
export interface OldBolts {
  readonly key: string;
  readonly set: FastenedSet;
  readonly group: FastenerGroup;
  /** As many as there are on this job. */
  readonly count: number;
  /** Not to be used again, and kept until the new ones lie beside them. */
  readonly spent: boolean;
}

/** The bolts of the sets in scope, by group: which are spent, and how many there must be. */
export const oldBoltsOf = memoizeByObject((sheet: JobSheet): readonly OldBolts[] =>
  setsInScope(sheet).flatMap((set) =>
    set.groups.map((group) => ({
      key: `${set.id}/${group.id}`,
      set,
      group,
      count:
        set.instances.length *
        set.fasteners.filter((fastener) => groupOf(set, fastener) === group).length,
      spent: group.uses === 'one',
    })),
  ),
);

/** May these go in again? Null while it is not known how often they have been used. */
export function mayBeUsedAgain(
  { group }: OldBolts,
  counted: BoltsCounted | undefined,
): boolean | null {
  if (group.uses === 'one') return false;
  if (group.uses === 'until-limit') return true;
  return counted?.uses === undefined ? null : counted.uses < group.uses.most;
}
