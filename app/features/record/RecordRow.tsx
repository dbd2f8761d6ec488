import { useShopTime } from '../../session/useShopTime';
import { useState } from 'react';
import { Pressable, Text, View } from 'react-native';
import type { LoggedAct } from '@cardinex/core/job/act';
import { isStrikable } from '@cardinex/core/job/rules';
import { replacementOf } from '@cardinex/core/job/subject';
import { isWithoutGround } from '@cardinex/core/job/pending';
import type { JobState } from '@cardinex/core/job/state';
import { actLine } from '@cardinex/words/acts';
import { TIME_DOUBTS, cribWords } from '@cardinex/words/crib';
import { pendingWords as p } from '@cardinex/words/pending';
import { recordWords as w } from '@cardinex/words/screens';
import { useUnits } from '../../device/preferences';
import { useMemberName } from '../../session/SessionProvider';
import { Button } from '../../ui/Button';
import { Small } from '../../ui/Words';
import { cn } from '../../ui/cn';
import { useJob } from '../job/JobProvider';

interface Props {
  readonly act: LoggedAct;
  readonly onStrike: (act: LoggedAct) => void;
}

/** One act: when, what, the figure, who; struck through with what stands in its place. */
export function RecordRow({ act, onStrike }: Props) {
  const { timeOfDay } = useShopTime();
  const job = useJob();
  const { sheet, state } = job;
  const units = useUnits();
  const nameOf = useMemberName();
  const line = actLine(act, sheet, units, state);
  const strike = state.struck[act.id];
  const replacement = strike ? replacementOf(job, act) : undefined;
  const struckStyle = strike !== undefined && 'text-soft line-through';
  const flags = [
    nameOf(act.by),
    act.receivedAt === null && w.kept,
    act.unproved && w.unproved,
    act.clockOffMs !== undefined && w.clock,
    act.timeDoubt !== undefined && TIME_DOUBTS[act.timeDoubt],
    act.staleProof && cribWords.staleProof,
    state.crib[act.id] !== undefined && cribWords.disagrees,
    ...pendingFlags(state, act),
  ].filter(Boolean);
  const strikable = strike === undefined && isStrikable(act);
  return (
    <View className="print-row border-b border-rule">
      <Pressable
        role={strikable ? 'button' : undefined}
        disabled={!strikable}
        onPress={() => onStrike(act)}
        className="min-h-[56px] py-1.5"
      >
        <View className="flex-row flex-wrap gap-x-2.5">
          <Text className="w-[3rem] font-text text-note text-soft">{timeOfDay(act.at)}</Text>
          <Text className={cn('min-w-[55%] flex-1 font-text text-note text-ink', struckStyle)}>
            {line.what}
          </Text>
          <Text className={cn('font-head text-body text-ink', struckStyle)}>
            {line.value ?? ''}
          </Text>
          {replacement ? (
            <Text className="font-head text-body text-ink">
              {actLine(replacement, sheet, units).value}
            </Text>
          ) : null}
        </View>
        <Small className="pl-[3.625rem]">
          {flags.join(' · ')}
          {line.words ? ` · ${line.words}` : ''}
        </Small>
        {strike ? (
          <Small className="pl-[3.625rem] text-red">
            {w.struckBy(nameOf(strike.by), timeOfDay(strike.at))}: {strike.words ?? w.misTap}
          </Small>
        ) : null}
      </Pressable>
      {line.each ? <Each names={line.each} /> : null}
    </View>
  );
}

/** Each of a row that something was said of at once, unfolded on request. */
function Each({ names }: { readonly names: readonly string[] }) {
  const [open, setOpen] = useState(false);
  return (
    <View className="gap-1 pb-2 pl-[3.625rem]">
      <Button
        label={w.each(names.length)}
        expanded={open}
        onPress={() => setOpen(!open)}
        className="no-print self-start"
      />
      {open ? <Small>{names.join(' · ')}</Small> : null}
    </View>
  );
}

/** What the log says of an act because of what its sender had not seen. */
function pendingFlags({ pending }: JobState, act: LoggedAct): readonly (string | false)[] {
  const one = pending[act.id];
  return [
    one !== undefined && (one.decided === null ? p.waits : settled(one.decided.holds)),
    act.reopens !== undefined && p.reopens(act.reopens.length),
    isWithoutGround({ pending }, act) && p.withoutGround,
  ];
}

function settled(holds: boolean): string {
  return holds ? p.heldAfterAll : p.wasDropped;
}
