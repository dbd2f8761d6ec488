import { coverCrank, type CoverCrank } from '../../../crank/coverCrank';
import { cylindersUnder } from '../../../sheet/cylindersUnder';
import { headCrankPlace, hiddenLines } from '../../../sheet/assembly/pieceLines';
import { firingOf } from '../../../sheet/overheadOf';
import { memoizeByObject } from '../../../sheet/memoize';
import type { HidesSpec } from '../../../sheet/spec/assembly';
import type { FastenedSet } from '../../../sheet/spec/fastening';
import { seenCheck, type Check } from '../../checks/check';
import { decidedOf, seenOf } from '../../checks/state';
import { checkView, type CheckView } from '../../checks/view';
import { CRANK_STANDS } from '../../facts/crank';
import { setsInScope, type JobSheet } from '../../scope';
import type { JobState } from '../../state';
import { SWEEP_AFTER_MS } from '../../run/runState';

/*
 * A head goes on: a last look at what it hides, the crank where it must stand, then on, and flush all
 * round before the first pull.
 */

/** At which step it is let down. */
export const LET_DOWN = 'let-down';

const COVER_STEPS = [
  CRANK_STANDS,
  'faces',
  'gasket-way',
  'sealing-ring',
  'studs',
  'own-holes',
  'sealant',
  'tackle',
  LET_DOWN,
  'flush',
] as const;
type CoverStep = (typeof COVER_STEPS)[number];

/** What is always looked for before something is covered. */
export const ALWAYS_HIDDEN = ['nothing-left', 'dowels'] as const;

/** What a set hides, by the sheet: everything that the pieces it clamps shut over. */
export function hiddenUnder(
  sheet: JobSheet,
  { clamps = [] }: Pick<FastenedSet, 'clamps'>,
): readonly { readonly item: string; readonly line: HidesSpec }[] {
  return hiddenLines(sheet, clamps).map((line, at) => ({ item: `hides-${at}`, line }));
}

/** The two checks of one head: what it hides, and how it goes on. */
function coveringChecks(sheet: JobSheet, set: FastenedSet, instance: string): readonly Check[] {
  const entry = { set: set.id, instance };
  const named = (kind: 'last-look' | 'head-on', items: readonly string[]) => ({
    id: `${kind}/${set.id}/${instance}`,
    card: 'tighten' as const,
    kind,
    items,
  });
  return [
    seenCheck(
      named('last-look', [...ALWAYS_HIDDEN, ...hiddenUnder(sheet, set).map(({ item }) => item)]),
      entry,
    ),
    seenCheck(named('head-on', [instance]), {
      ...entry,
      places: COVER_STEPS.filter((step) => asksFor(sheet, set, step)),
      byItem: true,
      turnsCrank: true,
      turnsAt: [CRANK_STANDS],
    }),
  ];
}

function asksFor(sheet: JobSheet, set: FastenedSet, step: CoverStep): boolean {
  const { gasket, sealingRing } = sheet;
  switch (step) {
    case CRANK_STANDS:
      return (headCrankPlace(sheet)?.stands ?? 'anywhere') !== 'anywhere';
    case 'gasket-way':
      return gasket?.lies !== undefined || gasket?.dressing !== undefined;
    case 'sealing-ring':
      return sealingRing !== undefined;
    case 'studs':
      return set.groups.some(({ sort }) => sort === 'stud');
    case 'own-holes':
      return new Set(set.groups.map(({ length }) => length?.text)).size > 1;
    case 'sealant':
      return set.groups.some(
        ({ hole, treatment }) => hole === 'coolant' || treatment.kind === 'sealant',
      );
    case 'faces':
    case 'tackle':
    case LET_DOWN:
    case 'flush':
      return true;
  }
}

/** Everything that is looked at as heads go on, head by head. */
export const allCoveringChecks = memoizeByObject((sheet: JobSheet): readonly Check[] => {
  return setsInScope(sheet)
    .filter(({ kind }) => kind === 'head')
    .flatMap((set) => set.instances.flatMap((instance) => coveringChecks(sheet, set, instance)));
});

/** How far one head is from being ready for its first pull. */
export interface CoveringView {
  readonly looked: CheckView;
  readonly on: CheckView;
  /** The crank was placed, and has been left since: it is proved again before the head is let down. */
  readonly crankAgain: boolean;
  /** What to go on with; null once the head is on and flush. */
  readonly next: CheckView | null;
}

/**
 * Where one head stands before its first pull.
 * @param now ISO time; a pause after the crank was placed leaves it in doubt
 * @returns null where this job does not ask: heads said to be on already, other sets
 */
export function coveringView(
  sheet: JobSheet,
  state: JobState,
  { set, instance }: { readonly set: string; readonly instance: string },
  now: string,
): CoveringView | null {
  if (state.leftOut.covering) return null;
  const members = allCoveringChecks(sheet).filter(
    (check) => check.set === set && check.instance === instance,
  );
  const [looked, on] = members.map((check) => checkView(sheet, state.checks, check));
  if (!looked || !on) return null;
  const crankAgain = crankInDoubt(state, on.check, now);
  const next = !looked.done ? looked : !on.done || crankAgain ? on : null;
  return { looked, on, crankAgain, next };
}

/** Placed, not yet let down upon, and since then turned, doubted, or left for long. */
function crankInDoubt({ checks, crank }: JobState, check: Check, now: string): boolean {
  const [item = ''] = check.items;
  const placed = seenOf(checks, check.id, item, CRANK_STANDS);
  if (placed?.found !== 'good' || seenOf(checks, check.id, item, LET_DOWN)) return false;
  if (Date.parse(now) - Date.parse(placed.at) > SWEEP_AFTER_MS) return true;
  return crank.movedSeq !== null && crank.movedSeq > placed.seq;
}

/** The steps that come before one and do not stand yet: not taken, or found not good and not let stand. */
export function stepsBefore(state: JobState, check: Check, step: string): readonly string[] {
  const [item = ''] = check.items;
  const at = check.places.indexOf(step);
  const letStand = decidedOf(state.checks, check.id, item)?.decision === 'keep';
  return check.places.slice(0, at).filter((place) => {
    const seen = seenOf(state.checks, check.id, item, place);
    const isDone = seen?.found === 'good' || seen?.found === 'not-here';
    return !isDone && !(seen && letStand);
  });
}

/** Where the crank stands for a head to go on; null where it may stand anywhere. */
export function crankForCover(
  sheet: JobSheet,
  { set, instance }: { readonly set?: string; readonly instance?: string },
): CoverCrank | null {
  const place = headCrankPlace(sheet);
  if (!place) return null;
  const fastened = sheet.fastenedSets?.find(({ id }) => id === set);
  const [cylinder, ...others] = cylindersUnder(sheet, fastened, instance ?? '');
  const alone = others.length === 0 ? (cylinder ?? null) : null;
  return coverCrank(place.stands, firingOf(sheet), alone);
}
