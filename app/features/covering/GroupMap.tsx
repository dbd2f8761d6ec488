import { View } from 'react-native';
import type { FastenedSet } from '@cardinex/core/sheet/spec/fastening';
import type { EngineEnd } from '@cardinex/core/sheet/spec/layout';
import { boltLengths } from '@cardinex/words/drawn/boltLengths';
import { DrawingView } from '../../ui/drawing/DrawingView';
import { EndMark } from '../job/EndMark';
import { tallestOf } from '../tighten/HeadMap';
import { TreatmentKey } from '../tighten/TreatmentKey';

/** Which bolt goes into which hole: a letter and a shape for each length, on the map of the head. */
export function GroupMap({ set, end }: { set: FastenedSet; end: EngineEnd }) {
  return (
    <View className="px-3 pt-2">
      <EndMark end={end} />
      <DrawingView drawing={boltLengths(set)} maxHeight={tallestOf(set)} />
      <TreatmentKey set={set} />
    </View>
  );
}
