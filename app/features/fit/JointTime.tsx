import { Text, View } from 'react-native';
import type { ClockPhase } from '@cardinex/core/job/cards/fit/clocks';
import { clockWords as w } from '@cardinex/words/clocks';
import { timeOfDay } from '@cardinex/words/kit';
import { clock } from '../../ui/wait/useWait';
import { Mark } from '../../ui/Mark';
import { Body } from '../../ui/Words';

interface Props {
  readonly phase: Exclude<ClockPhase, { is: 'over' | 'curing' }>;
  /** ISO time, moved on every second. */
  readonly now: string;
}

/** How long a joint still has, or has to be left: the time left is the largest thing on its card. */
export function JointTime({ phase, now }: Props) {
  if (phase.is === 'too-late')
    return (
      <View className="gap-1 border-b border-rule px-3.5 py-3" role="alert" testID="joint-time">
        <Mark kind="out" word={w.tooLate} />
        <Body>{w.tooLateSays}</Body>
      </View>
    );
  const leftMs = Math.max(0, Date.parse(phase.until) - Date.parse(now));
  return (
    <View className="gap-1 border-b border-rule px-3.5 py-3" testID="joint-time">
      <Mark kind={phase.is === 'to-close' ? 'now' : 'waiting'} word={headOf(phase)} />
      <Text role="timer" className="font-head text-act text-ink">
        {clock(leftMs)}
      </Text>
    </View>
  );
}

function headOf(phase: Exclude<Props['phase'], { is: 'too-late' }>): string {
  const time = timeOfDay(phase.until);
  if (phase.is === 'to-close') return w.closeBy(time);
  return phase.what === 'close' ? w.closeFrom(time) : w.pullFrom(time);
}
