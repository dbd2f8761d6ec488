import { UNREAD, type CheckState, type ChecksState, type Decided } from '../facts/checks';
import { memoizeByObject } from '../../sheet/memoize';
import { holdsFor, memoOf, type Memo } from '../kit/memo';
import { worstOf } from '../../quantity/limitVerdict';
import { farFromFellows } from '../../quantity/farFromFellows';
import { decidedOf, readingOf, seenOf, weightOf, WHOLE } from './state';
import type { JobSheet } from '../scope';
import { THICKNESS } from '../cards/inspect/checks';
import { readingAboveNew, type AboveNew } from './aboveNew';
import type { Check } from './check';
import { findingOf, type CheckFinding } from './findings';

/** How an item stands; `no-limit` where it is measured and the sheet gives nothing to hold it against. */
export type ItemVerdict = 'unread' | 'within' | 'out' | 'no-limit';

export interface ItemView {
  readonly item: string;
  readonly verdict: ItemVerdict;
  readonly finding: CheckFinding | null;
  /** A reading thicker than a new part is. */
  readonly aboveNew: AboveNew | null;
  readonly decided: Decided | undefined;
}

export interface CheckView {
  readonly check: Check;
  /** Places read or ticked, and how many there are. */
  readonly read: number;
  readonly total: number;
  /** The check as a whole first where it is judged as one, else each item. */
  readonly judged: readonly ItemView[];
  /** Judged out, and nobody has decided what is done about it. */
  readonly undecided: readonly ItemView[];
  /** Everything read, and whatever is out decided. */
  readonly done: boolean;
}

/**
 * Where one check stands. Asked for at every act, of every check of a job: what is known of one is worked
 * out again only where it, or another check it is held against, has moved on.
 * @param check one of the sheet's own
 */
export function checkView(sheet: JobSheet, state: ChecksState, check: Check): CheckView {
  const own = state[check.id] ?? UNREAD;
  const known = viewsOf(check);
  const before = known.get(own);
  if (before && holdsFor(before, state)) return before.result;
  const view = memoOf(state, (checks) => viewOf(sheet, checks, check));
  known.set(own, view);
  return view.result;
}

/** By how a check itself stands: jobs on the same sheet have it in common. */
const viewsOf = memoizeByObject((_: Check) => new WeakMap<CheckState, Memo<CheckView>>());

function viewOf(sheet: JobSheet, state: ChecksState, check: Check): CheckView {
  const slots = check.items.flatMap((item) => check.places.map((place) => ({ item, place })));
  const read = slots.filter(({ item, place }) => isTaken(state, check, item, place)).length;
  const asWhole = check.kind === 'flatness' || check.kind === 'masses';
  const judged = (asWhole ? [WHOLE] : check.items).map((item): ItemView => {
    const finding = findingOf(sheet, state, check, item);
    const aboveNew = readingAboveNew(sheet, state, check, item);
    return {
      item,
      verdict: aboveNew ? 'out' : verdictOf(state, check, item, finding),
      finding,
      aboveNew,
      decided: decidedOf(state, check.id, item),
    };
  });
  // What goes together again is put right and measured anew: only what stands all the same is done.
  const settled = (decided: Decided | undefined): boolean =>
    check.card === 'inspect' ? decided !== undefined : decided?.decision === 'keep';
  const undecided = judged.filter(({ verdict, decided }) => verdict === 'out' && !settled(decided));
  return {
    check,
    read,
    total: slots.length,
    judged,
    undecided,
    done: read === slots.length && undecided.length === 0,
  };
}

/** Was the clearance itself read: one is all there is of it. */
function isReadDirect(state: ChecksState, { id, places }: Check, item: string): boolean {
  return places.some((place) => readingOf(state, id, item, place)?.direct === true);
}

/** Was it said not to apply to this engine? */
function isNotHere(state: ChecksState, check: Check, item: string, place: string): boolean {
  return seenOf(state, check.id, item, place)?.found === 'not-here';
}

/** A look that found something not good is taken; so is a hole's step that would not come good. */
export function isTaken(state: ChecksState, check: Check, item: string, place: string): boolean {
  if (isNotHere(state, check, item, place)) return true;
  switch (check.way) {
    case 'read':
      return (
        readingOf(state, check.id, item, place) !== undefined || isReadDirect(state, check, item)
      );
    case 'weighed':
      return weightOf(state, check.id, item) !== undefined;
    case 'seen':
      return seenOf(state, check.id, item, place) !== undefined;
  }
}

function verdictOf(
  state: ChecksState,
  check: Check,
  item: string,
  finding: CheckFinding | null,
): ItemVerdict {
  if (check.way === 'seen') {
    // An old shell goes out whatever it looks like: it is evidence, and nothing is decided about it.
    if (check.kind === 'shells-found') return seenOf(state, check.id, item) ? 'within' : 'unread';
    const seen = check.places.map((place) => seenOf(state, check.id, item, place));
    if (seen.some((entry) => entry?.found === 'not-good')) return 'out';
    return seen.every((each) => each !== undefined) ? 'within' : 'unread';
  }
  if (!finding) {
    const all = check.places.every((place) => isTaken(state, check, item, place));
    return all && item !== WHOLE ? 'no-limit' : 'unread';
  }
  return ofFinding(finding);
}

function ofFinding(finding: CheckFinding): ItemVerdict {
  switch (finding.kind) {
    case 'flatness':
      return { reuse: 'within', measure: 'unread', resurface: 'out', replace: 'out' }[
        finding.found.verdict
      ] as ItemVerdict;
    case 'bores':
      return outIf(finding.found.overall === 'over', finding.found.overall === 'no-limit');
    case 'journals': {
      const { found, ovality } = finding;
      const out = found.verdict === 'grind' || found.verdict === 'replace' || ovality === 'over';
      return outIf(out, found.verdict === 'no-limit');
    }
    case 'clearances': {
      const { smallest, largest } = finding.found;
      const both = [smallest, largest];
      return outIf(
        both.includes('tight') || both.includes('loose'),
        both.every((entry) => entry === 'no-limit'),
      );
    }
    case 'end-float': {
      const { verdict } = finding.found;
      return outIf(verdict === 'tight' || verdict === 'loose', verdict === 'no-limit');
    }
    case 'rings': {
      const { thickness, spread } = finding.found;
      return outIf(thickness === 'under' || spread === 'over', false);
    }
    case 'ring-gaps': {
      const { verdict } = finding.found;
      return outIf(verdict !== 'within' && verdict !== 'no-limit', verdict === 'no-limit');
    }
    case 'side-clearances':
    case 'rod-floats':
    case 'stand-outs': {
      const { verdict } = finding.found;
      return outIf(verdict === 'tight' || verdict === 'loose', verdict === 'no-limit');
    }
    case 'masses': {
      const { found, opposed } = finding;
      const verdict =
        opposed.length > 0 ? worstOf(opposed.map((pair) => pair.verdict)) : found.verdict;
      return outIf(verdict === 'over', verdict === 'no-limit');
    }
    case 'mass-beside':
      return outIf(finding.found.verdict === 'over', finding.found.verdict === 'no-limit');
    case 'wheel-line':
      return outIf(finding.found.verdict !== 'within', false);
    case 'lengths':
      return outIf(finding.found.verdict === 'over', finding.found.verdict === 'no-limit');
  }
}

function outIf(out: boolean, noLimit: boolean): ItemVerdict {
  if (out) return 'out';
  return noLimit ? 'no-limit' : 'within';
}

/** May what is out be worked on, or can it only be replaced? */
export function canBeReworked({ kind, found }: CheckFinding): boolean {
  switch (kind) {
    case 'flatness':
      return found.verdict === 'resurface';
    case 'journals':
      return found.verdict !== 'replace' && found.nextStepMm !== null;
    case 'bores':
      return found.oversizeMm !== null;
    case 'lengths':
    case 'rings':
      return false;
    case 'ring-gaps':
      return found.verdict === 'file';
    case 'wheel-line':
      return true;
    case 'side-clearances':
    case 'rod-floats':
    case 'stand-outs':
      return false;
    case 'clearances':
    case 'end-float':
    case 'mass-beside':
    case 'masses':
      return true;
  }
}

/**
 * Does a reading lie far from its fellows: the same place of the other items, or the other places of
 * a thing that is alone?
 */
export function isFar(
  state: ChecksState,
  check: Check,
  slot: { readonly item: string; readonly place: string },
  mm: number,
): boolean {
  const fellows = check.items.flatMap((item) =>
    check.places.flatMap((place) => {
      if (item === slot.item && place === slot.place) return [];
      // A head's thickness is no fellow of the gaps under the straightedge.
      if ((item === THICKNESS) !== (slot.item === THICKNESS)) return [];
      const reading = readingOf(state, check.id, item, place);
      return reading ? [reading.mm] : [];
    }),
  );
  return farFromFellows(mm, fellows, check.floorMm);
}
