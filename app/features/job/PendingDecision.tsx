import { useShopTime } from '../../session/useShopTime';
import type { Pending } from '@cardinex/core/job/pendingState';
import { useState } from 'react';
import { View } from 'react-native';
import { cardOfDecision, waitingDecisions } from '@cardinex/core/job/pending';
import { entryOf } from '@cardinex/core/job/kit/entryOf';
import { actLine } from '@cardinex/words/acts';
import { pendingWords as w } from '@cardinex/words/pending';
import { refusalSentence } from '@cardinex/words/refusals';
import { useUnits } from '../../device/preferences';
import { useMemberName } from '../../session/SessionProvider';
import { Button } from '../../ui/Button';
import { Mark } from '../../ui/Mark';
import { RefusalLine } from '../../ui/Refusal';
import { Body, Small } from '../../ui/Words';
import { useJob } from './JobProvider';
import { useOnce } from './useOnce';
import { BarRow } from '../../ui/BarRow';

/** As many of what was not known are named; a person reads no more of them standing. */
const MOST_NAMED = 5;

/** What was decided without knowing all, by whom, and what had not been known. */
export function PendingDecision({ pending }: { readonly pending: Pending }) {
  const { moment } = useShopTime();
  const { sheet, state, log } = useJob();
  const units = useUnits();
  const nameOf = useMemberName();
  const { act, why } = pending;
  const line = actLine(act, sheet, units, state);
  const unseen = pending.unseen.flatMap((id) => log.byId(id) ?? []);
  return (
    <View className="gap-2" testID="pending">
      <Mark kind="out" word={w.title} />
      <Body className="font-strong">{[line.what, line.value].filter(Boolean).join(', ')}</Body>
      <Small>{w.madeBy(nameOf(act.by), moment(act.at))}</Small>
      {line.words ? <Body>{line.words}</Body> : null}
      {/* What had not been known is named below. */}
      {why.code === 'facts-unseen' ? null : <Body>{refusalSentence(why, units)}</Body>}
      {unseen.length > 0 ? <Small>{w.unseen}</Small> : null}
      {unseen.slice(0, MOST_NAMED).map((fact) => {
        const { what, value } = actLine(fact, sheet, units, state);
        return (
          <View key={fact.id} className="flex-row justify-between gap-3">
            <Body className="flex-1">{what}</Body>
            <Body className="font-strong">{value ?? ''}</Body>
            <Small>{nameOf(fact.by)}</Small>
          </View>
        );
      })}
      {unseen.length > MOST_NAMED ? <Small>{w.more(unseen.length - MOST_NAMED)}</Small> : null}
      <Body>{w.why}</Body>
    </View>
  );
}

/** Whoever sees all says whether it holds. */
export function PendingButtons({
  pending,
  onBench = false,
  onPressed,
}: {
  readonly pending: Pending;
  /** At the foot of its card, not on one. */
  readonly onBench?: boolean;
  readonly onPressed?: () => void;
}) {
  const { record } = useJob();
  const say = useOnce(async (holds: boolean) => {
    onPressed?.();
    await record('pending.decided', { decision: pending.act.id, holds });
  });
  return (
    <BarRow>
      <Button
        label={w.drop}
        tall
        {...(onBench && { kind: 'bench' })}
        onPress={() => say(false)}
        className="flex-1"
      />
      <Button label={w.holds} tall kind="expected" onPress={() => say(true)} className="flex-1" />
    </BarRow>
  );
}

/** Decisions that wait about the whole job, or a card it does not have by now; others are decided on their card. */
export function PendingOfJob() {
  const { state, sheet, tray } = useJob();
  const [pressed, setPressed] = useState<string | null>(null);
  return waitingDecisions(state)
    .filter((pending) => {
      const place = cardOfDecision(pending, sheet);
      return place === null || !entryOf(tray, place);
    })
    .map((pending) => (
      <View key={pending.act.id} className="gap-3 rounded-lg border-2 border-red bg-card p-3">
        <PendingDecision pending={pending} />
        {pressed === pending.act.id ? <RefusalLine /> : null}
        <PendingButtons pending={pending} onPressed={() => setPressed(pending.act.id)} />
      </View>
    ));
}
