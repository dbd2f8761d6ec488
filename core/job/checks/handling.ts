import type { ChecksState } from '../facts/checks';
import type { Check, CheckKind } from './check';
import { seenOf } from './state';

type Phased = Pick<Check, 'kind' | 'places' | 'items'>;

/** Steps of a check that follow each other and are said in the same way. */
export interface Phase {
  readonly steps: readonly string[];
  /** Said of all items at once, but for the exceptions; else one by one. */
  readonly byRow: boolean;
}

/**
 * Steps that are handling: a hand does them to a whole row of parts and is done, and asking sixteen times teaches it to
 * press sixteen times. What is felt, read, tried or faces one way is no handling, whatever is not listed neither.
 */
const HANDLING: Partial<Readonly<Record<CheckKind, readonly (readonly string[])[]>>> = {
  holes: [['chased', 'clean']],
  // Oiled as soon as they are dry: washed and oiled are one thing.
  'bore-work': [['honed'], ['washed', 'white-rag', 'dried', 'oiled']],
  shells: [['size', 'backs'], ['oiled']],
  tappets: [['own-lobe', 'oiled']],
  'rings-on': [['order']],
  'oil-jets': [['clear']],
  'head-built': [['head-washed']],
  'head-on': [['studs', 'own-holes', 'sealant']],
};

/** Of a piece that goes on: faces cleaned, contacts oiled, what is connected started by hand and clipped clear. */
const HANDLING_OF_PIECES = ['faces', 'contact', 'connection'] as const;

/** The steps of a check that are handling, those together that are said in the same way. */
function handlingOf({ kind, places, items }: Phased): readonly (readonly string[])[] {
  if (kind !== 'fitted') return HANDLING[kind] ?? [];
  return HANDLING_OF_PIECES.flatMap((start) => {
    const own = places.filter((place) => place.startsWith(start));
    // Of several pieces one hose after the other is said of all of them; of one piece all its hoses.
    return items.length > 1 ? own.map((place) => [place]) : [own];
  });
}

/**
 * The steps of a check in the order they are taken, those that are handling together.
 * @example phasesOf(holes) // [{ steps: ['chased', 'clean'], byRow: true }, { steps: ['dry', 'runs-down'], byRow: false }]
 */
export function phasesOf(check: Phased): readonly Phase[] {
  const rows = handlingOf(check);
  const phases: Phase[] = [];
  for (const step of check.places) {
    const own = rows.find((steps) => steps.includes(step));
    const last = phases.at(-1);
    const follows = own ? own.includes(last?.steps[0] ?? '') : last && !last.byRow;
    if (last && follows) phases[phases.length - 1] = { ...last, steps: [...last.steps, step] };
    else phases.push({ steps: [step], byRow: own !== undefined });
  }
  return phases;
}

/** May these steps be said of many items at once: are they handling, and taken together? */
export function goByRow(check: Check, steps: readonly string[]): boolean {
  return phasesOf(check).some(
    ({ byRow, steps: own }) => byRow && steps.every((step) => own.includes(step)),
  );
}

/**
 * The items that a row is still to be said of: none of its steps was seen of them yet. One of which a step was seen,
 * good or not, is gone on with by itself; so is one that is left alone with a single step.
 * @param mayBe may anything be said of an item now? Of all of them unless given
 */
export function rowLeft(
  { id, items }: Check,
  checks: ChecksState,
  { byRow, steps }: Phase,
  mayBe: (item: string) => boolean = () => true,
): readonly string[] {
  if (!byRow) return [];
  const left = items.filter(
    (item) => mayBe(item) && steps.every((step) => seenOf(checks, id, item, step) === undefined),
  );
  return left.length * steps.length > 1 ? left : [];
}
