import { router } from 'expo-router';
import { useState } from 'react';
import { ScrollView, View } from 'react-native';
import { cribDoubts } from '@cardinex/core/job/crib';
import { waitingDecisions } from '@cardinex/core/job/pending';
import type { TrayCard } from '@cardinex/core/job/standing';
import { currentCard } from '@cardinex/core/job/tray';
import { trayGroups, type TrayGroups } from '@cardinex/core/job/trayGroups';
import { cribSentence } from '@cardinex/words/crib';
import { parkingWords } from '@cardinex/words/parking';
import {
  symptomName,
  scopeTitle,
  scopeWords,
  undisturbed,
  keptSentence,
} from '@cardinex/words/scope';
import { trayWords } from '@cardinex/words/screens';
import { BarRow } from '../../ui/BarRow';
import { Button } from '../../ui/Button';
import { GoTo } from '../../ui/GoTo';
import { Mark } from '../../ui/Mark';
import { RefusalLine } from '../../ui/Refusal';
import { SCREEN_SCROLL } from '../../ui/place/marks';
import { useWide } from '../../ui/useWide';
import { Body, Heading, Small } from '../../ui/Words';
import { cn } from '../../ui/cn';
import { BeadsDue } from '../fit/BeadsDue';
import { Parked } from '../park/Parked';
import { EngineNow } from './EngineNow';
import { JobHeader } from './JobHeader';
import { JobNotices } from './JobNotices';
import { NextCard } from './NextCard';
import { PendingOfJob } from './PendingDecision';
import { TrayEntry } from './TrayEntry';
import { besideTray } from './besideTray';
import { useJob } from './JobProvider';

/**
 * A job's tray: what is to do now, what waits, what always stands beside it, and why the engine is here.
 * What is done and what lies ahead is folded away on a phone, and has a column of its own on a wide screen.
 */
export function Tray() {
  const { state, tray } = useJob();
  const next = currentCard(tray);
  const wide = useWide();
  const [unfolded, setUnfolded] = useState(false);
  const groups = trayGroups(tray);
  const rest = (
    <>
      <EngineNow />
      <Group name="ahead" entries={groups.ahead} next={next} />
      <Group name="done" entries={groups.done} next={next} />
    </>
  );
  return (
    <View
      role="main"
      className={cn('mx-auto h-full w-full bg-bench', wide ? 'max-w-[1280px]' : 'max-w-[640px]')}
    >
      <JobHeader card={null} />
      <BeadsDue />
      <ScrollView
        nativeID={SCREEN_SCROLL}
        className="flex-1"
        contentContainerClassName="flex-row gap-4 px-2.5 pb-4"
      >
        <View className="min-w-0 flex-1 gap-4">
          {Object.keys(state.crib).length > 0 ? <CribDoubts /> : null}
          {waitingDecisions(state).length > 0 ? <PendingOfJob /> : null}
          {state.parked ? <Parked parking={state.parked} /> : null}
          {next === null ? (
            <View className="rounded-lg bg-card p-3.5">
              <Mark kind="within" word={trayWords.nothingLeft} />
            </View>
          ) : null}
          <Group name="now" entries={groups.now} next={next} />
          <Group name="waits" entries={groups.waits} next={next} />
          {unfolded && !wide ? rest : null}
          <BesideCards />
          {wide ? null : <JobReason />}
          <ScopeAndParking />
          <JobNotices />
        </View>
        {wide ? (
          <View className="min-w-0 flex-1 gap-4">
            <JobReason />
            {rest}
          </View>
        ) : null}
      </ScrollView>
      <View className="no-print gap-2 px-2.5 pb-3 pt-1">
        <RefusalLine />
        <BarRow>
          {wide ? null : (
            <Button
              label={trayWords.aheadCount(groups.ahead.length)}
              hint={trayWords.doneCount(groups.done.length)}
              kind="bench"
              tall
              expanded={unfolded}
              onPress={() => setUnfolded(!unfolded)}
              className="flex-1"
              testID="unfold"
            />
          )}
          <NextCard className={wide ? 'w-[calc(50%-0.5rem)]' : 'min-w-[8rem] flex-[2]'} />
        </BarRow>
      </View>
    </View>
  );
}

/** Pulled with a wrench that the crib does not have as was said: put right there, or struck. */
function CribDoubts() {
  const { state } = useJob();
  return (
    <GoTo href="/tools" className="min-h-[56px] justify-center rounded-lg bg-card px-3.5 py-2">
      <Mark kind="out" word={cribSentence(cribDoubts(state))} />
    </GoTo>
  );
}

/** Cards that ask the same of whoever stands before the engine; nothing where there are none. */
function Group({
  name,
  entries,
  next,
}: {
  readonly name: keyof TrayGroups;
  readonly entries: TrayGroups[keyof TrayGroups];
  /** The card to work on. */
  readonly next: TrayCard | null;
}) {
  if (entries.length === 0) return null;
  return (
    <View className="gap-2">
      <Heading level={2} className="px-1 text-heading text-on-bench">
        {trayWords.group(name, entries.length)}
      </Heading>
      {entries.map((entry) => (
        <TrayEntry key={entry.number} entry={entry} next={entry === next} />
      ))}
    </View>
  );
}

/** What belongs to the job and is always at hand. */
function BesideCards() {
  const job = useJob();
  return (
    <View className="flex-row flex-wrap gap-2">
      {besideTray(job).map(({ card, href, label, mark, word, reason }) => (
        <GoTo
          key={card}
          href={href}
          replace
          className="min-h-[56px] min-w-[45%] flex-1 justify-center rounded-lg border border-rule bg-tab px-3 py-1.5 active:opacity-80"
        >
          <Heading level={3} className="text-label">
            {label}
          </Heading>
          {mark ? <Mark kind={mark} word={word} /> : null}
          {reason ? <Small>{reason}</Small> : null}
        </GoTo>
      ))}
    </View>
  );
}

/** Why the engine is on the stand, and how far the job goes. */
function JobReason() {
  const { sheet, state } = useJob();
  const because = state.opened?.because;
  return (
    <View className="rounded-lg border border-bench-edge px-3 py-2">
      <Small className="text-bench-soft">{trayWords.why}</Small>
      <Body className="text-on-bench">
        {[because && symptomName(because), state.opened?.why].filter(Boolean).join('. ')}
      </Body>
      <Small className="pt-1 text-bench-soft">
        {[`${scopeTitle(sheet.scope)}.`, undisturbed(sheet), keptSentence(sheet)]
          .filter(Boolean)
          .join(' ')}
      </Small>
    </View>
  );
}

/** Going further than was meant, and leaving it for a while. */
function ScopeAndParking() {
  const { jobId, state } = useJob();
  return (
    <View className="flex-row gap-3">
      <Button
        label={scopeWords.widen}
        kind="bench"
        onPress={() => router.push(`/jobs/${jobId}/scope`)}
        className="flex-1"
      />
      {state.parked ? null : (
        <Button
          label={parkingWords.park}
          kind="bench"
          onPress={() => router.push(`/jobs/${jobId}/park`)}
          className="flex-1"
        />
      )}
    </View>
  );
}
