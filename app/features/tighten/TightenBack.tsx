import type { StageView, RunView } from '@cardinex/core/job/run/views';
import { router } from 'expo-router';
import { View } from 'react-native';
import { groupOf, printedFor } from '@cardinex/core/sheet/programmeOf';
import { tightenScreen as w } from '@cardinex/words/cards/tighten';
import { printedSource, printedText } from '@cardinex/words/quantity';
import { clampWords } from '@cardinex/words/cards/clamp';
import { Button } from '../../ui/Button';
import { Body, Heading, Small } from '../../ui/Words';
import { ActLog } from '../job/ActLog';
import { useJob } from '../job/JobProvider';
import { TIGHTEN_ACTS } from './ownActs';

/** Why in stages, what an early click means, the figures and where they come from, what was done. */
export function TightenBack({ view }: { view: RunView }) {
  const { jobId } = useJob();
  const { afterwards = [], twoPeople } = view.set;
  return (
    <View className="gap-3">
      <View>
        <Heading level={3}>{w.why}</Heading>
        <Body>{w.whyText}</Body>
      </View>
      <View>
        <Heading level={3}>{w.clicksEarly}</Heading>
        <Body>{w.clicksEarlyText}</Body>
      </View>
      <Body>{w.undoNote}</Body>
      <View className="gap-1 border-t border-rule pt-2">
        {view.stages.map((stage, place) => (
          <View key={stage.key} className="flex-row items-baseline justify-between gap-3">
            <Body className="font-strong">{w.settingFor(place + 1)}</Body>
            <Small className="shrink text-right">{stageText(view, stage)}</Small>
          </View>
        ))}
      </View>
      {[...(twoPeople ? [twoPeople] : []), ...afterwards].map(({ says, source }) => (
        <View key={says} className="border-t border-rule pt-2">
          <Body>{says}</Body>
          <Small>{source}</Small>
        </View>
      ))}
      <Button
        label={clampWords.title}
        onPress={() => router.push(`/jobs/${jobId}/what-if?set=${view.set.id}`)}
      />
      <ActLog of={TIGHTEN_ACTS} />
    </View>
  );
}

/** What a stage asks, as printed, group by group where they differ. */
function stageText({ set }: RunView, { stage, bolts }: StageView): string {
  const reported = new Map<string, { text: string; source: string }>();
  for (const { act } of bolts) {
    const printed = printedFor(set, stage, act.fastener);
    if (!printed) continue;
    const fastener = set.fasteners.find((f) => f.id === act.fastener);
    const group = set.groups.length > 1 && fastener ? groupOf(set, fastener)?.name : undefined;
    const text = printedText(printed);
    const key = [...reported.values()].some((t) => t.text === text) ? null : (group ?? '');
    if (key !== null) reported.set(key, { text, source: printedSource(printed) });
  }
  const several = reported.size > 1;
  const figures = [...reported].map(([group, { text }]) => (several ? `${group}: ${text}` : text));
  const source = [...reported.values()][0]?.source ?? '';
  return [`${w.ask[stage.kind]} ${figures.join('; ')}`.trim(), source].filter(Boolean).join(' · ');
}
