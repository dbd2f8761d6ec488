import { useState } from 'react';
import { View } from 'react-native';
import type { OverheadView } from '@cardinex/core/job/cards/valves/view';
import { valvesScreen as w } from '@cardinex/words/cards/valves';
import { Mark } from '../../../ui/Mark';
import { Body } from '../../../ui/Words';
import { HeldNotice } from '../../checks/HeldNotice';
import { useHolds } from '../../checks/useHolds';
import { useJob } from '../../job/JobProvider';
import { useOnce } from '../../job/useOnce';
import { WordsSlip } from '../../job/WordsSlip';
import { SettingFrame } from '../SettingFrame';

/** All set: two turns by hand, so that everything has seated, before every gap is felt once more. */
export function TurnAgain({ view }: { view: OverheadView }) {
  const { record } = useJob();
  const [leaving, setLeaving] = useState(false);
  const held = useHolds(true);
  const turned = useOnce(() => record('gaps.turned', {}));
  return (
    <SettingFrame
      card="valves"
      view={view}
      title={w.againTitle}
      notSo={{ label: w.againLeave, onPress: () => setLeaving(true) }}
      confirm={{ label: w.againTurned, hint: w.againThen, onPress: turned, plain: Boolean(held) }}
      slip={
        leaving ? (
          <WordsSlip
            title={w.againLeaveTitle}
            label={w.againWhy}
            confirm={w.againLeave}
            kind="stop"
            onWords={(leftOut) => record('gaps.turned', { leftOut })}
            onClose={() => setLeaving(false)}
          />
        ) : null
      }
    >
      {held ? <HeldNotice by={held} /> : null}
      <View className="gap-2 p-3.5">
        <Mark kind="now" word={w.allSetOnce} />
        <Body className="text-heading">{w.againSays}</Body>
        <Body className="font-strong">{w.barCaution}</Body>
      </View>
    </SettingFrame>
  );
}
