import { useShopTime } from '../../../session/useShopTime';
import type { RunView } from '@cardinex/core/job/run/views';
import { View } from 'react-native';
import { numberOf } from '@cardinex/core/job/run/runView';
import { isPause } from '@cardinex/core/tightening/programme';
import { faultName } from '@cardinex/words/boltFaults';
import { tightenScreen as w } from '@cardinex/words/cards/tighten';
import { attemptReached } from '@cardinex/words/runNames';
import { useUnits } from '../../../device/preferences';
import { useBench, useMemberName } from '../../../session/SessionProvider';
import { Figure } from '../../../ui/Figure';
import { Mark } from '../../../ui/Mark';
import { Body, Small } from '../../../ui/Words';
import { EndMark } from '../../job/EndMark';
import { useJob } from '../../job/JobProvider';
import { HeadMap } from '../HeadMap';
import { actFace } from '../actFace';
import type { LookedAt } from './useLookBack';

/** One bolt done earlier: what it was asked, what it got, by whom and when. Nothing here can be pressed. */
export function LookedBack({ view, at: { bolt, stage } }: { view: RunView; at: LookedAt }) {
  const { timeOfDay } = useShopTime();
  const { sheet } = useJob();
  const units = useUnits();
  const { member } = useBench();
  const nameOf = useMemberName();
  const face = actFace(bolt.act, numberOf(view, bolt), units);
  const bolts = view.stages[stage - 1]?.bolts ?? [];
  return (
    <View>
      <View className="px-3 pt-2">
        <EndMark end={sheet.cylinder1End} />
        <HeadMap
          set={view.set}
          bolts={bolts.map((b) => ({ id: b.act.fastener, status: b.status }))}
          currentId={bolt.act.fastener}
          nextId={null}
          past
          label={w.lookingBack(numberOf(view, bolt))}
        />
      </View>
      <View className="flex-row gap-8 border-t border-rule px-3.5 py-2">
        <View>
          <Small>{isPause(bolt.act) ? w.step : w.bolt}</Small>
          <Figure size="act" tone="past" value={numberOf(view, bolt)} testID="bolt" />
        </View>
        <View className="flex-1">
          <Small>{w.wasAsked}</Small>
          <Figure size="act" value={face.value} unit={face.unit} testID="value" />
        </View>
      </View>
      <View className="gap-1.5 border-t border-rule px-3.5 py-2.5">
        {bolt.attempts.map((attempt) => (
          <View key={attempt.actId} className="gap-0.5">
            <Mark
              kind={attempt.fault ? 'out' : 'within'}
              word={attempt.fault ? faultName(attempt.fault.kind) : w.bandWord.done}
            />
            <Body>
              {w.doneAt(
                timeOfDay(attempt.at),
                attempt.by === member.id ? w.you : nameOf(attempt.by),
              )}
            </Body>
            {attemptReached(attempt, units).map((line) => (
              <Body key={line}>{line}</Body>
            ))}
          </View>
        ))}
      </View>
    </View>
  );
}
