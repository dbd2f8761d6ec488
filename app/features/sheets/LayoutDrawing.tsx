import { View } from 'react-native';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { cylinderLayout } from '@cardinex/words/drawn/cylinderLayout';
import { sheetsWords as w } from '@cardinex/words/sheets/screen';
import { DrawingView } from '../../ui/drawing/DrawingView';
import { Small } from '../../ui/Words';
import { EndMark } from '../job/EndMark';

interface Props {
  readonly sheet: Pick<EngineSheet, 'layout' | 'cylinder1End'>;
  /** Cylinders already tapped, in order. */
  readonly marked?: readonly number[];
  readonly onPress?: (cylinder: number) => void;
}

/** Every bank from above, the cylinder-1 end at the left, each cylinder chosen by a touch where asked for. */
export function LayoutDrawing({ sheet, marked = [], onPress }: Props) {
  return (
    <View>
      <View className="flex-row justify-between pb-1">
        <EndMark end={sheet.cylinder1End} />
        <Small>{w.layout}</Small>
      </View>
      <DrawingView
        drawing={cylinderLayout(sheet, marked)}
        maxHeight={150}
        onPress={onPress && ((target) => onPress(Number(target)))}
      />
    </View>
  );
}
