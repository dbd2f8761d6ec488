import { viewsOn } from '@cardinex/core/job/checks/view';
import { entryOf } from '@cardinex/core/job/tray';
import { OneCheck } from '../checks/OneCheck';
import { BarredCard } from '../job/BarredCard';
import { useJob } from '../job/JobProvider';
import { NoSuchCard } from '../job/NoSuchCard';
import { PlaceLiners } from './PlaceLiners';
import { SealLiners } from './SealLiners';

interface Props {
  readonly part: string | undefined;
  /** The check in hand. */
  readonly check: string | undefined;
}

/** What goes before the heights of liners that were out: measured and placed, then sealed. */
export function LinersPart({ part, check: id }: Props) {
  const { sheet, state, tray } = useJob();
  const entry = entryOf(tray, { card: 'liners' });
  if (!entry) return <NoSuchCard card="liners" />;
  if (entry.status === 'barred') return <BarredCard entry={entry} />;
  const view = viewsOn(sheet, state.checks, 'liners').find(({ check }) => check.id === id);
  if (view) return <OneCheck key={view.check.id} view={view} />;
  return part === 'seals' ? <SealLiners /> : <PlaceLiners />;
}
