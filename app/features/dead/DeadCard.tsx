import { useState } from 'react';
import { Text, View } from 'react-native';
import type { ActType } from '@cardinex/core/job/act';
import { DEAD, isolationOf, stillLive, type Isolation } from '@cardinex/core/job/cards/dead/checks';
import { seenOf } from '@cardinex/core/job/checks/state';
import { deadWords as w, isolationSentence } from '@cardinex/words/cards/dead';
import { inspectWords } from '@cardinex/words/cards/inspect';
import { Mark } from '../../ui/Mark';
import { Body, Small } from '../../ui/Words';
import { CardFrame } from '../job/CardFrame';
import { useJob } from '../job/JobProvider';
import { SeenRow } from '../job/SeenRow';
import { useCard } from '../job/useCard';
import { useOnce } from '../job/useOnce';
import { NotGoodSlip } from '../checks/NotGoodSlip';

const OWN_ACTS: ReadonlySet<ActType> = new Set<ActType>(['check.seen']);

/** What can bring the engine to life, one by one, before hands go in. */
export function DeadCard() {
  const { sheet, state, record } = useJob();
  const [chosen, setChosen] = useState<Isolation | null>(null);
  const [notSo, setNotSo] = useState(false);
  const items = isolationOf(sheet);
  const live = stillLive(sheet, state.checks);
  const at = chosen ?? live[0] ?? null;
  const { undo, frame } = useCard({
    card: 'dead',
    acts: OWN_ACTS,
    says: w.back,
    done: at === null,
  });
  const say = (found: 'good' | 'not-good', words?: string): Promise<string | null> =>
    record('check.seen', { check: DEAD, item: at ?? '', found, ...(words && { words }) });
  const confirm = useOnce(async () => {
    if (at === null) return;
    if ((await say('good')) === null) setChosen((now) => (now === chosen ? null : now));
  });
  return (
    <CardFrame
      {...frame}
      aside={w.counts(items.length - live.length, items.length)}
      acts={
        at === null
          ? null
          : {
              undo,
              notSo: { label: inspectWords.notGood, onPress: () => setNotSo(true) },
              confirm: { label: w.confirm, onPress: confirm },
            }
      }
      slip={
        notSo ? (
          <NotGoodSlip
            title={isolationSentence(at ?? 'battery-off')}
            onWords={(words) => say('not-good', words)}
            onClose={() => setNotSo(false)}
          />
        ) : null
      }
    >
      <View className="flex-row gap-2 border-b border-rule bg-tab px-3.5 py-2.5">
        <Mark kind="out" />
        <Body className="flex-1 font-strong">{w.caution}</Body>
      </View>
      {at === null ? (
        <View className="p-3.5">
          <Mark kind="within" word={w.done} size={24} />
        </View>
      ) : (
        <View className="gap-1 px-3.5 py-4" aria-live="polite">
          <Small>{w.ask}</Small>
          <Text className="font-head text-big text-ink" testID="act">
            {isolationSentence(at)}
          </Text>
        </View>
      )}
      {items.map((item) => {
        const seen = seenOf(state.checks, DEAD, item);
        return (
          <SeenRow
            key={item}
            name={isolationSentence(item)}
            found={seen?.found}
            words={seen?.words}
            here={item === at}
            onPress={() => setChosen(item)}
          />
        );
      })}
    </CardFrame>
  );
}
