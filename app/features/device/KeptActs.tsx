import type { KeptAct } from '../../ledger/kept';
import { View } from 'react-native';
import { refusedSentence } from '@cardinex/words/refusals';
import { deviceWords as w } from '@cardinex/words/screens';
import { useUnits } from '../../device/preferences';
import { useBench } from '../../session/SessionProvider';
import { Button } from '../../ui/Button';
import { Mark } from '../../ui/Mark';
import { Body, Heading, Small } from '../../ui/Words';
import { saveKeptActs } from './saveKeptActs';
import { useOtherOutboxes } from './useOtherOutboxes';

/** What has not gone out, and what was not accepted with the reason; nothing is dropped silently. */
export function KeptActs({ kept }: { kept: readonly KeptAct[] }) {
  const { ledgers } = useBench();
  const units = useUnits();
  const elsewhere = useOtherOutboxes();
  const refused = kept.filter((k) => k.problem);
  return (
    <View className="gap-2 border-t border-rule pt-3">
      <Heading level={3}>{w.kept}</Heading>
      <Body>{kept.length === 0 ? w.nothingKept : `${kept.length - refused.length}`}</Body>
      {refused.length > 0 ? <Mark kind="out" word={w.notAccepted} /> : null}
      {refused.map(({ act, problem, place }) => (
        <View key={place} className="border-l-4 border-red pl-3">
          <Body>{problem ? refusedSentence(problem, units) : ''}</Body>
          <Small>
            {act.type} · {act.at}
          </Small>
        </View>
      ))}
      {kept.length > 0 ? <Button label={w.exportKept} onPress={() => saveKeptActs(kept)} /> : null}
      {refused.length > 0 ? (
        <Button
          label={w.sendAgain}
          hint={w.sendAgainHint}
          onPress={() => void ledgers.sendAgain(refused)}
        />
      ) : null}
      {refused.length > 0 ? (
        <Button
          label={w.letGo}
          hint={w.letGoHint}
          onPress={() => {
            saveKeptActs(kept);
            void ledgers.drop(refused.map((k) => k.place));
          }}
        />
      ) : null}
      {elsewhere.length > 0 ? (
        <View className="gap-2">
          <Body>{w.otherDatabase(elsewhere.length)}</Body>
          <Button label={w.exportKept} onPress={() => saveKeptActs(elsewhere)} />
        </View>
      ) : null}
    </View>
  );
}
