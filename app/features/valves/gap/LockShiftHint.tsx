import type { LockShift } from '@cardinex/core/overhead/lockShift';
import { lockShiftSentence } from '@cardinex/words/cards/valves';
import { useUnits } from '../../../device/preferences';
import { Marked } from '../../../ui/Marked';

/** What locking did to the gaps before this one: what to set, so that it is right once locked. */
export function LockShiftHint({ learnt }: { learnt: LockShift }) {
  const units = useUnits();
  return (
    <Marked kind="now" className="border-t border-rule px-3.5 py-2" testID="lock-shift">
      {lockShiftSentence(learnt, units)}
    </Marked>
  );
}
