import { PARKED_WITH, type Parking } from '@cardinex/core/job/facts/parked';
import { useState } from 'react';
import { View } from 'react-native';
import { temporaryPartName, temporaryPartsIn } from '@cardinex/core/job/register';
import { parkedWithName, parkingWords as w } from '@cardinex/words/parking';
import { listed } from '@cardinex/words/quantity';
import { useMemberName } from '../../session/SessionProvider';
import { Button } from '../../ui/Button';
import { Mark } from '../../ui/Mark';
import { Body, Small } from '../../ui/Words';
import { ago } from '../board/ago';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';

/** How the engine was left, and what to see to before anything else: the first thing seen on coming back. */
export function Parked({ parking }: { parking: Parking }) {
  const { state, record } = useJob();
  const nameOf = useMemberName();
  const [seen, setSeen] = useState<readonly string[]>([]);
  const notDone = PARKED_WITH.filter((item) => !parking.done.includes(item)).map(parkedWithName);
  const inside = temporaryPartsIn(state.register).map(temporaryPartName);
  const resume = useOnce(() => record('job.resumed', {}));
  return (
    <View className="gap-3 rounded-lg border-2 border-brass bg-card p-3.5" testID="parked">
      <Mark kind="waiting" word={w.parkedSince(ago(parking.at), nameOf(parking.by))} />
      <Body>{parking.words}</Body>
      {parking.done.map((entry) => (
        <Mark key={entry} kind="within" word={parkedWithName(entry)} />
      ))}
      {notDone.length > 0 ? <Small>{w.notDone(listed(notDone))}</Small> : null}
      {inside.length > 0 ? <Small>{w.stillIn(listed(inside))}</Small> : null}
      {parking.resumeBy.length > 0 ? <Small>{w.resumeAsk}</Small> : null}
      {parking.resumeBy.map((line) => (
        <Button
          key={line}
          label={seen.includes(line) ? w.seenTo(line) : line}
          selected={seen.includes(line)}
          onPress={() =>
            setSeen(seen.includes(line) ? seen.filter((each) => each !== line) : [...seen, line])
          }
        />
      ))}
      <Button
        label={w.resume}
        kind="expected"
        tall
        disabled={parking.resumeBy.some((line) => !seen.includes(line))}
        onPress={resume}
      />
    </View>
  );
}
