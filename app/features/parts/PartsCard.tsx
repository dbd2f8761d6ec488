import type { Holds } from '@cardinex/core/job/facts/parts';
import { router } from 'expo-router';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { actsOf } from '@cardinex/core/job/actsOf';
import { kitViews, type KitView } from '@cardinex/core/job/cards/parts/view';
import { entryOf } from '@cardinex/core/job/kit/entryOf';
import { entryTitle } from '@cardinex/words/cards/names';
import {
  condemnedWhy,
  jointLineName,
  kitName,
  partsWords as w,
  standingWord,
  whenWord,
} from '@cardinex/words/cards/parts';
import { longDay } from '@cardinex/words/kit';
import { Button } from '../../ui/Button';
import type { Verdict } from '@cardinex/drawings/marks/verdict';
import { Mark } from '../../ui/Mark';
import { Body, Heading, Small } from '../../ui/Words';
import { CardFrame } from '../job/CardFrame';
import { LeaveOut } from '../job/LeaveOut';
import { useJob } from '../job/JobProvider';
import { useCard } from '../job/useCard';
import { Arrived } from './Arrived';
import { OrderList } from './OrderList';
import { Outside } from './Outside';
import { SendOut } from './SendOut';
import { BarRow } from '../../ui/BarRow';

const OWN_ACTS = actsOf('parts');

/** What is needed and what has come, each laid beside the old; and what was sent out. */
export function PartsCard() {
  const { jobId, sheet, state, tray } = useJob();
  const [open, setOpen] = useState<string | null>(null);
  const [sending, setSending] = useState(false);
  const [ordering, setOrdering] = useState(false);
  const views = kitViews(sheet, state);
  const arrived = views.filter(({ standing }) => standing === 'right').length;
  const { frame } = useCard({
    card: 'parts',
    acts: OWN_ACTS,
    says: w.back,
    done: arrived === views.length,
  });
  const together = (sheet.renew ?? [])
    .filter(({ when }) => when === 'matched-set')
    .map(({ part }) => part)
    .join('; ');
  const inHand = views.find(({ item }) => item.id === open);
  const waiting = ({ card, set }: Holds): string => {
    const entry = entryOf(tray, { card, set });
    return entry ? entryTitle(entry, tray) : '';
  };
  return (
    <CardFrame
      {...frame}
      aside={w.counts(arrived, views.length)}
      actBar={
        <BarRow>
          <Button
            label={w.order}
            kind="bench"
            tall
            onPress={() => setOrdering(true)}
            className="flex-1"
          />
          <Button
            label={w.leaflet}
            kind="bench"
            tall
            onPress={() => router.push(`/jobs/${jobId}/leaflet?kind=leaflet`)}
            className="flex-1"
          />
          <Button
            label={w.send}
            kind="bench"
            tall
            onPress={() => setSending(true)}
            className="flex-1"
          />
        </BarRow>
      }
      slip={
        inHand ? (
          <Arrived key={inHand.item.id} view={inHand} onClose={() => setOpen(null)} />
        ) : ordering ? (
          <OrderList onClose={() => setOrdering(false)} />
        ) : sending ? (
          <SendOut onClose={() => setSending(false)} />
        ) : null
      }
    >
      <View className="px-3.5 pt-3">
        <Heading level={3}>{w.kit}</Heading>
        {views.length === 0 ? <Body>{w.none}</Body> : null}
        {together === '' ? null : <Small>{w.together(together)}</Small>}
      </View>
      {views.map((view) => (
        <Line
          key={view.item.id}
          view={view}
          waiting={view.item.holds && view.standing !== 'right' ? waiting(view.item.holds) : ''}
          onPress={() => setOpen(view.item.id)}
        />
      ))}
      <Outside waiting={waiting} />
      <LeaveOut card="parts" />
    </CardFrame>
  );
}

const MARKS: Readonly<Record<KitView['standing'], Verdict>> = {
  'to-come': 'waiting',
  'to-choose': 'ahead',
  right: 'within',
  wrong: 'out',
  missing: 'out',
};

interface LineProps {
  readonly view: KitView;
  /** Which card waits for it; empty when none does any more. */
  readonly waiting: string;
  readonly onPress: () => void;
}

function Line({ view, waiting, onPress }: LineProps) {
  const { item, arrival, standing, expected } = view;
  const { sheet } = useJob();
  const count = item.count === undefined ? '' : w.needs(item.count);
  return (
    <Pressable
      role="button"
      onPress={onPress}
      testID="part"
      className="min-h-[72px] flex-row items-center gap-3 border-t border-rule px-3.5 py-2 active:opacity-80"
    >
      <View className="flex-1">
        <Body className="font-strong">{kitName(item, sheet)}</Body>
        <Small>{[count, whenWord(item.when)].filter(Boolean).join(' · ')}</Small>
        {item.condemned ? <Small>{condemnedWhy(item, sheet)}</Small> : null}
        {item.joints?.map((joint) => (
          <Small key={`${joint.piece} ${joint.kind} ${joint.what ?? ''}`}>
            {w.several(jointLineName(joint, sheet), joint.count)}
          </Small>
        ))}
        {standing === 'to-choose' ? <Small>{w.gradeHeld}</Small> : null}
        {arrival?.grade !== undefined && item.grade && arrival.grade !== item.grade ? (
          <Small>{w.gradeOther(arrival.grade, item.grade)}</Small>
        ) : null}
        {expected ? <Small>{w.expected(longDay(expected.on))}</Small> : null}
        {arrival?.words ? <Small>{arrival.words}</Small> : null}
        {waiting === '' ? null : <Small>{w.bars(waiting)}</Small>}
      </View>
      <Mark kind={MARKS[standing]} word={standingWord(standing)} />
    </Pressable>
  );
}
