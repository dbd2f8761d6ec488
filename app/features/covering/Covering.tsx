import { CRANK_STANDS } from '@cardinex/core/job/facts/crank';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import {
  LET_DOWN,
  partsUnder,
  stepsBefore,
  type CoveringView,
} from '@cardinex/core/job/cards/tighten/covering';
import { temporaryPartName } from '@cardinex/core/job/register';
import { coveringWords as w } from '@cardinex/words/cards/covering';
import { registerWords } from '@cardinex/words/register';
import { Button } from '../../ui/Button';
import { Mark } from '../../ui/Mark';
import { Body } from '../../ui/Words';
import { LookCheck } from '../checks/LookCheck';
import { LeaveOut } from '../job/LeaveOut';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';
import { CoverCrank } from './CoverCrank';

interface Props {
  readonly view: CoveringView;
  readonly set: string;
  readonly instances: ReactNode;
}

/** One head goes on: what it hides looked over, the crank placed, then on and flush, step by step. */
export function Covering({ view, set, instances }: Props) {
  const { sheet, state } = useJob();
  const { next, on, looked, crankAgain } = view;
  if (!next) return null;
  const isOn = next === on;
  // Nobody goes on past a crank that may have been turned.
  const again = ({ place }: { place: string }): boolean =>
    isOn && crankAgain && place === CRANK_STANDS;
  const downNext = isOn && !crankAgain && stepsBefore(state, on.check, LET_DOWN).length === 0;
  return (
    <LookCheck
      key={next.check.id}
      view={next}
      set={set}
      again={again}
      above={
        <>
          {instances}
          {again({ place: CRANK_STANDS }) ? (
            <View className="border-b border-rule bg-tab px-3.5 py-2.5" testID="crank-again">
              <Mark kind="leftOpen" word={w.crankAgain} />
            </View>
          ) : null}
          {downNext ? <StillIn /> : null}
        </>
      }
      below={({ place }) =>
        place === CRANK_STANDS ? <CoverCrank sheet={sheet} of={on.check} /> : null
      }
      more={looked.read === 0 ? <LeaveOut card="covering" /> : null}
    />
  );
}

/** What must come out before the head is let down, each taken out here. */
function StillIn() {
  const { state } = useJob();
  const parts = partsUnder(state);
  if (parts.length === 0) return null;
  return (
    <View className="gap-2 border-b border-rule bg-tab px-3.5 py-2.5" testID="still-in">
      <Body className="font-strong">{w.takeOut}</Body>
      {parts.map((part) => (
        <TakeOut key={part.id} part={part.id} name={temporaryPartName(part)} />
      ))}
    </View>
  );
}

function TakeOut({ part, name }: { part: string; name: string }) {
  const { record } = useJob();
  const take = useOnce(() => record('temporary-part.taken-out', { part }));
  return <Button label={registerWords.takeOutOf(name)} onPress={take} />;
}
