import { View } from 'react-native';
import { treatmentsOf } from '@cardinex/core/sheet/treatmentOf';
import type { FastenedSet } from '@cardinex/core/sheet/spec/fastening';
import { treatmentNames } from '@cardinex/words/treatments';
import { GLYPH_MM, treatmentGlyph } from '@cardinex/drawings/tighten/treatmentGlyph';
import { Glyph } from '../../ui/drawing/Glyph';
import { Small } from '../../ui/Words';

const REACH = GLYPH_MM + 4;
const FRAME = { x: -REACH, y: -REACH, width: 2 * REACH, height: 2 * REACH } as const;

/** The marks on a map by which treatments are told apart, with their words; none where all are alike. */
export function TreatmentKey({ set }: { set: Pick<FastenedSet, 'groups' | 'fasteners'> }) {
  const kinds = [...new Set(treatmentsOf(set).values())];
  if (kinds.length === 0) return null;
  return (
    <View className="flex-row flex-wrap items-center gap-x-4 gap-y-1 pt-1">
      {kinds.map((kind) => (
        <View key={kind} className="flex-row items-center gap-1.5">
          <Glyph shapes={treatmentGlyph(kind)} frame={FRAME} width={18} height={18} />
          <Small>{treatmentNames[kind]}</Small>
        </View>
      ))}
    </View>
  );
}
