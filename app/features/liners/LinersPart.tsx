import { viewsOn } from '@cardinex/core/job/checks/views';
import { OneCheck } from '../checks/OneCheck';
import { useJob } from '../job/JobProvider';
import { useEntry } from '../job/useEntry';
import { PlaceLiners } from './PlaceLiners';
import { SealLiners } from './SealLiners';

interface Props {
  readonly part: string | undefined;
  /** The check in hand. */
  readonly check: string | undefined;
}

/** What goes before the heights of liners that were out: measured and placed, then sealed. */
export function LinersPart({ part, check: id }: Props) {
  const { sheet, state } = useJob();
  const { blockedScreen } = useEntry({ card: 'liners' });
  if (blockedScreen) return blockedScreen;
  const view = viewsOn(sheet, state.checks, 'liners').find(({ check }) => check.id === id);
  if (view) return <OneCheck key={view.check.id} view={view} />;
  return part === 'seals' ? <SealLiners /> : <PlaceLiners />;
}
