import { useState } from 'react';
import { View } from 'react-native';
import { stagesOf } from '@cardinex/core/sheet/programmeOf';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { isSheetPause, type FastenedSet } from '@cardinex/core/sheet/spec/fastening';
import {
  groupLines,
  orderText,
  programmeLines,
  springSentence,
} from '@cardinex/words/sheets/programme';
import { sheetsWords as w } from '@cardinex/words/sheets/screen';
import { Button } from '../../ui/Button';
import { TabbedCard } from '../../ui/TabbedCard';
import { Body, Heading, Small } from '../../ui/Words';
import { EndMark } from '../job/EndMark';
import { HeadMap } from '../tighten/HeadMap';
import { useOrderShown } from './useOrderShown';

/** A fastened set to read: its map with the order shown on request, its programme in words. */
export function SetCard({ sheet, set }: { sheet: EngineSheet; set: FastenedSet }) {
  const stages = stagesOf(set).flatMap(({ stage }, place) =>
    isSheetPause(stage) ? [] : [{ number: place + 1, order: stage.order }],
  );
  const [stageAt, setStageAt] = useState(0);
  const stage = stages[stageAt];
  const order = stage?.order ?? [];
  const { shown, playing, toggle, step } = useOrderShown(order.length);
  const next = (): void => {
    if (shown >= order.length && stageAt < stages.length - 1) setStageAt(stageAt + 1);
    step();
  };
  const lines = programmeLines(set);
  const springs = springSentence(set);
  return (
    <TabbedCard tab={set.name}>
      <View className="gap-3">
        <View>
          <View className="flex-row justify-between pb-1">
            {set.map.seenFrom === 'from above' || set.map.seenFrom === 'from below' ? (
              <EndMark end={sheet.cylinder1End} />
            ) : (
              <View />
            )}
            <Small>{set.map.seenFrom}</Small>
          </View>
          <HeadMap
            set={set}
            bolts={order.map((id, place) => ({ id, status: place < shown - 1 ? 'done' : 'open' }))}
            currentId={order[shown - 1] ?? null}
            nextId={shown > 0 ? (order[shown] ?? null) : null}
            label={`${set.name}, ${set.map.seenFrom}. ${orderText(set, order)}.`}
          />
        </View>
        {stages.length > 0 ? (
          <View className="no-print flex-row gap-3">
            <Button
              label={playing ? w.stopOrder : w.playOrder}
              onPress={toggle}
              className="flex-1"
            />
            <Button
              label={w.stepOrder}
              hint={w.stageShown(stage?.number ?? 1)}
              onPress={next}
              className="flex-1"
            />
          </View>
        ) : null}
        {set.instances.length > 1 ? <Body>{w.instances(set.instances)}</Body> : null}
        <View className="gap-1 border-t border-rule pt-2">
          <Heading level={3}>{w.programme}</Heading>
          {springs === null ? null : <Body>{springs}</Body>}
          {lines.length === 0 ? <Body>{w.noProgramme}</Body> : null}
          {lines.map(({ number, says }) => (
            <View key={number} className="flex-row gap-3">
              <Body className="w-5 font-strong">{number}</Body>
              <Body className="flex-1">{says}</Body>
            </View>
          ))}
          {stages[0] ? <Small>{orderText(set, stages[0].order)}</Small> : null}
          {set.programme ? <Small>{set.programme.source}</Small> : null}
        </View>
        {groupLines(set).map(({ name, says, source }) => (
          <View key={name} className="border-t border-rule pt-2">
            <Body className="font-strong">{name}</Body>
            <Body>{says}</Body>
            <Small>{source}</Small>
          </View>
        ))}
        {[...(set.twoPeople ? [set.twoPeople] : []), ...(set.afterwards ?? [])].map(
          ({ says, source }, place) => (
            <View key={place} className="border-t border-rule pt-2">
              <Body>{says}</Body>
              <Small>{source}</Small>
            </View>
          ),
        )}
      </View>
    </TabbedCard>
  );
}
