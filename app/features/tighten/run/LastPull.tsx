import { useShopTime } from '../../../session/useShopTime';
import type { RunView } from '@cardinex/core/job/run/views';
import { numberOf } from '@cardinex/core/job/run/runView';
import { tightenScreen as w } from '@cardinex/words/cards/tighten';
import { useBench, useMemberName } from '../../../session/SessionProvider';
import { Small } from '../../../ui/Words';

/** What was last confirmed, when, and by whom. */
export function LastPull({ view }: { view: RunView }) {
  const { timeOfDay } = useShopTime();
  const { member } = useBench();
  const nameOf = useMemberName();
  if (!view.last) return <Small className="text-bench-soft">{w.nothingYet}</Small>;
  const { bolt, attempt } = view.last;
  const who = attempt.by === member.id ? w.you : nameOf(attempt.by);
  return (
    <Small className="py-2.5 text-note text-bench-soft" testID="last">
      {w.last(numberOf(view, bolt), timeOfDay(attempt.at), who)}
    </Small>
  );
}
