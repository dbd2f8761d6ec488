import Wrench from 'lucide-react-native/icons/wrench';
import BookOpen from 'lucide-react-native/icons/book-open';
import Calculator from 'lucide-react-native/icons/calculator';
import type { LucideIcon } from 'lucide-react-native';
import { router } from 'expo-router';
import { useEffect } from 'react';
import { Pressable, Text, View } from 'react-native';
import { toolStanding } from '@cardinex/core/tools/standing';
import type { JobSummary } from '@cardinex/core/job/summary';
import { sheetsWords } from '@cardinex/words/sheets/screen';
import { toolsWords } from '@cardinex/words/tools';
import { searchWords } from '@cardinex/words/search';
import { boardWords, shared } from '@cardinex/words/screens';
import { useJobs, useOlderFinished, useTools } from '../../session/queries';
import { useBench } from '../../session/SessionProvider';
import { Button } from '../../ui/Button';
import { GoTo } from '../../ui/GoTo';
import { NotKnown } from '../../ui/list/NotKnown';
import { SearchedList } from '../../ui/list/SearchedList';
import { Mark } from '../../ui/Mark';
import { Screen } from '../../ui/Screen';
import { ScreenHeading } from '../../ui/place/ScreenHeading';
import { usePalette } from '../../ui/useTheme';
import { useWide } from '../../ui/useWide';
import { Body, Heading, Small } from '../../ui/Words';
import { idle } from '../../device/idle';
import { setPreferences, usePreferences } from '../../device/preferences';
import { InstallHint } from '../device/InstallHint';
import { fetchScreens } from '../lazy/LazyScreens';
import { JobCard } from './JobCard';
import { useKeptJobs } from './useKeptJobs';

/** The jobs of the shop: where each stands, what is next, what waits. */
export function Board() {
  const { session } = useBench();
  const wide = useWide();
  const { installRefused } = usePreferences();
  const jobs = useJobs();
  const stored = useKeptJobs();
  const { refetch } = jobs;
  // Acts that have just gone out are not yet in the list that was asked for before.
  useEffect(() => void refetch(), [stored, refetch]);
  // Whoever looks at the board opens a card next.
  useEffect(() => void idle().then(fetchScreens), []);
  const today = new Date().toISOString().slice(0, 10);
  const doubtful = (useTools().data?.tools ?? []).filter((tool) =>
    ['off', 'overdue'].includes(toolStanding(tool, today)),
  ).length;
  const older = useOlderFinished(jobs.data?.moreFinished ?? null);
  const pages = older.data?.pages ?? [];
  const all = merge([...(jobs.data?.jobs ?? []), ...pages.flatMap((page) => page.jobs)], stored);
  const hasMore = pages.length === 0 ? jobs.data?.moreFinished != null : older.hasNextPage;
  const damaged = jobs.data?.damaged.length ?? 0;
  const rechecks = all.filter((job) =>
    job.tray.some(
      (c) => (c.card === 'recheck' || c.card === 'after-heat') && c.status === 'waiting',
    ),
  );
  return (
    <Screen
      wide={wide}
      header={
        <View className={wide ? 'flex-row items-center gap-6 px-3 py-3' : 'gap-2.5 px-3 pb-3 pt-3'}>
          <View className="flex-1 flex-row items-center justify-between gap-3">
            <View className="shrink">
              <ScreenHeading title={boardWords.title} className="text-big text-on-bench" />
              <Small className="text-bench-soft">
                {[
                  session.shop.name,
                  ...(jobs.data
                    ? [
                        boardWords.count(
                          all.filter(({ finished }) => !finished).length,
                          rechecks.length,
                        ),
                      ]
                    : []),
                ].join(' · ')}
              </Small>
            </View>
            {wide ? null : <MemberButton />}
          </View>
          <View className="flex-row flex-wrap gap-2.5">
            <WayTo href="/tools" label={toolsWords.open} icon={Wrench} />
            <WayTo href="/sheets" label={sheetsWords.open} icon={BookOpen} />
            <WayTo href="/bench" label={shared.bench} icon={Calculator} />
          </View>
          {wide ? <MemberButton /> : null}
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
      {installRefused ? null : (
        <InstallHint
          onLater={() => setPreferences({ installRefused: true })}
          className="mb-2.5 rounded-lg bg-card p-3.5"
        />
      )}
      {doubtful > 0 ? (
        <GoTo
          href="/tools"
          className="mb-2.5 min-h-[56px] justify-center rounded-lg bg-card px-3.5 py-2"
        >
          <Mark kind="out" word={toolsWords.overdue(doubtful)} />
        </GoTo>
      ) : null}
      {damaged > 0 ? (
        <View className="mb-2.5 rounded-lg bg-card px-3.5 py-2">
          <Mark kind="out" word={boardWords.damaged(damaged)} />
        </View>
      ) : null}
      {jobs.isError && jobs.data ? (
        <Small className="px-2 pb-2 text-bench-soft">{boardWords.old}</Small>
      ) : null}
      <NotKnown of={jobs} />
      {jobs.data && all.length === 0 ? (
        <View className="gap-2 rounded-lg bg-card p-4">
          <Heading>{boardWords.empty}</Heading>
          <Body>{boardWords.emptyHint}</Body>
        </View>
      ) : null}
      <SearchedList
        items={all}
        keyOf={(job) => job.id}
        textOf={(job) => [job.name, job.serial, job.sheet.name].join(' ')}
        hint={searchWords.engines}
        columns={3}
        draw={(job) => <JobCard job={job} />}
      />
      {hasMore ? (
        <Button
          label={boardWords.moreFinished}
          kind="bench"
          onPress={() => void (pages.length === 0 ? older.refetch() : older.fetchNextPage())}
        />
      ) : null}
    </Screen>
  );
}

/** Who is at the bench, and the way to change it. */
function MemberButton() {
  const { member } = useBench();
  return (
    <Pressable
      role="button"
      aria-label={boardWords.deviceOf(member.initials, member.name)}
      onPress={() => router.push('/device')}
      className="h-14 w-14 items-center justify-center rounded-full border border-bench-edge"
    >
      <Text className="font-head text-body text-on-bench">{member.initials}</Text>
    </Pressable>
  );
}

/** A way from the board to another part of the shop. */
function WayTo({ href, label, icon: Icon }: { href: string; label: string; icon: LucideIcon }) {
  const c = usePalette();
  return (
    <GoTo
      href={href}
      className="min-h-[56px] min-w-[6.5rem] flex-1 flex-row items-center justify-center gap-2 rounded-lg border border-bench-edge"
    >
      <Icon color={c.onBench} size={22} />
      <Text className="font-head text-body text-on-bench">{label}</Text>
    </GoTo>
  );
}

/** This device's own view of a job is newer than the server's while it keeps acts of it. */
function merge(fromServer: readonly JobSummary[], stored: readonly JobSummary[]): JobSummary[] {
  const own = new Map(stored.map((job) => [job.id, job]));
  const known = new Set(fromServer.map((job) => job.id));
  const jobs = [
    ...stored.filter((job) => !known.has(job.id)),
    ...fromServer.map((job) => own.get(job.id) ?? job),
  ];
  return jobs.sort((a, b) => Number(a.finished) - Number(b.finished));
}
