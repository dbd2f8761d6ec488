import ChevronDown from 'lucide-react-native/icons/chevron-down';
import ChevronUp from 'lucide-react-native/icons/chevron-up';
import { useState } from 'react';
import { Pressable, Text, View } from 'react-native';
import { entryOf } from '@cardinex/core/job/kit/entryOf';
import { currentCard } from '@cardinex/core/job/tray';
import { trayGroups, type TrayGroups } from '@cardinex/core/job/trayGroups';
import { trayWords } from '@cardinex/words/screens';
import { usePalette } from '../../ui/useTheme';
import { NarrowEntry, NarrowTab } from './TrayEntry';
import { besideTray } from './besideTray';
import { useJob } from './JobProvider';

interface Props {
  /** The card in hand, or what stands beside the cards of the tray. */
  readonly card: string;
  readonly set?: string | undefined;
}

/** The tray as a column beside a card in hand: what is done, and what is far ahead, folded away. */
export function TrayColumn({ card, set }: Props) {
  const job = useJob();
  const groups = trayGroups(job.tray);
  const next = currentCard(job.tray);
  const inHand = entryOf(job.tray, { card, set });
  const entries = (name: keyof TrayGroups, folded = false) =>
    groups[name]
      .filter((entry) => !folded || entry === inHand)
      .map((entry) => (
        <NarrowEntry
          key={entry.number}
          entry={entry}
          next={entry === next}
          current={entry === inHand}
        />
      ));
  const [open, setOpen] = useState<ReadonlySet<keyof TrayGroups>>(new Set());
  const foldable = (name: 'done' | 'ahead') => (
    <>
      <Fold
        label={trayWords.group(name, groups[name].length)}
        open={open.has(name)}
        onPress={() => setOpen(toggled(open, name))}
      />
      {entries(name, !open.has(name))}
    </>
  );
  return (
    <View className="gap-1 pt-0.5">
      {groups.done.length > 0 ? foldable('done') : null}
      {entries('now')}
      {entries('waits')}
      {groups.ahead.length > 0 ? foldable('ahead') : null}
      {besideTray(job).map(({ card: beside, href, label, mark, word }) => (
        <NarrowTab
          key={beside}
          href={href}
          label={label}
          current={card === beside}
          mark={mark}
          word={word}
        />
      ))}
    </View>
  );
}

function toggled<Item>(set: ReadonlySet<Item>, item: Item): ReadonlySet<Item> {
  const next = new Set(set);
  if (!next.delete(item)) next.add(item);
  return next;
}

/** The heading of a group that is folded away, and unfolds. */
function Fold({
  label,
  open,
  onPress,
}: {
  readonly label: string;
  readonly open: boolean;
  readonly onPress: () => void;
}) {
  const c = usePalette();
  const Icon = open ? ChevronUp : ChevronDown;
  return (
    <Pressable
      role="button"
      aria-expanded={open}
      onPress={onPress}
      className="ml-2 min-h-[56px] flex-row items-center justify-between rounded-l-lg border border-bench-edge px-3 active:opacity-80"
    >
      <Text className="font-head text-body text-on-bench">{label}</Text>
      <Icon color={c.onBench} size={22} />
    </Pressable>
  );
}
