import type { OverheadView } from '@cardinex/core/job/cards/valves/view';
import type { BarringSchool } from '@cardinex/core/overhead/schools';
import { schoolsFor } from '@cardinex/core/sheet/barringOf';
import { barringSentence, schoolWhy, valvesScreen as w } from '@cardinex/words/cards/valves';
import { schoolName } from '@cardinex/words/overheadNames';
import { Button } from '../../../ui/Button';
import { Slip } from '../../../ui/Slip';
import { Body, Small } from '../../../ui/Words';
import { View } from 'react-native';
import { useJob } from '../../job/JobProvider';
import { useOnce } from '../../job/useOnce';

/** The ways this engine can be gone round for what is left, from where it stands, each with what it takes. */
export function Schools({ view, onClose }: { view: OverheadView; onClose: () => void }) {
  const { sheet, state, record } = useJob();
  const startDeg = state.crank.atDeg ?? 0;
  const done = new Set(view.items.filter((entry) => entry.done).map(({ item }) => item.id));
  const items = view.planned.filter(({ id }) => !done.has(id));
  const choose = useOnce(async (school: BarringSchool) => {
    if ((await record('barring.chosen', { school, startDeg })) === null) onClose();
  });
  return (
    <Slip title={w.goRound} onClose={onClose}>
      <Body>{w.goRoundHow(items.length)}</Body>
      {schoolsFor(sheet, { items, startDeg }).map(({ school, plan }) => (
        <View key={school} className="gap-1">
          <Button
            label={schoolName(school)}
            hint={schoolWhy(school)}
            selected={school === view.school}
            onPress={() => choose(school)}
          />
          <Small>{barringSentence(plan)}</Small>
        </View>
      ))}
      <Button label={w.leaveAsIs} onPress={onClose} />
    </Slip>
  );
}
