import type { Printed } from '@cardinex/core/job/facts/shown';
import { useState } from 'react';
import { View } from 'react-native';
import {
  ADJUSTER_REACH_MM,
  adjustersOf,
  type OverheadView,
} from '@cardinex/core/job/cards/valves/view';
import { itemShort } from '@cardinex/words/itemNames';
import { standOutSentence } from '@cardinex/words/overhead';
import { valvesScreen as w } from '@cardinex/words/cards/valves';
import { linersWords } from '@cardinex/words/screens';
import { useUnits } from '../../../device/preferences';
import { Button } from '../../../ui/Button';
import { Marked } from '../../../ui/Marked';
import { Body, Heading } from '../../../ui/Words';
import { useJob } from '../../job/JobProvider';
import { ReadingEntry, useReadingField } from '../../reading/ReadingEntry';
import { AdjustersDrawing } from './AdjustersDrawing';

/**
 * How far each adjuster stands out, held against its fellows: one out of line has its push rod on the
 * edge of its pocket.
 */
export function AdjustersPart({ view }: { view: OverheadView }) {
  const { state, record } = useJob();
  const units = useUnits();
  const entry = useReadingField();
  const [begun, setBegun] = useState(false);
  const { items, found } = adjustersOf(view, state.valves);
  const [again, setAgain] = useState<string | null>(null);
  if (items.length === 0) return null;
  const next =
    items.find(({ id }) => id === again) ?? items.find(({ id }) => !state.valves.adjusters[id]);
  const save = async (mm: number, printed: Printed): Promise<boolean> => {
    if (!next) return false;
    setAgain(null);
    return (await record('adjuster.read', { item: next.id, mm, printed })) === null;
  };
  const odd = found?.items.filter(({ verdict }) => verdict === 'odd') ?? [];
  return (
    <View className="gap-2 border-t border-rule pt-3" testID="adjusters">
      <Heading level={3}>{w.adjusters}</Heading>
      {found ? (
        <>
          <AdjustersDrawing items={found.items} />
          <Marked kind={odd.length > 0 ? 'out' : 'within'}>{standOutSentence(found, units)}</Marked>
          {odd.map(({ id }) => (
            <Button key={id} label={w.measureAgain(id)} onPress={() => setAgain(id)} />
          ))}
        </>
      ) : (
        <Body>{w.adjustersWhy}</Body>
      )}
      {next && (begun || found) ? (
        <ReadingEntry
          label={w.adjusterOf(itemShort(next))}
          reachMm={ADJUSTER_REACH_MM}
          beyond={linersWords.beyondGap}
          onRead={save}
          entry={entry}
        />
      ) : next ? (
        <Button label={w.measureAdjusters} onPress={() => setBegun(true)} />
      ) : null}
    </View>
  );
}
