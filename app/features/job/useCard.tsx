import type { ActType, LoggedAct } from '@cardinex/core/job/act';
import type { CardName } from '@cardinex/core/job/facts/cardName';
import type { ReactNode } from 'react';
import { cardTitle } from '@cardinex/words/cards/names';
import type { CardActs } from './ActBar';
import { BackOfCard } from './BackOfCard';
import { LeadOn } from './LeadOn';
import { useSpoken } from './useSpoken';
import { useUndo } from './useUndo';

interface Asked {
  readonly card: CardName;
  /** Which fastened set, of a card that tightens one. */
  readonly set?: string | undefined;
  /** The acts that are made on it. */
  readonly acts: ReadonlySet<ActType>;
  /** Is an act of what is in sight, where the card shows one thing of several? */
  readonly isHere?: ((act: LoggedAct) => boolean) | undefined;
  /** Why this is done, and what goes wrong. */
  readonly says: readonly string[];
  /** What is asked, said aloud while speech is on; null where nothing is. */
  readonly spoken?: string | null;
  /** Nothing is left to be done on it. */
  readonly done: boolean;
}

interface Made {
  /** One's own last act, where it was made here, and the undoing of it. */
  readonly undo: CardActs['undo'];
  /** What a card's frame is given, whatever stands on it. */
  readonly frame: {
    readonly card: CardName;
    readonly set?: string;
    readonly title: string;
    readonly back: ReactNode;
    readonly actBar: ReactNode;
  };
}

/**
 * What every card repeats: its title and back with what was recorded, the undoing of one's own last act,
 * what is said aloud, and where it leads once nothing is left on it.
 * @example
 * const { undo, frame } = useCard({ card: 'dead', acts: OWN_ACTS, says: w.back, done });
 * return <CardFrame {...frame} acts={{ undo, confirm }}>…</CardFrame>;
 */
export function useCard({ card, set, acts, isHere, says, spoken = null, done }: Asked): Made {
  const { undo } = useUndo(acts, card, isHere);
  useSpoken(spoken);
  return {
    undo,
    frame: {
      card,
      ...(set !== undefined && { set }),
      title: cardTitle(card),
      back: <BackOfCard says={says} acts={acts} card={card} />,
      actBar: <LeadOn from={{ card, set }} done={done} />,
    },
  };
}
