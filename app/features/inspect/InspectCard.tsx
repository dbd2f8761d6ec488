import { router } from 'expo-router';
import { Pressable, View } from 'react-native';
import type { ActType } from '@cardinex/core/job/act';
import { crankHeldBy } from '@cardinex/core/job/crankHeld';
import { checkViews, type CheckView } from '@cardinex/core/job/cards/inspect/view';
import { entryOf } from '@cardinex/core/job/tray';
import { checkName, inspectWords as w } from '@cardinex/words/en/cards/inspect';
import { Mark } from '../../ui/Mark';
import { Body, Small } from '../../ui/Words';
import { BackOfCard } from '../job/BackOfCard';
import { BarredCard } from '../job/BarredCard';
import { CardFrame } from '../job/CardFrame';
import { LeaveOut } from '../job/LeaveOut';
import { useJob } from '../job/JobProvider';
import { LookCheck } from './LookCheck';
import { ReadCheck } from './ReadCheck';

const OWN_ACTS: ReadonlySet<ActType> = new Set<ActType>([
  'check.read',
  'check.seen',
  'check.decided',
]);

/** Everything that is measured, ticked and looked over before it goes together again. */
export function InspectCard({ check: id }: { check: string | undefined }) {
  const { jobId, sheet, state, tray } = useJob();
  const entry = entryOf(tray, { card: 'inspect' });
  if (!entry) return null;
  if (entry.status === 'barred') return <BarredCard entry={entry} />;
  const views = checkViews(sheet, state.checks);
  const open = views.find(({ check }) => check.id === id);
  if (open) {
    const Card = open.check.way === 'read' ? ReadCheck : LookCheck;
    return <Card key={open.check.id} view={open} />;
  }
  const held = crankHeldBy(sheet, state).length > 0;
  return (
    <CardFrame
      card="inspect"
      title={w.title}
      aside={w.counts(views.filter(({ done }) => done).length, views.length)}
      back={<BackOfCard says={w.looksBack} acts={OWN_ACTS} />}
    >
      {views.map((view) => (
        <Pressable
          key={view.check.id}
          role="link"
          testID="check"
          onPress={() =>
            router.push(`/jobs/${jobId}/inspect?check=${encodeURIComponent(view.check.id)}`)
          }
          className="min-h-[64px] flex-row items-center justify-between gap-3 border-b border-rule px-3.5 py-2 active:opacity-80"
        >
          <View className="flex-1">
            <Body className="font-strong">{checkName(sheet, view.check)}</Body>
            <Small>{w.readOf(view.read, view.of)}</Small>
          </View>
          <Standing view={view} held={held && view.check.turnsCrank} />
        </Pressable>
      ))}
      <LeaveOut card="inspect" />
    </CardFrame>
  );
}

function Standing({ view, held }: { view: CheckView; held: boolean }) {
  if (view.undecided.length > 0) return <Mark kind="out" word={w.out(view.undecided.length)} />;
  if (view.done) return <Mark kind="within" word={w.within} />;
  if (held) return <Mark kind="barred" word={w.crankHeld} />;
  return <Mark kind={view.read > 0 ? 'now' : 'ahead'} word={w.unread} />;
}
