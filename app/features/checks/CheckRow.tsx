import { router } from 'expo-router';
import { Pressable, View } from 'react-native';
import { moveOf } from '@cardinex/core/job/checks/check';
import type { CheckView } from '@cardinex/core/job/checks/view';
import { inspectWords as w } from '@cardinex/words/cards/inspect';
import { checkName } from '@cardinex/words/checkNames';
import { Mark } from '../../ui/Mark';
import { Body, Small } from '../../ui/Words';
import { useJob } from '../job/JobProvider';
import { checkHref } from './checkHref';
import { useHolds } from './useHolds';

/** One check of a card's list: its name, how far it is, how it stands. */
export function CheckRow({ view }: { view: CheckView }) {
  const { jobId, sheet } = useJob();
  const { check } = view;
  const held = useHolds(check.turnsCrank, moveOf(check)) !== null;
  return (
    <Pressable
      role="link"
      testID="check"
      onPress={() => router.push(checkHref(jobId, check))}
      className="min-h-[64px] flex-row items-center justify-between gap-3 border-b border-rule px-3.5 py-2 active:opacity-80"
    >
      <View className="flex-1">
        <Body className="font-strong">{checkName(sheet, check)}</Body>
        <Small>{w.readOf(view.read, view.total)}</Small>
      </View>
      <Standing view={view} held={held} />
    </Pressable>
  );
}

function Standing({ view, held }: { view: CheckView; held: boolean }) {
  if (view.undecided.length > 0) return <Mark kind="out" word={w.out(view.undecided.length)} />;
  if (view.done) {
    // What has no limit is never said to be within one.
    const limited = view.judged.some(({ verdict }) => verdict === 'within');
    return <Mark kind="within" word={limited ? w.within : w.readThrough} />;
  }
  if (held) return <Mark kind="barred" word={w.crankHeld} />;
  return <Mark kind={view.read > 0 ? 'now' : 'ahead'} word={w.unread} />;
}
