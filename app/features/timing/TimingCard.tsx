import type { PartStanding } from '@cardinex/drawings/crank/standing';
import { viewsOn } from '@cardinex/core/job/checks/views';
import { router } from 'expo-router';
import { useState } from 'react';
import { Text, View } from 'react-native';
import { v7 as uuidv7 } from 'uuid';
import type { ActType } from '@cardinex/core/job/act';
import {
  MARKS_SET,
  TWO_TURNS,
  pinAsTemporaryPart,
  timingView,
  type TimingStep,
  type TimingView,
} from '@cardinex/core/job/cards/timing/view';
import {
  timingAct,
  timingConfirm,
  timingNext,
  timingSays,
  timingWhen,
  timingWords as w,
} from '@cardinex/words/cards/timing';
import { degrees, endName } from '@cardinex/words/quantity';
import { Mark } from '../../ui/Mark';
import { Body, Small } from '../../ui/Words';
import { checkHref } from '../checks/checkHref';
import { HeldNotice } from '../checks/HeldNotice';
import { useHolds } from '../checks/useHolds';
import { ReadCheck } from '../checks/ReadCheck';
import { BackOfCard } from '../job/BackOfCard';
import { CardFrame } from '../job/CardFrame';
import { entryHref } from '../job/entryHref';
import { LeaveOut } from '../job/LeaveOut';
import { useJob } from '../job/JobProvider';
import { useCard } from '../job/useCard';
import { useEntry } from '../job/useEntry';
import { useOnce } from '../job/useOnce';
import { WordsSlip } from '../job/WordsSlip';
import { PhotographIt } from '../photographs/PhotographIt';
import { BarringCaution } from '../valves/barring/BarringCaution';
import { CameOutWrong } from './CameOutWrong';
import { StepRow } from './StepRow';
import { WheelsDrawing } from './WheelsDrawing';

const OWN_ACTS: ReadonlySet<ActType> = new Set<ActType>([
  'check.read',
  'check.seen',
  'check.decided',
  'temporary-part.put-in',
  'temporary-part.taken-out',
]);

/** The timing, step by step: marks, pins in, wheels pulled, pins out, two turns and the marks again. */
export function TimingCard({ check }: { check: string | undefined }) {
  const { sheet, state } = useJob();
  const { blockedScreen } = useEntry({ card: 'timing' });
  if (blockedScreen) return blockedScreen;
  const view = timingView(sheet, state);
  if (!view) return null;
  const read = viewsOn(sheet, state.checks, 'timing').find((entry) => entry.check.id === check);
  if (read?.check.way === 'read') return <ReadCheck key={read.check.id} view={read} />;
  if (!state.cautions.barring)
    return <BarringCaution card="timing" back={<BackOfCard says={w.back} />} />;
  return <Steps view={view} />;
}

function Steps({ view }: { view: TimingView }) {
  const { jobId, sheet, record } = useJob();
  const [wrong, setWrong] = useState(false);
  const { next, steps, doneCount, failed } = view;
  const turns = next?.kind === 'look' && next.check.id === TWO_TURNS;
  const held = useHolds(turns, 'of-the-timing');
  const act = next ? timingAct(sheet, next) : w.allDone;
  const { undo, frame } = useCard({
    card: 'timing',
    acts: OWN_ACTS,
    says: w.back,
    spoken: next && act,
    done: !next,
  });
  const take = async (step: TimingStep): Promise<unknown> => {
    switch (step.kind) {
      case 'line':
        return router.push(checkHref(jobId, step.check));
      case 'pull':
        return router.push(entryHref(jobId, { card: 'tighten', set: step.set }));
      case 'look':
        return record('check.seen', { check: step.check.id, item: step.item, found: 'good' });
      case 'pin-in':
      case 'tensioner-in':
        return record('temporary-part.put-in', {
          part: uuidv7(),
          ...pinAsTemporaryPart(step.what, step.kind),
        });
      case 'pin-out':
      case 'tensioner-out':
        return step.part && record('temporary-part.taken-out', { part: step.part.id });
    }
  };
  const confirm = useOnce(async () => {
    if (next && !held) await take(next);
  });
  const after = next ? steps.find(({ done, key }) => !done && key !== next.key) : undefined;
  const { timing } = sheet;
  const tooth = timing?.wheels?.[0]?.teeth;
  return (
    <CardFrame
      {...frame}
      aside={w.count(doneCount, steps.length)}
      acts={
        next && !held
          ? {
              undo,
              ...(next.kind === 'look' && {
                notSo: { label: w.notSo, onPress: () => setWrong(true) },
              }),
              confirm: {
                label: timingConfirm(next),
                hint: after && w.next(timingNext(sheet, after)),
                onPress: confirm,
              },
            }
          : null
      }
      slip={
        wrong && next?.kind === 'look' ? (
          <WordsSlip
            title={act}
            label={w.whatIsIt}
            need={w.needWhat}
            confirm={w.notSo}
            kind="stop"
            onWords={(words) =>
              record('check.seen', {
                check: next.check.id,
                item: next.item,
                found: 'not-good',
                words,
              })
            }
            onClose={() => setWrong(false)}
          >
            {tooth !== undefined && next.check.id !== MARKS_SET ? (
              <Body>{w.tooth(degrees(360 / tooth))}</Body>
            ) : null}
          </WordsSlip>
        ) : null
      }
    >
      {timing?.wheels ? (
        <View className="px-3 pt-2">
          {timing.seenFrom ? <Small>{w.seenFrom(endName(timing.seenFrom))}</Small> : null}
          <WheelsDrawing
            timing={timing}
            standing={(mark) => standingOf(view, `mark-${mark}`)}
            said={next ? w.now(act) : w.allDone}
          />
        </View>
      ) : null}
      {failed ? (
        <CameOutWrong what={w.failed(failedName(view, failed.item, sheet))} said={failed.words} />
      ) : null}
      {held ? <HeldNotice by={held} /> : null}
      <View className="gap-1.5 border-t border-rule px-3.5 py-3" aria-live="polite">
        {next ? <Small>{timingWhen(next)}</Small> : <Mark kind="within" />}
        <Text className="font-head text-big text-ink" testID="act">
          {act}
        </Text>
        {next ? timingSays(sheet, next).map((line) => <Body key={line}>{line}</Body>) : null}
      </View>
      {steps.map((step) => (
        <StepRow
          key={step.key}
          name={timingAct(sheet, step)}
          when={timingWhen(step)}
          standing={step.done ? 'done' : step.key === next?.key ? 'now' : 'open'}
        />
      ))}
      <View className="border-t border-rule px-3.5 py-2.5">
        <PhotographIt of="check/marks-set" />
      </View>
      <LeaveOut card="timing" />
    </CardFrame>
  );
}

/** A mark in hand, wrong, set at its last look, or still open. */
function standingOf({ steps, next, failed }: TimingView, item: string): PartStanding {
  if (failed?.item === item) return 'failed';
  const own = steps.filter((step) => step.kind === 'look' && step.item === item);
  if (next?.kind === 'look' && next.item === item) return 'now';
  return own.some(({ done }) => done) ? 'done' : 'open';
}

function failedName(
  { steps }: TimingView,
  item: string,
  sheet: Parameters<typeof timingAct>[0],
): string {
  const step = steps.findLast((entry) => entry.kind === 'look' && entry.item === item);
  return step ? timingAct(sheet, step) : item;
}
