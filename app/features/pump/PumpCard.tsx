import { useState } from 'react';
import { Text, View } from 'react-native';
import type { ActType } from '@cardinex/core/job/act';
import { pumpView, type PumpView } from '@cardinex/core/job/cards/pump/view';
import { PUMP } from '@cardinex/core/job/cards/pump/checks';
import { areCompanions, cycleDegrees, wrap } from '@cardinex/core/overhead/cycle';
import { firingOf } from '@cardinex/core/sheet/overheadOf';
import { pumpStandSays, pumpWords as w } from '@cardinex/words/cards/timing';
import { valvesScreen } from '@cardinex/words/cards/valves';
import { degrees, endName } from '@cardinex/words/quantity';
import { Mark } from '../../ui/Mark';
import { Body, Small } from '../../ui/Words';
import { HeldNotice } from '../checks/HeldNotice';
import { useHolds } from '../checks/useHolds';
import { BackOfCard } from '../job/BackOfCard';
import { CardFrame } from '../job/CardFrame';
import { LeaveOut } from '../job/LeaveOut';
import { useJob } from '../job/JobProvider';
import { useCard } from '../job/useCard';
import { useEntry } from '../job/useEntry';
import { useOnce } from '../job/useOnce';
import { WordsSlip } from '../job/WordsSlip';
import { ToTop } from '../top/ToTop';
import { BarringCaution } from '../valves/barring/BarringCaution';
import { CrankClock } from '../valves/barring/CrankClock';
import { CameOutWrong } from '../timing/CameOutWrong';

const OWN_ACTS: ReadonlySet<ActType> = new Set<ActType>(['check.seen', 'crank.stood']);

/** Pump or ignition to cylinder 1's firing stroke, told from its exhaust stroke. */
export function PumpCard() {
  const { sheet, state } = useJob();
  const { blockedScreen } = useEntry({ card: 'pump' });
  if (blockedScreen) return blockedScreen;
  const view = pumpView(sheet, state);
  if (!view) return null;
  if (!state.cautions.barring)
    return <BarringCaution card="pump" back={<BackOfCard says={w.back} />} />;
  return <Steps view={view} />;
}

function Steps({ view }: { view: PumpView }) {
  const { sheet, state, record } = useJob();
  const [wrong, setWrong] = useState(false);
  const { next, atDeg, barDeg, failed } = view;
  const held = useHolds(next === 'stand' || next === 'again');
  const cycle = cycleDegrees(sheet.strokes);
  const says = asks(view);
  const { undo, frame } = useCard({
    card: 'pump',
    acts: OWN_ACTS,
    says: w.back,
    spoken: next && says.title,
    done: !next,
  });
  const see = (step: 'meshed' | 'again', found: 'good' | 'not-good', words?: string) =>
    record('check.seen', { check: PUMP, item: PUMP, step, found, ...(words && { words }) });
  const confirm = useOnce(async () => {
    if (held || !next) return;
    if (next === 'stand') await record('crank.stood', { atDeg, seen: w.stands });
    else await see(next, 'good');
  });
  /** Its valves rock: this is the other top, a turn away. */
  const rocks = useOnce(() =>
    record('crank.stood', { atDeg: wrap(atDeg + 360, cycle), seen: w.rocks }),
  );
  const { timing, rotation } = sheet;
  const firing = firingOf(sheet);
  const companion = firing.find((entry) => areCompanions(entry.atDeg, 0))?.cylinder;
  const isOther = barDeg !== null && Math.round(barDeg) === 360;
  return (
    <CardFrame
      {...frame}
      acts={
        next && !held
          ? {
              undo,
              ...(next === 'stand' && sheet.strokes === 4 && !isOther
                ? { notSo: { label: w.rocks, onPress: rocks } }
                : next === 'again'
                  ? { notSo: { label: w.notAgain, onPress: () => setWrong(true) } }
                  : {}),
              confirm: { label: says.confirm, onPress: confirm },
            }
          : null
      }
      slip={
        wrong ? (
          <WordsSlip
            title={w.notAgain}
            label={w.whatIsIt}
            need={w.needWhat}
            confirm={w.notAgain}
            kind="stop"
            onWords={(words) => see('again', 'not-good', words)}
            onClose={() => setWrong(false)}
          >
            {view.toothDeg === null ? null : <Body>{w.tooth(degrees(view.toothDeg))}</Body>}
          </WordsSlip>
        ) : null
      }
    >
      {failed === null ? null : <CameOutWrong what={w.failed} said={failed} />}
      {held ? <HeldNotice by={held} /> : null}
      {rotation && next ? (
        <View className="px-3 pt-2">
          <Small>{valvesScreen.seenFrom(endName(rotation.seenFrom))}</Small>
          <CrankClock
            rotation={rotation}
            crank={sheet.crank}
            firing={firing}
            atDeg={state.crank.atDeg}
            toDeg={atDeg}
            barDeg={next === 'stand' ? barDeg : 0}
            {...(next === 'stand' && barDeg === null && { centre: '?' })}
          />
        </View>
      ) : null}
      <View className="gap-1.5 border-t border-rule px-3.5 py-3" aria-live="polite">
        {next ? null : <Mark kind="within" word={w.done} />}
        <Text className="font-head text-big text-ink" testID="act">
          {says.title}
        </Text>
        {isOther && next === 'stand' ? <Body className="font-strong">{w.rocksHow}</Body> : null}
        {next === 'stand' ? (
          <>
            <Body>{sheet.strokes === 2 ? w.twoStroke : w.tell(companion)}</Body>
            <Body>{valvesScreen.barCaution}</Body>
            {state.crank.atDeg === null ? <ToTop /> : null}
          </>
        ) : null}
        {next === 'again' ? (
          <>
            <Body>{w.againSays}</Body>
            {view.toothDeg === null ? null : <Body>{w.tooth(degrees(view.toothDeg))}</Body>}
          </>
        ) : null}
        {next === 'meshed' ? <Body>{w.meshedSays}</Body> : null}
        {timing?.pump === undefined ? null : (
          <Body className="font-strong">
            {timing.pump} ({timing.source})
          </Body>
        )}
      </View>
      <LeaveOut card="pump" />
    </CardFrame>
  );
}

function asks(view: PumpView): { readonly title: string; readonly confirm: string } {
  switch (view.next) {
    case 'stand':
      return { title: pumpStandSays(view), confirm: w.stands };
    case 'meshed':
      return { title: w.meshed, confirm: w.meshed };
    case 'again':
      return { title: w.again, confirm: w.again };
    case null:
      return { title: w.done, confirm: '' };
  }
}
