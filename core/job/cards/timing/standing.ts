import type { JobSheet } from '../../scope';
import { DONE, openFor, waitingFor, type Standing } from '../../standing';
import type { JobState } from '../../state';
import type { Wait } from '../../trayReason';
import { MARKS_PROVED, TWO_TURNS, timingStepsBefore, timingView, type TimingStep } from './view';

export function timingStanding(sheet: JobSheet, state: JobState): Standing {
  const view = timingView(sheet, state);
  if (!view?.next) return DONE;
  const { next, doneCount: done, steps, failed } = view;
  if (next.kind === 'pull') {
    return waitingFor({ code: 'card-first', card: 'tighten', set: next.set.name }, failed !== null);
  }
  return openFor(
    { code: 'timing-next', step: stepName(next), done, total: steps.length },
    failed !== null,
  );
}

function stepName(step: Exclude<TimingStep, { kind: 'pull' }>) {
  switch (step.kind) {
    case 'line':
      return 'line';
    case 'pin-in':
    case 'tensioner-in':
      return 'pin-in';
    case 'pin-out':
    case 'tensioner-out':
      return 'pin-out';
    case 'look':
      return step.check.id === TWO_TURNS
        ? 'turn'
        : step.check.id === MARKS_PROVED
          ? 'prove'
          : 'marks';
  }
}

/** Wheels are pulled with the marks set and the pins in. */
export function wheelsBarred(sheet: JobSheet, state: JobState, set: string): readonly Wait[] {
  if (state.leftOut.timing) return [];
  const view = timingView(sheet, state);
  const open = view ? timingStepsBefore(view, `pull/${set}`) : [];
  return open.length > 0 ? [{ code: 'card-first', card: 'timing' }] : [];
}
