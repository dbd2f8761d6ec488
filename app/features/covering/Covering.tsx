import { CRANK_STANDS } from '@cardinex/core/job/facts/crank';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import {
  LET_DOWN,
  stepsBefore,
  type CoveringView,
} from '@cardinex/core/job/cards/tighten/covering';
import { coveringWords as w } from '@cardinex/words/cards/covering';
import { Mark } from '../../ui/Mark';
import { LookCheck } from '../checks/LookCheck';
import { LeaveOut } from '../job/LeaveOut';
import { useJob } from '../job/JobProvider';
import { StillIn } from '../register/StillIn';
import { CoverCrank } from './CoverCrank';

const HEAD = { kind: 'head' };

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
          {downNext ? <StillIn under={HEAD} /> : null}
        </>
      }
      below={({ place }) =>
        place === CRANK_STANDS ? <CoverCrank sheet={sheet} of={on.check} /> : null
      }
      more={looked.read === 0 ? <LeaveOut card="covering" /> : null}
    />
  );
}
