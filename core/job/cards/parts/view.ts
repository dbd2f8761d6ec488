import { checkViews } from '../../checks/views';
import type { Arrival, Expected, Holds, KitItem, PartHold, PartVerdict } from '../../facts/parts';
import { HELD_BESIDE_SETS, type RenewSpec } from '../../../sheet/spec/kit';
import { fitsLiners, setsInScope, type JobSheet } from '../../scope';
import type { Check } from '../../checks/check';
import type { JobState } from '../../state';
import { jointsToRenew } from './joints';
import { byMatchedSets } from './matched';
import { mayBeUsedAgain, oldBoltsOf } from '../strip/view';

/** What is needed before a job goes together: always renewed, chosen, found out at inspection. */
export function kitOf(sheet: JobSheet, state: JobState): readonly KitItem[] {
  const bolts = oldBoltsOf(sheet).flatMap((old): KitItem[] => {
    const { key, set, group, count } = old;
    return mayBeUsedAgain(old, state.oldBolts[key]) === false
      ? [
          {
            id: `bolts/${key}`,
            part: group.name,
            when: 'always',
            count,
            holds: { card: 'tighten', set: set.id },
            source: group.treatment.source,
          },
        ]
      : [];
  });
  const listed = (sheet.renew ?? []).flatMap(({ part, when, fits, count, source }, place) => {
    // Kept together, and bought only where one of them is condemned.
    if (when === 'matched-set') return [];
    const inScope = fits === undefined || isInScope(sheet, fits);
    // One line for the bolts, by their groups and with their number.
    const boltsOf = setsInScope(sheet).find(({ id, name }) => id === fits && name === part);
    if (!inScope || (boltsOf && bolts.some(({ holds }) => holds?.set === boltsOf.id))) return [];
    return [
      {
        id: `renew/${place}`,
        part,
        when,
        ...(count !== undefined && { count }),
        ...(fits !== undefined && { holds: holdsOf(fits) }),
        ...(isGraded(sheet, when, fits) && { grade: state.gasket?.mark ?? null }),
        source,
      },
    ];
  });
  const joints = jointsToRenew(sheet);
  const renewed: KitItem = {
    id: JOINTS,
    part: '',
    when: 'always',
    joints,
    count: joints.reduce((sum, { count }) => sum + count, 0),
    source: '',
  };
  return [...bolts, ...listed, ...(joints.length > 0 ? [renewed] : []), ...foundOut(sheet, state)];
}

/** The line of all joints that go in new with what goes on again. */
const JOINTS = 'joints';

/** Is this the gasket whose grade is chosen by what the pistons stand out? */
function isGraded(
  { gasket, fastenedSets = [] }: JobSheet,
  when: RenewSpec['when'],
  fits: string | undefined,
): boolean {
  const set = fastenedSets.find(({ id }) => id === fits);
  return when === 'by-measurement' && set?.kind === 'head' && (gasket?.grades ?? []).length > 0;
}

/** What fits liners is renewed where they come out; where they stay undisturbed, so do their seals. */
function isInScope(sheet: JobSheet, fits: string): boolean {
  const card = cardHeld(fits);
  if (card === 'liners') return fitsLiners(sheet);
  return card !== undefined || setsInScope(sheet).some(({ id }) => id === fits);
}

function holdsOf(fits: string): Holds {
  const card = cardHeld(fits);
  return card ? { card } : { card: 'tighten', set: fits };
}

/** The card that waits for a part which belongs to no fastened set. */
function cardHeld(fits: string): (typeof HELD_BESIDE_SETS)[number] | undefined {
  return HELD_BESIDE_SETS.find((card) => card === fits);
}

/** What inspection said is to be replaced. */
function foundOut(sheet: JobSheet, { checks }: JobState): readonly KitItem[] {
  const found = checkViews(sheet, checks).flatMap(({ check, judged }) =>
    judged
      .filter(({ decided }) => decided?.decision === 'replace')
      .map(({ item, decided }) => ({
        kind: check.kind,
        check: check.id,
        item,
        line: {
          id: `found/${check.id}/${item}`,
          part: '',
          found: { check: check.id, item },
          when: 'found-out' as const,
          ...holdsFor(check),
          source: decided?.words ?? '',
        },
      })),
  );
  return byMatchedSets(sheet, found);
}

/** What waits for a part found wanting; nothing where the check that found it waits itself. */
function holdsFor({ set }: Check): { readonly holds?: Holds } {
  return set === undefined ? {} : { holds: { card: 'tighten', set } };
}

export interface KitView {
  readonly item: KitItem;
  readonly arrival: Arrival | undefined;
  /**
   * `to-come` until it has been laid beside the old, `to-choose` while its grade is not known; `right` only when all of it
   * is there, of the grade that was chosen.
   */
  readonly standing: 'to-come' | 'to-choose' | PartVerdict;
  /** When it is to come, as long as it is not here and right. */
  readonly expected?: Expected;
}

export function kitViews(sheet: JobSheet, state: JobState): readonly KitView[] {
  return kitOf(sheet, state).map((item) => {
    const arrival = state.parts.arrived[item.id];
    const short =
      arrival?.verdict === 'right' && item.count !== undefined && arrival.count < item.count;
    const standing = !arrival ? toCome(item, state) : short ? 'missing' : verdictOf(item, arrival);
    const expected = standing === 'right' ? undefined : state.parts.expected[item.id];
    return { item, arrival, standing, ...(expected && { expected }) };
  });
}

/** Its grade is waited for where the pistons are measured for it; elsewhere whoever buys it knows. */
function toCome({ grade }: KitItem, { leftOut }: JobState): 'to-come' | 'to-choose' {
  return grade === null && !leftOut['stand-out'] ? 'to-choose' : 'to-come';
}

/** As it was said; of another grade than the one chosen since, it is wrong. */
function verdictOf({ grade }: KitItem, arrival: Arrival): PartVerdict {
  const isOther = grade && arrival.grade !== undefined && arrival.grade !== grade;
  return arrival.verdict === 'right' && isOther ? 'wrong' : arrival.verdict;
}

/** What keeps a card from being worked on: only what cannot be done without. */
export function heldUpBy(sheet: JobSheet, state: JobState, holds: Holds): readonly PartHold[] {
  const same = (entry: Holds | null | undefined): boolean =>
    entry?.card === holds.card && (entry.set ?? null) === (holds.set ?? null);
  const parts = kitViews(sheet, state).flatMap(({ item, standing, expected }): PartHold[] => {
    if (!same(item.holds) || standing === 'right') return [];
    // Where nobody keeps the list, only what was said to be wrong holds anything up.
    const unsaid = item.when === 'if-worn' || state.leftOut.parts !== undefined;
    if ((standing === 'to-come' || standing === 'to-choose') && unsaid) return [];
    return [
      {
        what: item.part,
        ...(item.found && { found: item.found }),
        code: standing,
        ...(expected && { expected: expected.on }),
      },
    ];
  });
  const outside = state.parts.outside.flatMap(({ what, holds: held, back }): PartHold[] => {
    if (!same(held) || back?.washed) return [];
    return [{ what, code: back ? 'unwashed' : 'outside' }];
  });
  return [...parts, ...outside];
}
