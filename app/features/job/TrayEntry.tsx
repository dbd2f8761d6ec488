import { Text, View } from 'react-native';
import { placeOf } from '@cardinex/core/job/kit/cardPlace';
import { handOn } from '@cardinex/core/job/inHand';
import { isOnlyAhead, isPutRightOnIt, shownStatus } from '@cardinex/core/job/trayGroups';
import type { TrayCard } from '@cardinex/core/job/standing';
import type { Verdict } from '@cardinex/drawings/marks/verdict';
import { entryTitle, statusWord } from '@cardinex/words/cards/names';
import { trayWords } from '@cardinex/words/screens';
import { trayReasonSentence } from '@cardinex/words/tray';
import { useActor, useMemberName } from '../../session/SessionProvider';
import { GoTo } from '../../ui/GoTo';
import { Mark } from '../../ui/Mark';
import { cn } from '../../ui/cn';
import { Small } from '../../ui/Words';
import { ago } from '../board/ago';
import { useJob } from './JobProvider';
import { entryHref } from './entryHref';

/** What is drawn and said of where a card stands. */
interface Shown {
  readonly mark?: Verdict | undefined;
  readonly word?: string | undefined;
}

/** What stands at a card of the tray; nothing where it is only not its turn yet. */
function shownOf(entry: TrayCard, next: boolean): Shown {
  const status = shownStatus(entry);
  if (entry.needsAttention) return { mark: 'out', word: statusWord(entry.status) };
  if (next && status === 'open') return { mark: 'now', word: trayWords.next };
  if (isOnlyAhead(entry) || status === 'open' || isPutRightOnIt(entry.reason)) return {};
  const mark = ({ done: 'within', waiting: 'waiting', barred: 'barred' } as const)[status];
  return { mark, word: statusWord(status) };
}

interface Props {
  readonly entry: TrayCard;
  /** It is the card to work on. */
  readonly next: boolean;
}

/** A card of the tray: its number and name, where it stands, and what it asks or waits for. */
export function TrayEntry({ entry, next }: Props) {
  const { jobId, tray } = useJob();
  const { mark, word } = shownOf(entry, next);
  return (
    <GoTo
      href={entryHref(jobId, entry)}
      replace
      className={cn(
        'min-h-[72px] justify-center rounded-lg border border-rule bg-card px-3 py-1.5 active:opacity-80',
        entry.status === 'done' && 'min-h-[56px]',
        next && entry.status === 'open' && 'border-l-8 border-l-blue',
      )}
    >
      <View className="flex-row flex-wrap items-center justify-between gap-x-2">
        <Text className="shrink font-head text-title text-ink">
          {trayWords.numbered(entry.number, entryTitle(entry, tray))}
        </Text>
        {mark ? <Mark kind={mark} word={word} /> : null}
      </View>
      {entry.status === 'done' ? null : (
        <Small className="text-note">{trayReasonSentence(entry.reason, ago)}</Small>
      )}
      {entry.status === 'done' ? null : <InHand entry={entry} />}
    </GoTo>
  );
}

/** Who else was at this card just now; nothing where nobody was, or it was oneself. */
function InHand({ entry }: { readonly entry: TrayCard }) {
  const { log, sheet, now } = useJob();
  const actor = useActor();
  const nameOf = useMemberName();
  const hand = handOn(log, sheet, placeOf(entry), now);
  if (!hand || hand.by === actor.id) return null;
  return (
    <Small className="font-strong text-note">
      {trayWords.inHand(nameOf(hand.by), ago(hand.at))}
    </Small>
  );
}

/** The same beside a card in hand: its name and mark alone. */
export function NarrowEntry({ entry, next, current }: Props & { readonly current: boolean }) {
  const { jobId, tray } = useJob();
  const { mark, word } = shownOf(entry, next);
  return (
    <NarrowTab
      href={entryHref(jobId, entry)}
      label={trayWords.numbered(entry.number, entryTitle(entry, tray))}
      current={current}
      mark={mark}
      word={word}
    />
  );
}

interface TabProps extends Shown {
  readonly href: string;
  readonly label: string;
  readonly current: boolean;
}

/** A tab at the side of a card in hand. */
export function NarrowTab({ href, label, current, mark, word }: TabProps) {
  return (
    <GoTo
      href={href}
      replace
      current={current}
      aria-label={[label, word].filter(Boolean).join('. ')}
      className={cn(
        'min-h-[56px] justify-center rounded-l-lg border border-rule px-3 py-1.5 active:opacity-80',
        current ? 'bg-card' : 'ml-2 bg-tab',
      )}
    >
      <View className="flex-row items-center justify-between gap-2">
        <Text className={cn('shrink font-head text-ink', current ? 'text-title' : 'text-body')}>
          {label}
        </Text>
        {mark ? <Mark kind={mark} /> : null}
      </View>
    </GoTo>
  );
}
