import { useState } from 'react';
import { View } from 'react-native';
import type { ShellWear } from '@cardinex/core/crank/shellPattern';
import { actsOf } from '@cardinex/core/job/actsOf';
import {
  bearingNext,
  bearingViews,
  type BearingStep,
  type BearingView,
} from '@cardinex/core/job/cards/bearings/view';
import { wearOf } from '@cardinex/core/job/cards/shells/loaded';
import { seenOf } from '@cardinex/core/job/checks/state';
import { viewsOn } from '@cardinex/core/job/checks/views';
import { mainJournal } from '@cardinex/core/sheet/mainJournal';
import type { PartStanding } from '@cardinex/drawings/crank/standing';
import { cardBacks } from '@cardinex/words/cards/buildSteps';
import { bearingsWords as w } from '@cardinex/words/cards/shells';
import { Mark } from '../../ui/Mark';
import { Body, Small } from '../../ui/Words';
import { OneCheck } from '../checks/OneCheck';
import { CrankDrawing } from '../crank/CrankDrawing';
import { CardFrame } from '../job/CardFrame';
import { EndMark } from '../job/EndMark';
import { FootMark } from '../job/FootMark';
import { LeaveOut } from '../job/LeaveOut';
import { useJob } from '../job/JobProvider';
import { useCard } from '../job/useCard';
import { useEntry } from '../job/useEntry';
import { OffPiece } from '../strip/OffPiece';
import { useSlackening } from '../strip/useSlackening';
import { RunInHand } from '../tighten/RunInHand';
import { Pattern, ShellsDrawn, ShellsFound } from './ShellsFound';

const OWN_ACTS = actsOf('pieces', 'runs', 'marks', 'checks');

/** Main bearings with the crank in its place: opened, laid with new shells and closed one at a time. */
export function BearingsCard({ check: id }: { readonly check: string | undefined }) {
  const { sheet, state, now } = useJob();
  const [inHand, setInHand] = useState<string | null>(null);
  const { entry, blockedScreen } = useEntry({ card: 'bearings' });
  if (blockedScreen) return blockedScreen;
  const asked = viewsOn(sheet, state.checks, 'bearings').find(({ check }) => check.id === id);
  if (asked) return <OneCheck key={asked.check.id} view={asked} />;
  const views = bearingViews(sheet, state, now);
  const chosen = views.find(({ cap }) => cap.bearing === inHand);
  if (chosen?.step)
    return <AtBearing key={chosen.cap.bearing} bearing={chosen.cap.bearing} step={chosen.step} />;
  return <Bearings views={views} done={entry.status === 'done'} onOpen={setInHand} />;
}

/** The crank with its caps, the old shells along it, and the bearing to go on with. */
function Bearings({
  views,
  done,
  onOpen,
}: {
  readonly views: readonly BearingView[];
  readonly done: boolean;
  readonly onOpen: (bearing: string) => void;
}) {
  const { sheet, state } = useJob();
  const { undo, frame } = useCard({
    card: 'bearings',
    acts: OWN_ACTS,
    says: cardBacks.bearings,
    done,
  });
  const next = bearingNext(views);
  const journal = mainJournal(sheet);
  const shells = viewsOn(sheet, state.checks, 'bearings').find(
    ({ check }) => check.kind === 'shells-found',
  );
  const standing = (nth: number): PartStanding => {
    const view = views.find(({ cap }) => cap.bearing === String(nth));
    if (!view || view.step === null) return 'done';
    return view === next ? 'now' : 'open';
  };
  const wearAt = (item: string): ShellWear | undefined =>
    shells && wearOf(seenOf(state.checks, shells.check.id, item));
  const bearing = next?.cap.bearing ?? '';
  return (
    <CardFrame
      {...frame}
      aside={w.counts(views.filter(({ step }) => step === null).length, views.length)}
      acts={
        next && {
          undo,
          confirm: {
            label: next.open ? w.goOn(bearing) : w.go(bearing),
            onPress: () => onOpen(bearing),
          },
        }
      }
      foot={done ? <FootMark kind="within" word={w.done} /> : null}
    >
      <View className="px-3 pt-2">
        <EndMark end={sheet.cylinder1End} />
        <CrankDrawing
          mains={journal?.count ?? views.length}
          capStanding={standing}
          said={w.crank(bearing)}
        />
        <Body className="pt-1 font-strong">{w.one}</Body>
        {journal && journal.thrust === undefined ? <Small>{w.noThrust}</Small> : null}
      </View>
      <View role="list" aria-label={w.list} className="px-3.5 py-2">
        {views.map((view) => (
          <Row key={view.cap.bearing} view={view} isNext={view === next} />
        ))}
      </View>
      {shells && shells.read > 0 ? (
        <View className="border-t border-rule">
          <ShellsDrawn view={shells} wearOf={wearAt} />
          <Pattern view={shells} wearOf={wearAt} />
        </View>
      ) : null}
      <LeaveOut card="bearings" />
    </CardFrame>
  );
}

function Row({ view: { cap, step, open }, isNext }: { view: BearingView; isNext: boolean }) {
  const stands = step === null ? w.isClosed : open ? w.isOpen : isNext ? w.isNext : '';
  return (
    <View role="listitem" className="min-h-[44px] flex-row items-center gap-3 border-b border-rule">
      {step === null || isNext ? (
        <Mark kind={step === null ? 'within' : 'now'} />
      ) : (
        <View className="w-5" />
      )}
      <View className="min-w-0 flex-1 flex-row flex-wrap items-center justify-between gap-x-3 py-1">
        <Body className="shrink font-strong">{w.bearing(cap.bearing)}</Body>
        <Small className="shrink">
          {[cap.thrust && step !== null ? w.thrust : '', stands].filter(Boolean).join(' · ')}
        </Small>
      </View>
    </View>
  );
}

/** What is next at one bearing. */
function AtBearing({ bearing, step }: { readonly bearing: string; readonly step: BearingStep }) {
  const { onSlacken, screenOf } = useSlackening('bearings');
  const { undo, frame } = useCard({
    card: 'bearings',
    acts: OWN_ACTS,
    says: cardBacks.bearings,
    done: false,
  });
  switch (step.kind) {
    case 'off':
      return (
        screenOf(step.step) ?? (
          <OffPiece
            key={step.step.kind}
            group={step.group}
            step={step.step}
            frame={frame}
            undo={undo}
            aside={w.bearing(bearing)}
            onSlacken={onSlacken}
          />
        )
      );
    case 'shell':
      return <ShellsFound key={step.item} view={step.view} item={step.item} />;
    case 'check':
      return <OneCheck key={step.view.check.id} view={step.view} />;
    case 'pull':
      return <RunInHand runs={[step.run]} />;
  }
}
