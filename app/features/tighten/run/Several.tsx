import type { BoltView, RunView } from '@cardinex/core/job/run/views';
import type { Prepared } from '@cardinex/core/job/facts/runs';
import { useState } from 'react';
import { View } from 'react-native';
import { reportable } from '@cardinex/core/job/run/reported';
import { numberOf, onSide } from '@cardinex/core/job/run/runView';
import { wrenchSettingNm } from '@cardinex/core/job/run/wrenchSetting';
import { inMillionths } from '@cardinex/core/quantity/withinLimits';
import { tightenScreen as w } from '@cardinex/words/cards/tighten';
import { listed, torque } from '@cardinex/words/quantity';
import { usePreferences, useUnits } from '../../../device/preferences';
import { Button } from '../../../ui/Button';
import { pullPace } from '../../../ui/hand/pullPace';
import { Slip } from '../../../ui/Slip';
import { SlipButtons } from '../../../ui/SlipButtons';
import { Body } from '../../../ui/Words';
import { useJob } from '../../job/JobProvider';
import { useOnce } from '../../job/useOnce';

/**
 * The bolts from the one in hand on that may have been pulled before anybody could tap: in their
 * order, as far as the wrench stays as it is set.
 */
export function severalFrom(
  view: RunView,
  bolt: BoltView,
  side: 'near' | 'far' | 'both',
): readonly BoltView[] {
  const open = onSide(reportable(view), side);
  const from = open.indexOf(bolt);
  if (from < 0) return [];
  const { nm } = bolt.act;
  const ahead = open.slice(from);
  const other = ahead.findIndex(
    ({ act }) => nm === undefined || inMillionths(act.nm ?? 0) !== inMillionths(nm),
  );
  return other < 0 ? ahead : ahead.slice(0, other);
}

interface Props {
  readonly view: RunView;
  readonly bolt: BoltView;
  readonly prepared: Prepared;
  readonly onClose: () => void;
}

/** Several pulled before the hand could tap: the last of them is pressed, and all are said together. */
export function Several({ view, bolt, prepared, onClose }: Props) {
  const { record } = useJob();
  const { end } = usePreferences();
  const units = useUnits();
  const bolts = severalFrom(view, bolt, end);
  const [last, setLast] = useState<string | null>(null);
  const pulled = bolts.slice(0, bolts.findIndex(({ act }) => act.key === last) + 1);
  const nm = bolt.act.nm ?? 0;
  const save = useOnce(async () => {
    const problem = await record('bolts.reported', {
      pulls: pulled.map(({ act, nextPass }) => ({
        key: act.key,
        pass: nextPass,
        nm,
        setNm: wrenchSettingNm(nm, prepared),
      })),
      wrench: prepared.wrench?.id ?? '',
    });
    if (problem !== null) return;
    pullPace.pulled();
    onClose();
  });
  return (
    <Slip
      title={w.severalTitle}
      onClose={onClose}
      foot={
        <SlipButtons
          confirm={w.severalKeep}
          disabled={pulled.length === 0}
          onConfirm={save}
          onClose={onClose}
        />
      }
    >
      <Body>{w.severalSays}</Body>
      <View className="flex-row flex-wrap gap-3" role="group" aria-label={w.severalTitle}>
        {bolts.map((entry) => (
          <Button
            key={entry.act.key}
            label={numberOf(view, entry)}
            selected={pulled.includes(entry)}
            onPress={() => setLast(entry.act.key)}
            className="min-w-[64px]"
          />
        ))}
      </View>
      {pulled.length > 0 ? (
        <Body className="font-strong" aria-live="polite">
          {w.severalAre(listed(pulled.map((item) => numberOf(view, item))), torque(nm, units))}
        </Body>
      ) : null}
    </Slip>
  );
}
