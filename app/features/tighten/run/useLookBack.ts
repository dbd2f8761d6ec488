import type { RunView } from '@cardinex/core/job/run/runView';

/** PageUp walks back over the bolts done, without undoing anything. */
export function useLookBack(view: RunView, by: number, setBy: (by: number) => void) {
  const doneInOrder = (view.current?.bolts ?? [])
    .filter((b) => b.attempts.length > 0)
    .sort(
      (a, b) => Date.parse(b.attempts.at(-1)?.at ?? '') - Date.parse(a.attempts.at(-1)?.at ?? ''),
    );
  return {
    lookedAt: by > 0 ? (doneInOrder[by - 1] ?? null) : null,
    step: () => setBy(by >= doneInOrder.length ? 0 : by + 1),
  };
}
