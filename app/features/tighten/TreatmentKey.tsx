import { View } from 'react-native';
import Svg from 'react-native-svg';
import { treatmentsOf } from '@cardinex/core/sheet/treatmentOf';
import type { FastenedSet } from '@cardinex/core/sheet/spec/fastening';
import { treatmentNames } from '@cardinex/words/en/treatments';
import { Small } from '../../ui/Words';
import { GLYPH_MM, TreatmentGlyph } from './TreatmentGlyph';

/** The marks on a map by which treatments are told apart, with their words; none where all are alike. */
export function TreatmentKey({ set }: { set: Pick<FastenedSet, 'groups' | 'fasteners'> }) {
  const kinds = [...new Set(treatmentsOf(set).values())];
  if (kinds.length === 0) return null;
  const reach = GLYPH_MM + 4;
  return (
    <View className="flex-row flex-wrap items-center gap-x-4 gap-y-1 pt-1">
      {kinds.map((kind) => (
        <View key={kind} className="flex-row items-center gap-1.5">
          <Svg
            width={18}
            height={18}
            viewBox={`${-reach} ${-reach} ${2 * reach} ${2 * reach}`}
            aria-hidden
          >
            <TreatmentGlyph kind={kind} />
          </Svg>
          <Small>{treatmentNames[kind]}</Small>
        </View>
      ))}
    </View>
  );
}
