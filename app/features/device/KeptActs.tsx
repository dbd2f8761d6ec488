import { View } from 'react-native';
import { deviceWords as w } from '@cardinex/words/en/screens';
import type { KeptAct } from '../../ledger/storage';
import { useBench } from '../../session/SessionProvider';
import { Button } from '../../ui/Button';
import { Mark } from '../../ui/Mark';
import { Body, Heading, Small } from '../../ui/Words';
import { saveFile } from './saveFile';

/** What has not gone out, and what was not accepted with the reason; nothing is dropped silently. */
export function KeptActs({ kept }: { kept: readonly KeptAct[] }) {
  const { ledgers } = useBench();
  const refused = kept.filter((k) => k.problem);
  const download = (): void => {
    const content = JSON.stringify(
      { format: 'cardinex-kept-acts', version: 1, acts: kept },
      null,
      2,
    );
    saveFile('cardinex-kept-acts.json', new Blob([content], { type: 'application/json' }));
  };
  return (
    <View className="gap-2 border-t border-rule pt-3">
      <Heading level={3}>{w.kept}</Heading>
      <Body>{kept.length === 0 ? w.nothingKept : `${kept.length - refused.length}`}</Body>
      {refused.length > 0 ? <Mark kind="out" word={w.notAccepted} /> : null}
      {refused.map(({ act, problem, place }) => (
        <View key={place} className="border-l-4 border-red pl-3">
          <Body>{problem?.detail ?? ''}</Body>
          <Small>
            {act.type} · {act.at}
          </Small>
        </View>
      ))}
      {kept.length > 0 ? <Button label={w.exportKept} onPress={download} /> : null}
      {refused.length > 0 ? (
        <Button
          label={w.letGo}
          hint={w.letGoHint}
          onPress={() => {
            download();
            void ledgers.drop(refused.map((k) => k.place));
          }}
        />
      ) : null}
    </View>
  );
}
