import { lastActOf } from '@cardinex/core/job/decide';
import type { LoggedAct } from '@cardinex/core/job/act';
import { useBench } from '../../session/SessionProvider';
import { useJob } from './JobProvider';

/** One's own last act on this job that can be undone, and the undoing of it. */
export function useUndo(): { readonly last: LoggedAct | undefined; readonly undo: () => void } {
  const { state, record } = useJob();
  const { member } = useBench();
  const last = lastActOf(state, member.id);
  return {
    last,
    undo: () => {
      if (last) void record('struck', { target: last.id });
    },
  };
}
