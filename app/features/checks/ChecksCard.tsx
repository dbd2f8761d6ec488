import { viewsOn } from '@cardinex/core/job/checks/views';
import type { ReactNode } from 'react';
import type { ActType } from '@cardinex/core/job/act';
import type { CheckCard } from '@cardinex/core/job/checks/check';
import { inspectWords as w } from '@cardinex/words/en/cards/inspect';
import { cardBacks } from '@cardinex/words/en/cards/buildSteps';
import { cardTitle } from '@cardinex/words/en/cards/names';
import { BackOfCard } from '../job/BackOfCard';
import { CardFrame } from '../job/CardFrame';
import { LeaveOut } from '../job/LeaveOut';
import { useJob } from '../job/JobProvider';
import { useEntry } from '../job/useEntry';
import { CheckRow } from './CheckRow';
import { OneCheck } from './OneCheck';

const OWN_ACTS: ReadonlySet<ActType> = new Set<ActType>([
  'check.read',
  'check.seen',
  'check.decided',
  'piece.weighed',
  'gasket.chosen',
]);

interface Props {
  readonly card: Exclude<CheckCard, 'liners' | 'tighten'>;
  /** The check in hand; the list of all of them when there is none. */
  readonly check: string | undefined;
  /** What this card has besides its checks, below them. */
  readonly more?: ReactNode;
}

/** Everything a card measures, ticks and looks over, in a list; one of them in hand. */
export function ChecksCard({ card, check: id, more }: Props) {
  const { sheet, state } = useJob();
  const { instead } = useEntry({ card });
  if (instead) return instead;
  const views = viewsOn(sheet, state.checks, card);
  const open = views.find(({ check }) => check.id === id);
  if (open) return <OneCheck key={open.check.id} view={open} />;
  const says = card === 'inspect' ? w.looksBack : cardBacks[card];
  return (
    <CardFrame
      card={card}
      title={cardTitle(card)}
      aside={w.counts(views.filter(({ done }) => done).length, views.length)}
      back={<BackOfCard says={says} acts={OWN_ACTS} card={card} />}
    >
      {views.map((view) => (
        <CheckRow key={view.check.id} view={view} />
      ))}
      {more}
      <LeaveOut card={card} />
    </CardFrame>
  );
}
