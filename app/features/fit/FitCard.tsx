import { fitCheckId } from '@cardinex/core/job/cards/fit/checks';
import { countedAt } from '@cardinex/core/job/cards/fit/counted';
import { rowItem, type FitRow } from '@cardinex/core/job/cards/fit/rows';
import { rowsOfPiece } from '@cardinex/core/job/cards/fit/standing';
import { FIT_ON, fitSteps, type FitStep } from '@cardinex/core/job/cards/fit/steps';
import { viewsOn } from '@cardinex/core/job/checks/views';
import { clockWords as w } from '@cardinex/words/clocks';
import type { Slot } from '../checks/ReadingGrid';
import { StillIn } from '../register/StillIn';
import { LookCheck } from '../checks/LookCheck';
import { LeaveOut } from '../job/LeaveOut';
import { NoSuchCard } from '../job/NoSuchCard';
import { useJob } from '../job/JobProvider';
import { useEntry } from '../job/useEntry';
import { JointTime } from './JointTime';
import { useJointTime } from './useJointTime';

/** One piece goes on, row by row: faces, joints, a last look, on, made fast, connected, proved. */
export function FitCard({ set }: { readonly set: string | undefined }) {
  const { sheet, state, record } = useJob();
  const { entry, blockedScreen } = useEntry({ card: 'fit', set });
  const piece = entry?.set?.id ?? '';
  const rows = rowsOfPiece(sheet, state, piece);
  const inHand = rows.find(({ stands }) => stands === 'open');
  const { inHand: joint, now, against } = useJointTime(inHand?.row);
  if (blockedScreen) return blockedScreen;
  const view = viewsOn(sheet, state.checks, 'fit').find(
    ({ check }) => check.id === fitCheckId(piece),
  );
  if (!view) return <NoSuchCard card="fit" />;
  const open = new Set(
    rows.flatMap(({ row, stands }) => (stands === 'open' ? [rowItem(row)] : [])),
  );
  const goingOn = rows.find((row) => row.stands === 'open' && row.next?.id === FIT_ON);
  const rowAt = ({ item }: Slot): FitRow | undefined =>
    rows.find(({ row }) => rowItem(row) === item)?.row;
  const stepAt = (slot: Slot): FitStep | undefined => {
    const { place } = slot;
    const row = rowAt(slot);
    return row && fitSteps(sheet, row.piece).find(({ id }) => id === place);
  };
  const timeAt = (slot: Slot): ReturnType<typeof against> => {
    const step = stepAt(slot);
    return step && inHand && inHand.row === rowAt(slot) ? against(step) : null;
  };
  return (
    <LookCheck
      key={view.check.id}
      view={view}
      set={piece}
      ready={(item) => open.has(item)}
      counted={(slot) => {
        const row = rowAt(slot);
        const step = stepAt(slot);
        return row && step ? countedAt(row, step) : null;
      }}
      early={(slot) =>
        timeAt(slot)?.is === 'too-early' ? { title: w.allTheSameTitle, button: w.allTheSame } : null
      }
      instead={(slot) =>
        joint && timeAt(slot)?.is === 'too-late'
          ? {
              label: w.wipedOff,
              onPress: () =>
                void record('joint.wiped-off', { piece: slot.item, step: joint.clock.step }),
            }
          : null
      }
      above={
        <>
          {joint ? <JointTime phase={joint.phase} now={now} /> : null}
          {goingOn ? <StillIn under={goingOn.row.piece} /> : null}
        </>
      }
      more={view.read === 0 ? <LeaveOut card="fit" /> : null}
    />
  );
}
