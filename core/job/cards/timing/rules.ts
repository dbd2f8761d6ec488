import { ACCEPTED, refused, type Verdict } from '../../verdict';
import type { ActOf } from '../../act';
import type { DecideContext } from '../../decideContext';
import type { JobState } from '../../state';
import { MARKS_SET, timingStepsBefore, timingView } from './view';

/** May a mark, or the turn, be said good? Not before the steps it rests on. */
export function decideTimingSeen(
  state: JobState,
  { data }: ActOf<'check.seen'>,
  { sheet }: DecideContext,
): Verdict {
  const view = timingView(sheet, state);
  if (!view || data.found !== 'good' || data.check === MARKS_SET) return ACCEPTED;
  const own = data.check;
  // The marks of one look have no order among themselves.
  const before = timingStepsBefore(view, `${own}/${data.item}`).filter(
    (step) => step.kind !== 'look' || step.check.id !== own,
  );
  return before.length === 0 ? ACCEPTED : refused('step-first');
}

/** The tensioner's pin is drawn last: a chain let go before its marks are checked jumps. */
export function decideTimingPinOut(
  state: JobState,
  { data }: ActOf<'temporary-part.taken-out'>,
  { sheet }: DecideContext,
): Verdict {
  const view = timingView(sheet, state);
  const step = view?.steps.find(
    (entry) => entry.kind === 'tensioner-out' && entry.part?.id === data.part,
  );
  const left = view && step ? timingStepsBefore(view, step.key).length : 0;
  return left === 0 ? ACCEPTED : refused('tensioner-waits', { left });
}
