import type { TrayCard } from '@cardinex/core/job/standing';
import { router } from 'expo-router';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { canBeLeftOut } from '@cardinex/core/job/leaveOut';
import { shownStatus } from '@cardinex/core/job/trayGroups';
import { entryTitle, statusWord } from '@cardinex/words/cards/names';
import { trayWords } from '@cardinex/words/screens';
import { trayReasonSentence } from '@cardinex/words/tray';
import { Button } from '../../ui/Button';
import { Mark } from '../../ui/Mark';
import { Body } from '../../ui/Words';
import { TurnOverButton } from '../attitude/TurnOverButton';
import { ago } from '../board/ago';
import { PendingButtons, PendingDecision } from './PendingDecision';
import { CardFrame } from './CardFrame';
import { useJob } from './JobProvider';
import { LeaveOut } from './LeaveOut';
import { OutOfOrder } from './OutOfOrder';
import { isSeenToElsewhere, SeeTo } from './SeeTo';
import { OpenWay, WayShut } from './WayShut';
import { entryHref } from './entryHref';

/** A card that must wait for another: why, and the way to that other. */
export function BarredCard({ entry, more }: { entry: TrayCard; more?: ReactNode }) {
  const { jobId, tray, state } = useJob();
  const { reason } = entry;
  const pending = reason.code === 'decision-pending' ? state.pending[reason.decision] : undefined;
  const first =
    reason.code === 'card-first'
      ? tray.find(
          (other) =>
            other.card === reason.card &&
            (reason.set === undefined || other.set?.name === reason.set),
        )
      : undefined;
  return (
    <CardFrame
      card={entry.card}
      {...(entry.set && { set: entry.set.id })}
      title={entryTitle(entry, tray)}
      actBar={
        pending ? (
          <PendingButtons pending={pending} onBench />
        ) : reason.code === 'way-shut' ? (
          <OpenWay wait={reason} />
        ) : reason.code === 'turn-over' ? (
          <TurnOverButton to={reason.to} tall />
        ) : first ? (
          <Button
            label={trayWords.openEntry(first, tray)}
            kind="expected"
            tall
            onPress={() => router.replace(entryHref(jobId, first))}
          />
        ) : isSeenToElsewhere(reason) ? (
          <SeeTo reason={reason} />
        ) : undefined
      }
    >
      <View className="gap-2 p-4">
        {pending ? (
          <PendingDecision pending={pending} />
        ) : reason.code === 'way-shut' ? (
          <WayShut wait={reason} />
        ) : reason.code === 'turn-over' ? (
          <Mark kind="now" word={trayReasonSentence(reason, ago)} />
        ) : (
          <>
            <Mark
              kind={shownStatus(entry) === 'waiting' ? 'waiting' : 'barred'}
              word={statusWord(shownStatus(entry))}
            />
            <Body>{trayReasonSentence(reason, ago)}</Body>
          </>
        )}
      </View>
      {more}
      {pending ? null : <OutOfOrder entry={entry} />}
      {canBeLeftOut(entry.card) && !pending ? <LeaveOut card={entry.card} /> : null}
    </CardFrame>
  );
}
