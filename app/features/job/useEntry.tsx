import type { TrayCard } from '@cardinex/core/job/standing';
import type { CardName } from '@cardinex/core/job/facts/cardName';
import type { ReactElement, ReactNode } from 'react';
import { entryOf } from '@cardinex/core/job/kit/entryOf';
import { BarredCard } from './BarredCard';
import { useJob } from './JobProvider';
import { NoSuchCard } from './NoSuchCard';

interface Asked {
  readonly card: CardName;
  readonly set?: string | undefined;
}

type Found =
  | { readonly entry: TrayCard; readonly blockedScreen: null }
  | { readonly entry: null; readonly blockedScreen: ReactElement };

/**
 * A card as it stands in the tray; or what is shown in its place, because this job has no such card
 * or it has to wait.
 * @param more shown below why it waits
 * @example const { entry, blockedScreen } = useEntry({ card: 'strip' }); if (blockedScreen) return blockedScreen;
 */
export function useEntry(asked: Asked, more?: (entry: TrayCard) => ReactNode): Found {
  const { tray } = useJob();
  const entry = entryOf(tray, asked);
  if (!entry) return { entry: null, blockedScreen: <NoSuchCard card={asked.card} /> };
  if (entry.status === 'barred')
    return { entry: null, blockedScreen: <BarredCard entry={entry} more={more?.(entry)} /> };
  return { entry, blockedScreen: null };
}
