import { viewsOn } from '@cardinex/core/job/checks/views';
import type { ReactNode } from 'react';
import { actsOf } from '@cardinex/core/job/actsOf';
import type { CheckCard } from '@cardinex/core/job/checks/check';
import { inspectWords as w } from '@cardinex/words/cards/inspect';
import { cardBacks } from '@cardinex/words/cards/buildSteps';
import { BarRow } from '../../ui/BarRow';
import { CardFrame } from '../job/CardFrame';
import { LeaveOut } from '../job/LeaveOut';
import { useJob } from '../job/JobProvider';
import { useCard } from '../job/useCard';
import { useEntry } from '../job/useEntry';
import { ToTrayButton } from '../job/ToTrayButton';
import { CheckRow } from './CheckRow';
import { NextCheck } from './NextCheck';
import { openAfter } from './openAfter';
import { OneCheck } from './OneCheck';

const OWN_ACTS = actsOf('checks', 'gasket');

interface Props {
  readonly card: Exclude<CheckCard, 'liners' | 'tighten' | 'fit'>;
  /** The check in hand; the list of all of them when there is none. */
  readonly check: string | undefined;
  /** What this card has besides its checks, below them. */
  readonly more?: ReactNode;
}

/** Everything a card measures, ticks and looks over, in a list; one of them in hand. */
export function ChecksCard({ card, check: id, more }: Props) {
  const { sheet, state } = useJob();
  const { entry, blockedScreen } = useEntry({ card });
  const sentences = card === 'inspect' ? w.looksBack : cardBacks[card];
  const { frame } = useCard({
    card,
    acts: OWN_ACTS,
    says: sentences,
    done: entry?.status === 'done',
  });
  if (blockedScreen) return blockedScreen;
  const views = viewsOn(sheet, state.checks, card);
  const open = views.find(({ check }) => check.id === id);
  if (open) return <OneCheck key={open.check.id} view={open} />;
  const next = openAfter(views);
  return (
    <CardFrame
      {...frame}
      aside={w.counts(views.filter(({ done }) => done).length, views.length)}
      actBar={
        next ? (
          <BarRow>
            <ToTrayButton done={false} className="flex-1" />
            <NextCheck check={next} className="min-w-[8rem] flex-[2]" />
          </BarRow>
        ) : (
          frame.actBar
        )
      }
    >
      {views.map((view) => (
        <CheckRow key={view.check.id} view={view} />
      ))}
      {more}
      <LeaveOut card={card} />
    </CardFrame>
  );
}
