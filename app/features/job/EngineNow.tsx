import { router } from 'expo-router';
import { View } from 'react-native';
import { engineNow } from '@cardinex/core/job/plan/engineNow';
import { assemblyGraph } from '@cardinex/core/sheet/assembly/assemblyGraph';
import { engineNow as drawn } from '@cardinex/words/drawn/stack';
import { pieceNamed } from '@cardinex/words/pieces';
import { stackWords as w } from '@cardinex/words/stack';
import { DrawingView } from '../../ui/drawing/DrawingView';
import { Heading, Small } from '../../ui/Words';
import { entryHref } from './entryHref';
import { useJob } from './JobProvider';

/** This engine as its pieces: on, off, next; a touch leads to the card on which a piece is worked on. */
export function EngineNow() {
  const { jobId, sheet, state, tray, now } = useJob();
  const { standing, cardOf } = engineNow(sheet, state, tray, now);
  const next = assemblyGraph(sheet.whole).instances.find(({ id }) => standing(id) === 'next');
  const open = (instance: string): void => {
    const entry = cardOf(instance);
    if (entry) router.replace(entryHref(jobId, entry));
  };
  return (
    <View className="gap-2 rounded-lg bg-card p-3.5">
      <Heading level={2} className="text-heading">
        {w.nowTitle}
      </Heading>
      <DrawingView
        drawing={drawn(
          sheet.whole,
          { standing, next: next ? pieceNamed(sheet.whole, next.of) : null },
          false,
        )}
        onPress={open}
      />
      <Small>{w.nowLegend}</Small>
    </View>
  );
}
