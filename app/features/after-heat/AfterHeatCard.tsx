import { useState } from 'react';
import { View } from 'react-native';
import {
  AFTER_HEAT,
  afterHeatFrom,
  afterHeatOf,
} from '@cardinex/core/job/cards/after-heat/programme';
import { runsOf } from '@cardinex/core/job/run/runsOf';
import { setOf } from '@cardinex/core/sheet/programmeOf';
import { afterHeatWords as w } from '@cardinex/words/cards/afterHeat';
import { moment } from '@cardinex/words/kit';
import { useMemberName } from '../../session/SessionProvider';
import { Button } from '../../ui/Button';
import { Mark } from '../../ui/Mark';
import { Body, Small } from '../../ui/Words';
import { CardFrame } from '../job/CardFrame';
import { useJob } from '../job/JobProvider';
import { useCard } from '../job/useCard';
import { useEntry } from '../job/useEntry';
import { WordsSlip } from '../job/WordsSlip';
import { RunInHand } from '../tighten/RunInHand';
import { TIGHTEN_ACTS } from '../tighten/ownActs';

/** A set pulled again once the engine has been hot: run, cooled for so long, then one by one. */
export function AfterHeatCard({ set: id }: { set: string | undefined }) {
  const { jobId, sheet, state, now, record } = useJob();
  const nameOf = useMemberName();
  const [asking, setAsking] = useState(false);
  const { entry, blockedScreen } = useEntry({ card: 'after-heat', set: id });
  const { frame } = useCard({
    card: 'after-heat',
    set: entry?.set?.id,
    acts: TIGHTEN_ACTS,
    says: w.back,
    done: entry?.status === 'done',
  });
  if (blockedScreen) return blockedScreen;
  const set = entry.set && setOf(sheet, entry.set.id);
  const asked = set && afterHeatOf(set);
  if (!set || !asked) return null;
  if (entry.status !== 'waiting') {
    return <RunInHand runs={runsOf(sheet, state, set.id, now, AFTER_HEAT)} />;
  }
  const { heat } = state;
  const until = heat && afterHeatFrom(asked, heat);
  return (
    <CardFrame
      {...frame}
      aside={set.name}
      actBar={
        <Button
          label={heat ? w.runAgain : w.wasHot}
          kind={heat ? 'bench' : 'expected'}
          tall
          testID="confirm"
          onPress={() => setAsking(true)}
        />
      }
      slip={
        asking ? (
          <WordsSlip
            title={w.wasHot}
            label={w.words}
            hint={w.hint}
            confirm={w.keep}
            onWords={(words) => record('heat.reached', { words })}
            onClose={() => setAsking(false)}
          />
        ) : null
      }
    >
      <View className="gap-3 p-3.5">
        <Body className="font-strong">{asked.says}</Body>
        <Small>{asked.source}</Small>
        <View className="flex-row gap-2 rounded-lg border-2 border-red p-3">
          <Mark kind="out" />
          <Body className="flex-1 font-strong">{w.caution}</Body>
        </View>
        {heat && until ? (
          <View className="gap-2" testID="cooling">
            <Mark kind="waiting" word={w.notBefore(moment(until))} />
            <Body>{w.heated(moment(heat.at), nameOf(heat.by), heat.words)}</Body>
            <Button
              label={w.calendar}
              onPress={() => window.open(`/api/jobs/${jobId}/after-heat.ics`, '_blank')}
            />
          </View>
        ) : (
          <Mark kind="waiting" word={w.heatFirst} />
        )}
      </View>
    </CardFrame>
  );
}
