import { View } from 'react-native';
import { faultName } from '@cardinex/words/boltFaults';
import { tightenScreen as w } from '@cardinex/words/cards/tighten';
import { setting } from '@cardinex/words/quantity';
import { useUnits } from '../../../device/preferences';
import { Choice } from '../../../ui/Choice';
import { Mark } from '../../../ui/Mark';
import { Body } from '../../../ui/Words';
import { adviceOf } from '../NotSo';
import { PumpGauge } from './PumpGauge';
import { ReachedRow } from './ReachedRow';
import type { RunInHandNow } from './useRun';

/** What is read or said beside a pull, and what went wrong with it before. */
export function RunReadings({ run }: { run: RunInHandNow }) {
  const units = useUnits();
  const { view, bolt, number, setNm, reading, hand, pumpedBar } = run;
  const { act } = bolt;
  const fault = bolt.status === 'failed' ? bolt.attempts.at(-1)?.fault : undefined;
  return (
    <>
      {pumpedBar === undefined ? null : <PumpGauge hand={hand} act={act} bar={pumpedBar} />}
      {run.otherValue && setNm !== null ? (
        <View className="border-t border-rule bg-tab px-3.5 py-2" testID="other-value">
          <Mark kind="waiting" word={w.valueChanges(setting(setNm, units))} />
        </View>
      ) : null}
      {reading.kind === null ? null : (
        <ReachedRow
          kind={reading.kind}
          text={reading.text}
          onText={reading.type}
          onEnter={run.confirm}
          faulty={reading.faulty}
          hand={hand}
        />
      )}
      {act.kind === 'angle' ? (
        <View className="border-t border-rule px-3.5 py-2">
          <Choice
            label={w.swungBy}
            value={run.byPower ? 'power' : 'hand'}
            options={[
              { value: 'hand', label: w.byHandSwung },
              { value: 'power', label: w.powerSwung },
            ]}
            onChange={(value) => run.swing(value === 'power')}
          />
        </View>
      ) : null}
      {fault ? (
        <View className="border-t border-rule px-3.5 py-2" testID="failed">
          <Mark kind="out" word={faultName(fault.kind)} />
          <Body>{w.failedBolt(number, adviceOf(view, bolt, fault.kind))}</Body>
        </View>
      ) : null}
    </>
  );
}
