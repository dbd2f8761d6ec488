import { View } from 'react-native';
import type { ItemView } from '@cardinex/core/job/cards/valves/item';
import { isValve } from '@cardinex/core/sheet/settingItems';
import { screwTurn } from '@cardinex/core/overhead/screwTurn';
import { lashSentence, screwSentence } from '@cardinex/words/cards/valves';
import { useUnits } from '../../../device/preferences';
import { Body } from '../../../ui/Words';
import { useJob } from '../../job/JobProvider';

interface Props {
  readonly view: ItemView;
  readonly limits: { readonly lowMm: number; readonly highMm: number; readonly aimMm: number };
  readonly phase: 'cold' | 'hot';
}

/** After a reading out of limits: how far to turn the screw, and which way. */
export function ScrewAdvice({ view, limits, phase }: Props) {
  const { sheet } = useJob();
  const units = useUnits();
  const { counts } = view.verdict;
  if (!counts || (phase === 'hot' && counts.reading !== 'hot')) return null;
  const screw = isValve(view.item) ? sheet.overhead?.screw : undefined;
  const turn =
    screw &&
    screwTurn({
      measuredMm: counts.mm,
      targetMm: limits.aimMm,
      pitchMm: screw.pitchMm,
      rockerRatio: screw.rockerRatio,
      screwAt: screw.at,
      inCloses: screw.inCloses,
    });
  return (
    <View testID="advice">
      <Body>{lashSentence(view.verdict, units)}</Body>
      {counts.verdict === 'within' || !turn ? null : (
        <Body className="font-strong text-large text-blue">{screwSentence(turn)}</Body>
      )}
    </View>
  );
}
