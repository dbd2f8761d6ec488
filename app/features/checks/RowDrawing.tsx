import { View } from 'react-native';
import type { Check } from '@cardinex/core/job/checks/check';
import { rowOfPartsDrawing, type RowStanding } from '@cardinex/drawings/checks/rowOfParts';
import { rowWords as w } from '@cardinex/words/cards/row';
import { itemName } from '@cardinex/words/checkNames';
import { DrawingView } from '../../ui/drawing/DrawingView';
import { EndMark } from '../job/EndMark';
import { useJob } from '../job/JobProvider';
import { HolesMap } from './HolesMap';
import { linesOfRow } from './linesOfRow';

interface Props {
  readonly check: Check;
  readonly standing: (item: string) => RowStanding;
  readonly onPress: (item: string) => void;
}

/** The row that something is said of, drawn: holes on their map, other parts as they lie in the engine. */
export function RowDrawing({ check, standing, onPress }: Props) {
  const { sheet } = useJob();
  const named = (is: RowStanding): readonly string[] =>
    check.items.filter((item) => standing(item) === is).map((item) => itemName(sheet, check, item));
  return (
    <View className="px-3 py-2">
      <EndMark end={sheet.cylinder1End} />
      {check.kind === 'holes' ? (
        <HolesMap check={check} current={null} standing={standing} onPress={onPress} />
      ) : (
        <DrawingView
          drawing={rowOfPartsDrawing({
            lines: linesOfRow(sheet, check),
            standing,
            description: w.drawn(named('in-row'), named('left-out'), named('failed')),
          })}
          onPress={onPress}
        />
      )}
    </View>
  );
}
