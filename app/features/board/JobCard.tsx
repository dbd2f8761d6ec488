import type { TrayCard } from '@cardinex/core/job/standing';
import type { CardStatus } from '@cardinex/core/job/trayReason';
import { isAboutBead, shownStatus } from '@cardinex/core/job/trayGroups';
import { Text, View } from 'react-native';
import type { JobSummary } from '@cardinex/core/job/summary';
import { cylinder1At } from '@cardinex/words/quantity';
import { entryTitle } from '@cardinex/words/cards/names';
import { parkingWords } from '@cardinex/words/parking';
import { boardWords } from '@cardinex/words/screens';
import { trayReasonSentence } from '@cardinex/words/tray';
import { GoTo } from '../../ui/GoTo';
import { Mark } from '../../ui/Mark';
import { TabbedCard } from '../../ui/TabbedCard';
import { Body, Small } from '../../ui/Words';
import { cn } from '../../ui/cn';
import { BeadMark } from '../fit/BeadMark';
import { entryHref } from '../job/entryHref';
import { ago } from './ago';

/** One engine: its cards as a strip, the one in hand, and what it asks for. */
export function JobCard({ job }: { job: JobSummary }) {
  const card = job.tray.find((c) => c.number === job.current);
  const goTo = job.finished ? 'record' : '';
  return (
    <GoTo
      href={card && !job.parked ? entryHref(job.id, card) : `/jobs/${job.id}/${goTo}`}
      className="active:opacity-90"
    >
      <TabbedCard tab={`${job.sheet.name} · ${job.name}`}>
        <Small>
          {job.serial} · {cylinder1At(job)}
        </Small>
        <Strip tray={job.tray} current={job.current} />
        {card ? (
          <>
            <View className="flex-row items-center justify-between">
              <Text className="font-head text-title text-ink">{entryTitle(card, job.tray)}</Text>
              {job.parked ? (
                <Mark kind="waiting" word={parkingWords.parked} />
              ) : (
                <Standing card={card} />
              )}
            </View>
            <Body>{trayReasonSentence(card.reason, ago)}</Body>
            {job.tray.map((entry) =>
              entry !== card && isAboutBead(entry) ? (
                <BeadMark key={entry.number} entry={entry} />
              ) : null,
            )}
          </>
        ) : (
          <View className="flex-row items-center justify-between">
            <Text className="font-head text-title text-ink">{boardWords.finished}</Text>
            <Mark kind="within" word={boardWords.done} />
          </View>
        )}
      </TabbedCard>
    </GoTo>
  );
}

const BARS: Readonly<Record<CardStatus, string>> = {
  done: 'bg-ink border-ink',
  open: 'bg-card border-soft',
  waiting: 'bg-brass-fill border-brass',
  barred: 'bg-tab border-tab',
};

function Strip({ tray, current }: Pick<JobSummary, 'tray' | 'current'>) {
  return (
    <View className="my-2.5 flex-row gap-1.5" aria-hidden>
      {tray.map((c) => (
        <View
          key={c.number}
          className={cn(
            'h-2.5 flex-1 rounded-sm border',
            c.number === current && c.status === 'open' ? 'border-blue bg-blue' : BARS[c.status],
          )}
        />
      ))}
    </View>
  );
}

function Standing({ card }: { card: TrayCard }) {
  if (card.reason.code === 'sweep-first')
    return <Mark kind="leftOpen" word={boardWords.leftOpen} />;
  if (card.reason.code === 'differences-open')
    return <Mark kind="out" word={boardWords.toDecide} />;
  if (card.needsAttention) return <Mark kind="out" word={boardWords.out} />;
  const status = shownStatus(card);
  if (status === 'barred') return <Mark kind="barred" word={boardWords.barred} />;
  if (status === 'waiting') return <Mark kind="waiting" word={boardWords.waiting} />;
  return <Mark kind="now" word={boardWords.open} />;
}
