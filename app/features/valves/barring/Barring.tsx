import type { CardName } from '@cardinex/core/job/facts/cardName';
import { useState } from 'react';
import { View } from 'react-native';
import type { OverheadView } from '@cardinex/core/job/cards/valves/view';
import { cycleDegrees, wrap } from '@cardinex/core/overhead/cycle';
import { settable } from '@cardinex/core/overhead/settable';
import { valvesScreen as w } from '@cardinex/words/cards/valves';
import { degrees, endName } from '@cardinex/words/quantity';
import { useEncoder } from '../../../device/instrument/useEncoder';
import { usePreferences } from '../../../device/preferences';
import { Mark } from '../../../ui/Mark';
import { useRefusal } from '../../../ui/Refusal';
import { Body, Small } from '../../../ui/Words';
import { CardFrame } from '../../job/CardFrame';
import { useJob } from '../../job/JobProvider';
import { useOnce } from '../../job/useOnce';
import { useSpoken } from '../../job/useSpoken';
import { useUndo } from '../../job/useUndo';
import { ToTop } from '../../top/ToTop';
import { BarringCaution } from './BarringCaution';
import { CrankClock } from './CrankClock';
import { NotWhatISee } from './NotWhatISee';
import { tightenScreen } from '@cardinex/words/cards/tighten';
import { clock, useWait } from '../../../ui/wait/useWait';
import { WaitNotice } from '../../tighten/run/Waiting';
import { ValveRow } from '../ValveRow';
import { ValvesBack } from '../ValvesBack';
import { VALVES_ACTS } from '../ownActs';

/** A bar stops no finer than this. */
const PAST_DEG = 1;

/** Bar to the next position, and prove it by what is seen before anything is set. */
export function Barring({ card, view }: { card: CardName; view: OverheadView }) {
  const { state } = useJob();
  return state.cautions.barring ? (
    // What an encoder counts, it counts from the last place that was seen.
    <BarToNext key={state.crank.since} card={card} view={view} />
  ) : (
    <BarringCaution card={card} back={<ValvesBack view={view} />} />
  );
}

function BarToNext({ card, view }: { card: CardName; view: OverheadView }) {
  const { sheet, state, record } = useJob();
  const { speech } = usePreferences();
  const { undo } = useUndo(VALVES_ACTS);
  const refusal = useRefusal();
  const [doubting, setDoubting] = useState(false);
  const { next, plan, barDeg } = view;
  const number = next ? plan.positions.indexOf(next) + 1 : 0;
  const [turnedDeg, setTurnedDeg] = useState(0);
  useEncoder((byDeg) => setTurnedDeg((before) => before + byDeg));
  const cycle = cycleDegrees(view.overhead.strokes);
  const standsAt = state.crank.atDeg === null ? null : wrap(state.crank.atDeg + turnedDeg, cycle);
  const leftDeg = barDeg === null ? null : barDeg - turnedDeg;
  const pastDeg = turnedDeg > 0 && leftDeg !== null ? -leftDeg : 0;
  const seen = next ? whatIsSeen(view, next.atDeg, next.rockingCylinders) : '';
  const unknown = state.crank.atDeg === null;
  const { overshot } = state.crank;
  const leftMs = useWait(view.waitUntil, speech ? tightenScreen.waitOver : null);
  const waits = leftMs !== null && leftMs > 0 && barDeg !== 0;
  const stand = useOnce(async () => {
    if (next) await record('crank.stood', { atDeg: next.atDeg, seen });
  });
  useSpoken(
    barDeg === null
      ? null
      : `${w.barTo(number, plan.positions.length)}. ${Math.round(barDeg)} degrees.`,
  );
  if (!next) return null;
  const toSet = view.items.filter(
    ({ item }) => view.wanted.has(item.id) && next.set.some(({ id }) => id === item.id),
  );
  return (
    <CardFrame
      card={card}
      title={unknown && next.atDeg === 0 ? w.firstFind : w.barTo(number, plan.positions.length)}
      aside={
        card === 'recheck'
          ? w.countChecked(view.doneCount, view.items.length)
          : w.countSet(view.doneCount, view.items.length)
      }
      back={<ValvesBack view={view} />}
      acts={{
        undo,
        notSo: { label: w.notSo, onPress: () => setDoubting(true) },
        confirm: {
          label: waits ? w.wait : w.iSeeThat,
          hint: waits ? `${clock(leftMs)} ${w.waitLeft}` : w.thenSetItems(toSet.length),
          onPress: waits ? () => refusal.say(w.waitFirst(clock(leftMs))) : stand,
          plain: waits,
        },
      }}
      slip={
        doubting ? (
          <NotWhatISee view={view} waits={waits} onClose={() => setDoubting(false)} />
        ) : null
      }
    >
      <View className="px-3 pt-2">
        <View className="flex-row justify-between">
          <Small>{w.seenFrom(endName(view.rotation.seenFrom))}</Small>
          <Small>{w.fires(view.overhead.firing.map((f) => f.cylinder))}</Small>
        </View>
        <CrankClock
          rotation={view.rotation}
          crank={sheet.crank}
          firing={view.overhead.firing}
          atDeg={standsAt}
          toDeg={next.atDeg}
          barDeg={leftDeg === null ? null : Math.max(0, Math.round(leftDeg))}
        />
        <Body className="pb-1 font-strong">{w.barCaution}</Body>
      </View>
      <View className="gap-1 border-t border-rule px-3.5 py-2.5" testID="should-see">
        <Mark kind="waiting" word={w.youShouldSee} />
        <Body>{seen}</Body>
        {unknown ? (
          <>
            <Body>{state.crank.doubt ? w.crankLost : w.firstFindHow}</Body>
            <ToTop />
          </>
        ) : null}
        {pastDeg > PAST_DEG && !overshot ? (
          <View testID="past">
            <Mark kind="out" word={w.pastBy(degrees(Math.round(pastDeg)))} />
            <Body>{w.overshotHow}</Body>
          </View>
        ) : null}
        {overshot ? (
          <View testID="overshot">
            <Mark kind="out" word={w.overshot} />
            <Body>{w.overshotHow}</Body>
          </View>
        ) : null}
        {view.waitUntil !== null && waits ? (
          <WaitNotice until={view.waitUntil} leftMs={leftMs} />
        ) : null}
      </View>
      <View className="border-t border-rule px-2 py-1.5">
        <ValveRow
          view={view}
          sheet={sheet}
          settable={new Set(toSet.map(({ item }) => item.id))}
          current={null}
        />
      </View>
      {barDeg === 360 ? (
        <Small className="px-3.5 pb-2">
          {degrees(360)}: {w.fullTurn}. {w.oneTurnOut}
        </Small>
      ) : null}
    </CardFrame>
  );
}

/** Who rocks, and whose push rods are loose, with the crank at one angle. */
function whatIsSeen(
  { overhead, spec }: OverheadView,
  atDeg: number,
  rocking: readonly number[],
): string {
  const current = settable({ ...overhead, atDeg });
  const verdictOf = new Map(current.items.map((item) => [item.id, item.verdict]));
  const cylinders = overhead.firing.map(({ cylinder }) => cylinder).sort((a, b) => a - b);
  const valvesOf = (cylinder: number) =>
    spec.valves.filter((valve) => valve.cylinder === cylinder && verdictOf.has(valve.id));
  const loose = cylinders.filter((cylinder) => {
    const valves = valvesOf(cylinder);
    return valves.length > 0 && valves.every(({ id }) => verdictOf.get(id) === 'settable');
  });
  const each = Math.max(...cylinders.map((cylinder) => valvesOf(cylinder).length));
  return w.shouldSee(rocking, loose, { gear: spec.gear, each });
}
