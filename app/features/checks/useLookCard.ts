import type { ActType } from '@cardinex/core/job/act';
import type { CheckView } from '@cardinex/core/job/checks/view';
import { cardBacks } from '@cardinex/words/cards/buildSteps';
import { inspectWords as w } from '@cardinex/words/cards/inspect';
import { useCard } from '../job/useCard';

const OWN_ACTS: ReadonlySet<ActType> = new Set<ActType>([
  'joint.wiped-off',
  'check.seen',
  'check.row-seen',
  'check.not-here',
  'check.decided',
]);

/** What the card of something looked over repeats, one by one or by the row. */
export function useLookCard({ check, done }: CheckView, set?: string): ReturnType<typeof useCard> {
  const sentences = check.card === 'inspect' ? w.looksBack : cardBacks[check.card];
  return useCard({
    card: check.card,
    set,
    acts: OWN_ACTS,
    says: check.kind === 'holes' ? [w.holesFirst, ...sentences] : sentences,
    done,
  });
}
