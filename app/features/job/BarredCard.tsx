import { router } from 'expo-router';
import { View } from 'react-native';
import type { TrayCard } from '@cardinex/core/job/tray';
import { entryTitle, statusWord } from '@cardinex/words/en/cards/names';
import { trayWords } from '@cardinex/words/en/screens';
import { trayReasonSentence } from '@cardinex/words/en/tray';
import { Button } from '../../ui/Button';
import { Mark } from '../../ui/Mark';
import { Body } from '../../ui/Words';
import { ago } from '../board/ago';
import { CardFrame } from './CardFrame';
import { useJob } from './JobProvider';
import { entryHref } from './entryHref';

/** A card that must wait for another: why, and the way to that other. */
export function BarredCard({ entry }: { entry: TrayCard }) {
  const { jobId, tray } = useJob();
  const waitsFor = entry.reason.code === 'card-first';
  const first = waitsFor ? tray.find((other) => other.number === entry.number - 1) : undefined;
  return (
    <CardFrame
      card={entry.card}
      {...(entry.set && { set: entry.set.id })}
      title={entryTitle(entry, tray)}
      actBar={
        first ? (
          <Button
            label={trayWords.openCard(entryTitle(first, tray).toLowerCase())}
            kind="expected"
            tall
            onPress={() => router.replace(entryHref(jobId, first))}
          />
        ) : entry.reason.code === 'differences-open' ? (
          <Button
            label={trayWords.decide}
            kind="expected"
            tall
            onPress={() => router.push(`/jobs/${jobId}/sheet`)}
          />
        ) : undefined
      }
    >
      <View className="gap-2 p-4">
        <Mark kind="barred" word={statusWord(entry.status)} />
        <Body>{trayReasonSentence(entry.reason, ago)}</Body>
      </View>
    </CardFrame>
  );
}
