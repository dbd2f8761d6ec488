import type { RegisterState, TemporaryPart } from '../../facts/register';
import type { ChecksState } from '../../facts/checks';
import { marksReturn } from '../../../crank/marksReturn';
import { memoizeByObject } from '../../../sheet/memoize';
import type { FastenedSet } from '../../../sheet/spec/fastening';
import { GAP_REACH, readCheck, seenCheck, type Check } from '../../checks/check';
import { checkView } from '../../checks/view';
import { seenOf } from '../../checks/state';
import { runDone, runView } from '../../run/runView';
import { setsInScope, timesEngine, type JobSheet } from '../../scope';
import type { JobState } from '../../state';

/*
 * Setting the timing: wheels in line, marks to marks, pins in, wheels nipped and pulled, pins out, the
 * tensioner's own pin last, then two turns by hand and the marks again.
 */

const WHEEL_LINE = 'wheel-line';
export const MARKS_SET = 'marks-set';
export const MARKS_CHECKED = 'marks-checked';
export const TWO_TURNS = 'two-turns';
export const MARKS_PROVED = 'marks-proved';

/** Where the line of the wheels is read: a wheel that is not square is in line at one place only. */
const LINE_PLACES = ['first', 'third', 'two-thirds'] as const;
/** Stands for the marks where none of them comes round in two turns. */
export const TOP_AGAIN = 'top';
/** What a timing pin, or the tensioner's, is called in the register. */
const TENSIONER_PIN = 'Pin of the tensioner';
const WHERE = 'timing drive';

/** A mark among the items of a check: "mark-2". */
function markItem(place: number): string {
  return `mark-${place}`;
}

/** What a mark's item says, as the sheet words it. */
export function markSays({ timing }: JobSheet, item: string): string | undefined {
  return timing?.marks[Number(item.slice('mark-'.length)) - 1];
}

/** Turns of the crank until each mark stands as it stood; null where wheels or place are not known. */
export const marksComeBack = memoizeByObject(
  ({ timing }: JobSheet): ReadonlyMap<string, number | null> =>
    new Map(
      (timing?.marks ?? []).map((_, index) => {
        const item = markItem(index + 1);
        const [crank, ...wheels] = timing?.wheels ?? [];
        const places = timing?.markPlaces?.filter(({ mark }) => mark === index + 1) ?? [];
        const onLink = places.some((place) => place.onLink);
        if (!crank || places.length === 0 || (onLink && timing?.links === undefined)) {
          return [item, null];
        }
        const named = places.flatMap(({ wheel, meets }) => (meets ? [wheel, meets] : [wheel]));
        const { allTurns } = marksReturn({
          crankTeeth: crank.teeth,
          wheels,
          ...(timing?.links !== undefined && { links: timing.links }),
          marks: [{ id: item, wheels: named.filter((id) => id !== crank.id), onLink }],
        });
        return [item, allTurns];
      }),
    ),
);

/** The marks that are looked for after two turns: those that come round by then. */
function provedItems(sheet: JobSheet): readonly string[] {
  const back = [...marksComeBack(sheet)]
    .filter(([, turns]) => turns === null || turns <= 2)
    .map(([item]) => item);
  return back.length > 0 ? back : [TOP_AGAIN];
}

/** Wheels that are bolted on while the pins are in. */
function timingSets(sheet: JobSheet): readonly FastenedSet[] {
  return setsInScope(sheet).filter(({ kind }) => kind === 'timing-wheels');
}

/** What is read and looked at of the timing. */
export function timingChecks(sheet: JobSheet): readonly Check[] {
  const { timing } = sheet;
  if (!timing || !timesEngine(sheet)) return [];
  const marks = timing.marks.map((_, index) => markItem(index + 1));
  const card = 'timing' as const;
  const seen = (id: string, items: readonly string[], more: Partial<Check> = {}): Check[] =>
    items.length > 0 ? [seenCheck({ id, card, kind: 'timing', items }, more)] : [];
  const holdsBack = timing.tensioner !== undefined || timingSets(sheet).length > 0;
  return [
    ...(timing.line
      ? [
          readCheck(
            { id: WHEEL_LINE, card, kind: 'wheel-line', items: ['line'] },
            { floorMm: 0.2, reachMm: [-GAP_REACH[1], GAP_REACH[1]] },
            { places: LINE_PLACES, turnsCrank: true },
          ),
        ]
      : []),
    ...seen(MARKS_SET, marks),
    ...(holdsBack ? seen(MARKS_CHECKED, marks) : []),
    ...seen(TWO_TURNS, ['turned'], { turnsCrank: true }),
    ...seen(MARKS_PROVED, provedItems(sheet)),
  ];
}

export type TimingStep = { readonly key: string; readonly done: boolean } & (
  | { readonly kind: 'line'; readonly check: Check }
  | { readonly kind: 'look'; readonly check: Check; readonly item: string }
  | { readonly kind: 'pin-in' | 'tensioner-in'; readonly what: string }
  /** Null where it never was put in, as far as the register knows. */
  | {
      readonly kind: 'pin-out' | 'tensioner-out';
      readonly what: string;
      readonly part: TemporaryPart | null;
    }
  | { readonly kind: 'pull'; readonly set: FastenedSet }
);

export interface TimingView {
  readonly steps: readonly TimingStep[];
  /** The first that is not done; null when all are. */
  readonly next: TimingStep | null;
  readonly doneCount: number;
  /** The mark, or the turn, that came out wrong since: all is set anew. */
  readonly failed: { readonly item: string; readonly words: string } | null;
}

/** How a timing pin, or the tensioner's, is put down in the register. */
export function pinAsTemporaryPart(
  what: string,
  kind: 'pin-in' | 'tensioner-in',
): Pick<TemporaryPart, 'kind' | 'what' | 'where' | 'bars'> {
  // A crank turned against a timing pin bends it; a tensioner held back lets the chain jump at the start.
  return { kind: 'pin', what, where: WHERE, bars: kind === 'pin-in' ? 'turn' : 'start' };
}

/**
 * Where the timing stands, step by step.
 * @returns null on a job that does not take the timing apart
 */
export function timingView(sheet: JobSheet, state: JobState): TimingView | null {
  const { timing } = sheet;
  const checks = timingChecks(sheet);
  if (!timing || checks.length === 0) return null;
  const failed = lastFailed(state.checks, checks);
  const since = failed?.seq ?? -Infinity;
  const look = (id: string): TimingStep[] =>
    checks
      .filter((check) => check.id === id)
      .flatMap((check) =>
        check.items.map((item) => {
          const seen = seenOf(state.checks, check.id, item);
          const done = seen?.found === 'good' && seen.seq > since;
          return { kind: 'look' as const, key: `${id}/${item}`, check, item, done };
        }),
      );
  const checked = look(MARKS_CHECKED);
  const pulled = timingSets(sheet).map((set): TimingStep => ({
    kind: 'pull',
    key: `pull/${set.id}`,
    set,
    done: isPulled(sheet, state, set),
  }));
  const mayGo = [...pulled, ...checked].every(({ done }) => done);
  const thingOf = (what: string): TemporaryPart | null => pinOf(state.register, what, since);
  const into = (what: string, kind: 'pin-in' | 'tensioner-in'): TimingStep => {
    const part = thingOf(what);
    // Drawn before its time it goes in again.
    const done = part !== null && (part.takenOut === null || mayGo);
    return { kind, key: `${kind}/${what}`, what, done };
  };
  const out = (what: string, kind: 'pin-out' | 'tensioner-out'): TimingStep => {
    const temporaryPart = thingOf(what);
    return {
      kind,
      key: `${kind}/${what}`,
      what,
      part: temporaryPart,
      done: temporaryPart?.takenOut != null,
    };
  };
  const { pins = [], tensioner } = timing;
  const steps: readonly TimingStep[] = [
    ...checks
      .filter(({ id }) => id === WHEEL_LINE)
      .map((check): TimingStep => {
        const { done } = checkView(sheet, state.checks, check);
        return { kind: 'line', key: check.id, check, done };
      }),
    ...look(MARKS_SET),
    ...pins.map((pin) => into(pin, 'pin-in')),
    ...(tensioner === undefined ? [] : [into(TENSIONER_PIN, 'tensioner-in')]),
    ...pulled,
    ...checked,
    ...pins.map((pin) => out(pin, 'pin-out')),
    ...(tensioner === undefined ? [] : [out(TENSIONER_PIN, 'tensioner-out')]),
    ...look(TWO_TURNS),
    ...look(MARKS_PROVED),
  ];
  return {
    steps,
    next: steps.find(({ done }) => !done) ?? null,
    doneCount: steps.filter(({ done }) => done).length,
    failed,
  };
}

/** Steps before this one that are still open. */
export function timingStepsBefore(view: TimingView, key: string): readonly TimingStep[] {
  const at = view.steps.findIndex((step) => step.key === key);
  return view.steps.slice(0, Math.max(at, 0)).filter(({ done }) => !done);
}

/** The pin of this name that was last put in, since a mark came out wrong. */
function pinOf(register: RegisterState, what: string, since: number): TemporaryPart | null {
  const own = register.filter((part) => part.what === what && part.where === WHERE);
  const last = own.at(-1);
  return last && last.putIn.seq > since ? last : null;
}

function isPulled(sheet: JobSheet, { runs }: JobState, set: FastenedSet): boolean {
  const programme = set.programme?.id;
  return set.instances.every((instance) => {
    const view =
      programme === undefined
        ? null
        : runView(sheet, { set: set.id, instance, programme }, runs, '');
    return view !== null && runDone(view);
  });
}

/** What came out wrong last, after the marks were set, and has not come out right since. */
function lastFailed(
  state: ChecksState,
  checks: readonly Check[],
): { item: string; words: string; seq: number } | null {
  const wrong = checks
    .filter(({ id }) => id === MARKS_CHECKED || id === TWO_TURNS || id === MARKS_PROVED)
    .flatMap((check) => check.items.map((item) => ({ item, seen: seenOf(state, check.id, item) })))
    .flatMap(({ item, seen }) =>
      seen?.found === 'not-good' ? [{ item, words: seen.words ?? '', seq: seen.seq }] : [],
    );
  return wrong.reduce<(typeof wrong)[number] | null>(
    (last, entry) => (last === null || entry.seq > last.seq ? entry : last),
    null,
  );
}
