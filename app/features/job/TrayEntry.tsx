import type { TrayCard } from '@cardinex/core/job/standing';
import { Text, View } from 'react-native';
import { entryTitle, statusWord } from '@cardinex/words/cards/names';
import { trayReasonSentence } from '@cardinex/words/tray';
import { GoTo } from '../../ui/GoTo';
import type { Verdict } from '@cardinex/drawings/marks/verdict';
import { Mark } from '../../ui/Mark';
import { cn } from '../../ui/cn';
import { Small } from '../../ui/Words';
import { ago } from '../board/ago';
import { useJob } from './JobProvider';
import { besideTray } from './besideTray';
import { entryHref } from './entryHref';

interface Props {
  readonly card: string | null;
  readonly set?: string | undefined;
  /** As a column beside a card: marks only, no reasons. */
  readonly narrow?: boolean;
}

/** The job's cards in the order of work, each open, done, waiting or barred with the reason. */
export function TrayList({ card, set, narrow = false }: Props) {
  const job = useJob();
  const { jobId, tray } = job;
  return (
    <View className={narrow ? 'gap-1 pt-0.5' : 'gap-2'}>
      {tray.map((entry) => (
        <Entry
          key={entry.number}
          label={`${entry.number} ${entryTitle(entry, tray)}`}
          current={entry.card === card && (set === undefined || entry.set?.id === set)}
          narrow={narrow}
          href={entryHref(jobId, entry)}
          mark={markOf(entry)}
          word={statusWord(entry.status)}
          reason={trayReasonSentence(entry.reason, ago)}
        />
      ))}
      {besideTray(job).map(({ card: beside, ...entry }) => (
        <Entry key={beside} current={card === beside} narrow={narrow} {...entry} />
      ))}
    </View>
  );
}

function markOf(entry: TrayCard): Verdict {
  if (entry.needsAttention) return 'out';
  return ({ done: 'within', open: 'now', waiting: 'waiting', barred: 'barred' } as const)[
    entry.status
  ];
}

interface EntryProps {
  readonly label: string;
  readonly current: boolean;
  readonly narrow: boolean;
  readonly href: string;
  readonly mark?: Verdict;
  readonly word?: string;
  readonly reason?: string;
}

function Entry({ label, current, narrow, href, mark, word, reason }: EntryProps) {
  return (
    <GoTo
      href={href}
      replace
      current={current}
      {...(narrow && { 'aria-label': [label, word].filter(Boolean).join('. ') })}
      className={cn(
        'min-h-[56px] justify-center border border-rule px-3 py-1.5 active:opacity-80',
        narrow ? 'rounded-l-lg' : 'rounded-lg',
        narrow && !current ? 'ml-2 bg-tab' : 'bg-card',
        !narrow && 'min-h-[72px]',
      )}
    >
      <View className="flex-row items-center justify-between gap-2">
        <Text
          className={cn('font-head text-ink', narrow && !current ? 'text-[18px]' : 'text-[21px]')}
        >
          {label}
        </Text>
        {mark ? <Mark kind={mark} {...(!narrow && word ? { word } : {})} /> : null}
      </View>
      {!narrow && reason ? <Small className="text-[16px]">{reason}</Small> : null}
    </GoTo>
  );
}
