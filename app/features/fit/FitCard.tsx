import { fitCheckId } from '@cardinex/core/job/cards/fit/checks';
import { countedAt } from '@cardinex/core/job/cards/fit/counted';
import { rowItem } from '@cardinex/core/job/cards/fit/rows';
import { rowsOfPiece } from '@cardinex/core/job/cards/fit/standing';
import { FIT_ON, fitSteps } from '@cardinex/core/job/cards/fit/steps';
import { viewsOn } from '@cardinex/core/job/checks/views';
import { StillIn } from '../register/StillIn';
import { OneByOne } from '../checks/OneByOne';
import { LeaveOut } from '../job/LeaveOut';
import { NoSuchCard } from '../job/NoSuchCard';
import { useJob } from '../job/JobProvider';
import { useEntry } from '../job/useEntry';

/** One piece goes on, row by row: faces, joints, a last look, on, made fast, connected, proved. */
export function FitCard({ set }: { readonly set: string | undefined }) {
  const { sheet, state } = useJob();
  const { entry, blockedScreen } = useEntry({ card: 'fit', set });
  if (blockedScreen) return blockedScreen;
  const piece = entry.set?.id ?? '';
  const view = viewsOn(sheet, state.checks, 'fit').find(
    ({ check }) => check.id === fitCheckId(piece),
  );
  if (!view) return <NoSuchCard card="fit" />;
  const rows = rowsOfPiece(sheet, state, piece);
  const open = new Set(
    rows.flatMap(({ row, stands }) => (stands === 'open' ? [rowItem(row)] : [])),
  );
  const goingOn = rows.find((row) => row.stands === 'open' && row.next?.id === FIT_ON);
  return (
    <OneByOne
      key={view.check.id}
      view={view}
      set={piece}
      ready={({ item }) => open.has(item)}
      counted={({ item, place }) => {
        const row = rows.find((entry) => rowItem(entry.row) === item)?.row;
        const step = row && fitSteps(sheet, row.piece).find(({ id }) => id === place);
        return row && step ? countedAt(row, step) : null;
      }}
      above={goingOn ? <StillIn under={goingOn.row.piece} /> : null}
      more={view.read === 0 ? <LeaveOut card="fit" /> : null}
    />
  );
}
