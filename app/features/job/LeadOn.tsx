import { router } from 'expo-router';
import { View } from 'react-native';
import type { CardName } from '@cardinex/core/job/trayReason';
import { currentCard, entryOf } from '@cardinex/core/job/tray';
import { entryTitle } from '@cardinex/words/cards/names';
import { trayWords } from '@cardinex/words/screens';
import { Button } from '../../ui/Button';
import { BAR } from './ActBar';
import { entryHref } from './entryHref';
import { useJob } from './JobProvider';
import { ToTrayButton } from './ToTrayButton';

interface Props {
  readonly from: { readonly card: CardName; readonly set?: string | undefined };
  /** Nothing is left to be done on it: leaving it is the answer expected. */
  readonly done: boolean;
}

/** Where a card leads: to the next one that is ready, once it is done; and always back to the tray. */
export function LeadOn({ from, done }: Props) {
  const { jobId, tray } = useJob();
  const current = done ? currentCard(tray) : null;
  const next = current?.status === 'open' && current !== entryOf(tray, from) ? current : null;
  return (
    <View className="flex-row gap-3">
      <ToTrayButton done={done && !next} className={`min-w-0 flex-1 ${BAR}`} />
      {next ? (
        <Button
          label={entryTitle(next, tray)}
          hint={trayWords.nextCard}
          kind="expected"
          tall
          onPress={() => router.replace(entryHref(jobId, next))}
          className={`min-w-0 flex-[2] ${BAR}`}
          testID="next-card"
        />
      ) : null}
    </View>
  );
}
