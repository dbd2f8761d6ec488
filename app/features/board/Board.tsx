import Wrench from 'lucide-react-native/icons/wrench';
import BookOpen from 'lucide-react-native/icons/book-open';
import Calculator from 'lucide-react-native/icons/calculator';
import { router } from 'expo-router';
import { Pressable, Text, View } from 'react-native';
import { toolStanding } from '@cardinex/core/tools/standing';
import type { JobSummary } from '@cardinex/core/job/summary';
import { benchWords } from '@cardinex/words/en/bench';
import { sheetsWords } from '@cardinex/words/en/sheets/screen';
import { toolsWords } from '@cardinex/words/en/tools';
import { boardWords } from '@cardinex/words/en/screens';
import { useJobs, useTools } from '../../session/queries';
import { useBench } from '../../session/SessionProvider';
import { Button } from '../../ui/Button';
import { GoTo } from '../../ui/GoTo';
import { Mark } from '../../ui/Mark';
import { Screen } from '../../ui/Screen';
import { usePalette } from '../../ui/useTheme';
import { useWide } from '../../ui/useWide';
import { Body, Heading, Small } from '../../ui/Words';
import { JobCard } from './JobCard';
import { useKeptJobs } from './useKeptJobs';

/** The jobs of the shop: where each stands, what is next, what waits. */
export function Board() {
  const { session, member } = useBench();
  const wide = useWide();
  const c = usePalette();
  const jobs = useJobs();
  const kept = useKeptJobs();
  const today = new Date().toISOString().slice(0, 10);
  const doubtful = (useTools().data?.tools ?? []).filter((tool) =>
    ['off', 'overdue'].includes(toolStanding(tool, today)),
  ).length;
  const all = merge(jobs.data?.jobs ?? [], kept);
  const rechecks = all.filter((job) =>
    job.tray.some((c) => c.card === 'recheck' && c.status === 'waiting'),
  );
  return (
    <Screen
      wide={wide}
      header={
        <View className="flex-row items-center justify-between px-3 pb-3 pt-3">
          <View className="shrink">
            <Heading level={1} className="text-[28px] leading-8 text-on-bench">
              {boardWords.title}
            </Heading>
            <Small className="text-bench-soft">
              {session.shop.name} · {boardWords.count(all.length, rechecks.length)}
            </Small>
          </View>
          <View className="flex-row gap-2.5">
            <GoTo
              href="/tools"
              aria-label={toolsWords.open}
              className="h-14 w-14 items-center justify-center rounded-lg border border-bench-edge"
            >
              <Wrench color={c.onBench} size={24} />
            </GoTo>
            <GoTo
              href="/sheets"
              aria-label={sheetsWords.open}
              className="h-14 w-14 items-center justify-center rounded-lg border border-bench-edge"
            >
              <BookOpen color={c.onBench} size={24} />
            </GoTo>
            <GoTo
              href="/bench"
              aria-label={benchWords.open}
              className="h-14 w-14 items-center justify-center rounded-lg border border-bench-edge"
            >
              <Calculator color={c.onBench} size={24} />
            </GoTo>
            <Pressable
              role="button"
              aria-label={`${member.initials}, ${member.name}: this device`}
              onPress={() => router.push('/device')}
              className="h-14 w-14 items-center justify-center rounded-full border border-bench-edge"
            >
              <Text className="font-head text-[18px] text-on-bench">{member.initials}</Text>
            </Pressable>
          </View>
        </View>
      }
      actBar={
        <Button
          label={boardWords.put}
          kind="expected"
          tall
          onPress={() => router.push('/jobs/new')}
          className={wide ? 'self-end px-10' : ''}
        />
      }
    >
      {doubtful > 0 ? (
        <GoTo
          href="/tools"
          className="mb-2.5 min-h-[48px] justify-center rounded-lg bg-card px-3.5 py-2"
        >
          <Mark kind="out" word={toolsWords.overdue(doubtful)} />
        </GoTo>
      ) : null}
      {jobs.isError && jobs.data ? (
        <Small className="px-2 pb-2 text-bench-soft">{boardWords.old}</Small>
      ) : null}
      {jobs.data && all.length === 0 ? (
        <View className="gap-2 rounded-lg bg-card p-4">
          <Heading>{boardWords.empty}</Heading>
          <Body>{boardWords.emptyHint}</Body>
        </View>
      ) : null}
      <View className={wide ? 'flex-row flex-wrap gap-x-3.5' : ''}>
        {all.map((job) => (
          <View key={job.id} className={wide ? 'w-[calc(50%-7px)]' : ''}>
            <JobCard job={job} />
          </View>
        ))}
      </View>
    </Screen>
  );
}

/** This device's own view of a job is newer than the server's while it keeps acts of it. */
function merge(fromServer: readonly JobSummary[], kept: readonly JobSummary[]): JobSummary[] {
  const own = new Map(kept.map((job) => [job.id, job]));
  const known = new Set(fromServer.map((job) => job.id));
  const jobs = [
    ...kept.filter((job) => !known.has(job.id)),
    ...fromServer.map((job) => own.get(job.id) ?? job),
  ];
  return jobs.sort((a, b) => Number(a.finished) - Number(b.finished));
}
