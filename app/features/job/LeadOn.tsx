import type { CardName } from '@cardinex/core/job/facts/cardName';
import { entryOf } from '@cardinex/core/job/kit/entryOf';
import { currentCard } from '@cardinex/core/job/tray';
import { NextCard } from './NextCard';
import { useJob } from './JobProvider';
import { ToTrayButton } from './ToTrayButton';
import { BarRow } from '../../ui/BarRow';

interface Props {
  readonly from: { readonly card: CardName; readonly set?: string | undefined };
  /** Nothing is left to be done on it: leaving it is the answer expected. */
  readonly done: boolean;
}

/**
 * Where a card leads: once it is done to the next one that is ready, or to the record where nothing is
 * left; and always back to the tray.
 */
export function LeadOn({ from, done }: Props) {
  const { tray } = useJob();
  const next = currentCard(tray);
  const leads = done && (next === null || (next.status === 'open' && next !== entryOf(tray, from)));
  return (
    <BarRow>
      <ToTrayButton done={done && !leads} className="flex-1" />
      {leads ? <NextCard className="min-w-[8rem] flex-[2]" /> : null}
    </BarRow>
  );
}
