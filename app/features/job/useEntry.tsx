import type { TrayCard } from '@cardinex/core/job/standing';
import type { CardName } from '@cardinex/core/job/trayReason';
import type { ReactElement, ReactNode } from 'react';
import { entryOf } from '@cardinex/core/job/tray';
import { BarredCard } from './BarredCard';
import { useJob } from './JobProvider';
import { NoSuchCard } from './NoSuchCard';

interface Asked {
  readonly card: CardName;
  readonly set?: string | undefined;
}

type Found =
  | { readonly entry: TrayCard; readonly instead: null }
  | { readonly entry: null; readonly instead: ReactElement };

/**
 * A card as it stands in the tray; or what is shown in its place, because this job has no such card
 * or it has to wait.
 * @param more shown below why it waits
 * @example const { entry, instead } = useEntry({ card: 'strip' }); if (instead) return instead;
 */
export function useEntry(asked: Asked, more?: (entry: TrayCard) => ReactNode): Found {
  const { tray } = useJob();
  const entry = entryOf(tray, asked);
  if (!entry) return { entry: null, instead: <NoSuchCard card={asked.card} /> };
  if (entry.status === 'barred')
    return { entry: null, instead: <BarredCard entry={entry} more={more?.(entry)} /> };
  return { entry, instead: null };
}
