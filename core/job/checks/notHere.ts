import type { ActOf } from '../act';
import { LET_DOWN } from '../cards/tighten/covering';
import { FIT_ON } from '../cards/fit/steps';
import type { DecideContext } from '../decideContext';
import { ACCEPTED, refused, type Verdict } from '../verdict';
import { checkOf } from './allChecks';
import type { Check, CheckKind } from './check';

/** What always is, on any engine that has it at all: it is done, or found not good, and never waved away. */
const ALWAYS: readonly CheckKind[] = [
  'timing',
  'pump',
  'wheel-line',
  'in-bore',
  'bearing',
  'shells-found',
  'thrust',
  'last-look',
  'unclamped',
  'stand-outs',
];

const ALWAYS_STEPS: readonly string[] = [FIT_ON, 'nothing-left', LET_DOWN, 'flush'];

/**
 * May a step, or a reading, be said not to apply to this engine? What would hurt somebody or hide something may not.
 * @param place its step, or where it is read
 */
export function mayBeNotHere({ kind }: Pick<Check, 'kind'>, place: string): boolean {
  return !ALWAYS.includes(kind) && !ALWAYS_STEPS.includes(place);
}

/** Is this a step of this job that may be without, and does whoever says so say why? */
export function decideNotHere(
  { data: { check: id, item, place = '', words } }: ActOf<'check.not-here'>,
  { sheet }: DecideContext,
): Verdict {
  const check = checkOf(sheet, id);
  if (!check || check.way === 'weighed') return refused('unknown-check', { check: id });
  if (!check.items.includes(item) || !check.places.includes(place))
    return refused('unknown-place-of-check', { item });
  if (words.trim() === '') return refused('words-needed');
  return mayBeNotHere(check, place) ? ACCEPTED : refused('always-here');
}
