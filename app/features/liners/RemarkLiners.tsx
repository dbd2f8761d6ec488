import { View } from 'react-native';
import { boresToRemark } from '@cardinex/core/job/cards/liners/view';
import { marksOf, type Mark as PartMark } from '@cardinex/core/job/cards/mark/view';
import { placeWords as w } from '@cardinex/words/cards/buildSteps';
import { Button } from '../../ui/Button';
import { Mark } from '../../ui/Mark';
import { Body } from '../../ui/Words';
import { useJob } from '../job/JobProvider';

/** Liners that changed places, to be marked with their new bore; nothing when all are. */
export function RemarkLiners() {
  const { sheet, state, record } = useJob();
  const bores = boresToRemark(state.liners);
  if (bores.length === 0) return null;
  const markOf = (bore: string): PartMark | undefined =>
    marksOf(sheet).find(({ id }) => id === `liner/${bore}`);
  return (
    <View className="gap-2 border-t border-rule px-3.5 py-2.5" testID="remark">
      <View className="flex-row gap-2">
        <Mark kind="out" />
        <Body className="flex-1">{w.remarkSays}</Body>
      </View>
      {bores.map((bore) => {
        const mark = markOf(bore);
        if (!mark) return null;
        const { id, kind, code, place } = mark;
        return (
          <Button
            key={bore}
            label={w.remark(bore, code)}
            onPress={() => void record('mark.made', { mark: id, kind, code, place })}
          />
        );
      })}
    </View>
  );
}
