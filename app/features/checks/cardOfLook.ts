import type { ActType } from '@cardinex/core/job/act';
import type { CardName } from '@cardinex/core/job/facts/cardName';
import type { CheckView } from '@cardinex/core/job/checks/view';
import { cardBacks } from '@cardinex/words/cards/buildSteps';
import { inspectWords as w } from '@cardinex/words/cards/inspect';

const OWN_ACTS: ReadonlySet<ActType> = new Set<ActType>([
  'joint.wiped-off',
  'check.seen',
  'check.row-seen',
  'check.decided',
]);

interface CardOfLook {
  readonly card: CardName;
  readonly set: string | undefined;
  readonly acts: ReadonlySet<ActType>;
  readonly says: readonly string[];
  readonly done: boolean;
}

/** What the card of something looked over is made from, one by one or by the row. */
export function cardOfLook({ check, done }: CheckView, set?: string): CardOfLook {
  const sentences = check.card === 'inspect' ? w.looksBack : cardBacks[check.card];
  return {
    card: check.card,
    set,
    acts: OWN_ACTS,
    says: check.kind === 'holes' ? [w.holesFirst, ...sentences] : sentences,
    done,
  };
}
