import { fitCheckId } from '@cardinex/core/job/cards/fit/checks';
import { rowItem } from '@cardinex/core/job/cards/fit/rows';
import { rowsOfPiece } from '@cardinex/core/job/cards/fit/standing';
import { viewsOn } from '@cardinex/core/job/checks/views';
import { LookCheck } from '../checks/LookCheck';
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
  const open = new Set(
    rowsOfPiece(sheet, state, piece).flatMap(({ row, stands }) =>
      stands === 'open' ? [rowItem(row)] : [],
    ),
  );
  return (
    <LookCheck
      key={view.check.id}
      view={view}
      set={piece}
      ready={({ item }) => open.has(item)}
      more={view.read === 0 ? <LeaveOut card="fit" /> : null}
    />
  );
}
