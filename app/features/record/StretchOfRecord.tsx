import { useState } from 'react';
import { View } from 'react-native';
import type { LoggedAct } from '@cardinex/core/job/act';
import { actLine } from '@cardinex/words/acts';
import { placeTitle } from '@cardinex/words/outOfOrder';
import { recordWords as w } from '@cardinex/words/screens';
import { useUnits } from '../../device/preferences';
import { useShopTime } from '../../session/useShopTime';
import { Button } from '../../ui/Button';
import { useJob } from '../job/JobProvider';
import type { Stretch } from './byCard';
import { RecordRow } from './RecordRow';

/** So many are read at a glance; more are folded away under their card. */
const FEW = 12;

interface Props {
  readonly stretch: Stretch;
  /** Shown in any case: the newest, and all of them on paper. */
  readonly unfolded: boolean;
  readonly onStrike: (act: LoggedAct) => void;
}

/** What was done on one card at a stretch: line by line, or but for what was remarkable folded away where it is long. */
export function StretchOfRecord({ stretch: { place, acts }, unfolded, onStrike }: Props) {
  const { sheet, state } = useJob();
  const units = useUnits();
  const { timeOfDay } = useShopTime();
  const [open, setOpen] = useState(false);
  const folds = place !== null && acts.length > FEW && !unfolded;
  // What was taken back, or said in words, is read in any case.
  const isPlain = (act: LoggedAct): boolean =>
    state.struck[act.id] === undefined && !actLine(act, sheet, units, state).words;
  const shown = folds && !open ? acts.filter((act) => !isPlain(act)) : acts;
  const [first] = acts;
  const last = acts.at(-1);
  return (
    <View>
      {folds && first && last ? (
        <Button
          label={placeTitle(sheet, place)}
          hint={w.stretch(acts.length, timeOfDay(first.at), timeOfDay(last.at))}
          expanded={open}
          onPress={() => setOpen(!open)}
          className="no-print my-1.5"
          testID="stretch"
        />
      ) : null}
      {shown.map((act) => (
        <RecordRow key={act.id} act={act} onStrike={onStrike} />
      ))}
    </View>
  );
}
