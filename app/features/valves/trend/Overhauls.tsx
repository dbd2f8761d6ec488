import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { client } from '@cardinex/contract/client';
import { gapTrends, overhaulOf } from '@cardinex/core/job/overhauls';
import { itemShort } from '@cardinex/words/itemNames';
import { trendSentence } from '@cardinex/words/overhead';
import { valvesScreen as w } from '@cardinex/words/cards/valves';
import { useUnits } from '../../../device/preferences';
import { cn } from '../../../ui/cn';
import { Marked } from '../../../ui/Marked';
import { Body, Heading, Small } from '../../../ui/Words';
import { useJob } from '../../job/JobProvider';
import { TrendDrawing } from './TrendDrawing';
import { TrendSmall } from './TrendSmall';

/** What earlier overhauls of this engine found: every gap small, one large, and which seat is going. */
export function Overhauls() {
  const { sheet, state, jobId } = useJob();
  const units = useUnits();
  const earlier = useQuery({
    queryKey: ['overhauls', jobId],
    queryFn: () => client.overhauls(jobId),
  });
  const [chosen, setChosen] = useState<string | null>(null);
  const now = overhaulOf(jobId, state);
  const overhauls = [...(earlier.data?.overhauls ?? []), ...(now ? [now] : [])];
  const trends = gapTrends(sheet, overhauls);
  if ((earlier.data?.overhauls.length ?? 0) === 0 || trends.length === 0) return null;
  const shown = trends.find(({ item }) => item.id === chosen) ?? trends[0];
  if (!shown) return null;
  return (
    <View className="gap-2 border-t border-rule pt-2" testID="overhauls">
      <Heading level={3}>{w.overhauls}</Heading>
      {state.opened?.hours === undefined ? <Small>{w.hoursNotTold}</Small> : null}
      <Body className="font-strong">{itemShort(shown.item)}</Body>
      <TrendDrawing {...shown} />
      <Marked kind={shown.found.code === 'already-closed' ? 'out' : 'within'}>
        {trendSentence(shown.found, units)}
      </Marked>
      <View className="flex-row flex-wrap">
        {trends.map((trend) => (
          <Pressable
            key={trend.item.id}
            role="button"
            aria-label={`${itemShort(trend.item)}: ${trendSentence(trend.found, units)}`}
            aria-pressed={trend === shown}
            onPress={() => setChosen(trend.item.id)}
            className={cn(
              'min-h-[64px] w-1/4 items-center justify-center rounded-lg border p-1',
              trend === shown ? 'border-[3px] border-blue' : 'border-transparent',
            )}
          >
            <TrendSmall {...trend} />
            <Small>{itemShort(trend.item)}</Small>
          </Pressable>
        ))}
      </View>
    </View>
  );
}
