import type { Printed } from '@cardinex/core/job/facts/shown';
import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import type { ActType } from '@cardinex/core/job/act';
import { aboveNew } from '@cardinex/core/job/checks/aboveNew';
import { CLEARANCE_REACH, moveOf } from '@cardinex/core/job/checks/check';
import { mayBeNotHere } from '@cardinex/core/job/checks/notHere';
import { readingOf } from '@cardinex/core/job/checks/state';
import { isFar, isTaken, type CheckView } from '@cardinex/core/job/checks/view';
import { inspectWords as w } from '@cardinex/words/cards/inspect';
import { itemName, placeName } from '@cardinex/words/checkNames';
import { cardBacks, stepSays } from '@cardinex/words/cards/buildSteps';
import { length } from '@cardinex/words/quantity';
import { useUnits } from '../../device/preferences';
import { Button } from '../../ui/Button';
import { Small } from '../../ui/Words';
import { CardFrame } from '../job/CardFrame';
import { EndMark } from '../job/EndMark';
import { useJob } from '../job/JobProvider';
import { useCard } from '../job/useCard';
import { ReadingEntry, useReadingField } from '../reading/ReadingEntry';
import { CheckDrawing } from './CheckDrawing';
import { PhotographIt } from '../photographs/PhotographIt';
import { Findings } from './Findings';
import { checksHref } from './checkHref';
import { useDirect } from './useDirect';
import { useGaugeSet } from './useGaugeSet';
import { NotHereSlip } from './NotHereSlip';
import { GaugeInHand } from './GaugeInHand';
import { HeldNotice } from './HeldNotice';
import { useHolds } from './useHolds';
import { PlacesOfItem } from './PlacesOfItem';
import { ReadingGrid, type Slot } from './ReadingGrid';
import { isOf } from './isOf';
import { useGauge } from './useGauge';
import { AfterCheck } from './AfterCheck';
import { frameOfCheck } from './frameOfCheck';

const OWN_ACTS: ReadonlySet<ActType> = new Set<ActType>(['check.read', 'check.not-here']);

/** Readings of one check: one at a time with big figures, or as a whole table. */
export function ReadCheck({ view }: { view: CheckView }) {
  const { jobId, sheet, state, record } = useJob();
  const units = useUnits();
  const entry = useReadingField();
  const gauge = useGauge();
  const [chosen, setChosen] = useState<Slot | null>(null);
  const [asGrid, setAsGrid] = useState(false);
  const { check } = view;
  const slots = check.items.flatMap((item) => check.places.map((place) => ({ item, place })));
  const next = slots.find(({ item, place }) => !isTaken(state.checks, check, item, place));
  const at = chosen ?? next ?? null;
  const held = useHolds(check.turnsCrank, moveOf(check));

  const set = useGaugeSet(view);
  const direct = useDirect(view);
  const [waiving, setWaiving] = useState(false);
  const [lowMm, highMm] = direct.on ? CLEARANCE_REACH : check.reachMm;

  const read = async (
    mm: number,
    printed: Printed,
    outlier: boolean,
    divisions?: number,
  ): Promise<boolean> => {
    if (!at) return false;
    const problem = await record('check.read', {
      check: check.id,
      item: at.item,
      ...(at.place !== '' && { place: at.place }),
      mm,
      printed,
      ...(gauge.gauge && { gauge: gauge.gauge }),
      ...(outlier && { far: true as const }),
      ...(set.shown && divisions !== undefined && { deviation: { ...set.shown, divisions } }),
      ...(direct.on && { direct: true as const }),
    });
    // What was chosen while this was being written stays chosen.
    if (problem === null) setChosen((now) => (now === chosen ? null : now));
    return problem === null;
  };
  const sentences = check.card === 'inspect' ? w.looksBack : cardBacks[check.card];
  const { undo, frame } = useCard({
    card: check.card,
    acts: OWN_ACTS,
    isHere: isOf(check.id),
    says: sentences,
    done: view.done,
  });
  const main = (): void => entry.handle.current?.keep();
  const nameOf = ({ item, place }: Slot): string =>
    [itemName(sheet, check, item), place === '' ? '' : placeName(sheet, check, place)]
      .filter(Boolean)
      .join(', ');
  return (
    <CardFrame
      {...frame}
      {...frameOfCheck(sheet, view)}
      acts={
        at && !held
          ? {
              undo,
              notSo: {
                label: w.toChecks,
                onPress: () => router.push(checksHref(jobId, check)),
              },
              confirm: { label: w.keep, hint: nameOf(at), onPress: main },
              asked: entry.asked,
              typing: entry.text !== '',
            }
          : null
      }
      actBar={<AfterCheck check={check} unfinished={held !== null || view.undecided.length > 0} />}
      slip={
        waiving && at ? (
          <NotHereSlip
            check={check}
            at={at}
            title={nameOf(at)}
            onDone={() => setChosen(null)}
            onClose={() => setWaiving(false)}
          />
        ) : null
      }
    >
      {held ? <HeldNotice by={held} /> : null}
      <View className="px-3 pt-2">
        <EndMark end={sheet.cylinder1End} />
        <CheckDrawing view={view} at={at} onChoose={setChosen} />
      </View>
      {at && !held ? (
        <View className="gap-2 border-t border-rule px-3.5 py-2.5">
          {asGrid ? null : <PlacesOfItem check={check} at={at} onChoose={setChosen} />}
          <ReadingEntry
            label={nameOf(at)}
            reachMm={highMm}
            signed={lowMm < 0}
            set={direct.on ? undefined : set.shown}
            beyond={() => w.beyond(length(lowMm, units), length(highMm, units))}
            isFar={(mm) => {
              if (direct.on) return false;
              const newMm = aboveNew(sheet, check, at.item, mm);
              return newMm === null
                ? isFar(state.checks, check, at, mm)
                : w.aboveNew(length(mm, units), length(newMm, units));
            }}
            standsMm={readingOf(state.checks, check.id, at.item, at.place)?.mm}
            onRead={read}
            entry={entry}
          />
          {stepSays(sheet, check, '').map((line) => (
            <Small key={line}>{line}</Small>
          ))}
          <GaugeInHand {...gauge} />
          {direct.choice}
          {direct.on ? null : set.form}
        </View>
      ) : null}
      {!at && !asGrid && slots[0] ? (
        <View className="gap-2 border-t border-rule px-3.5 py-2.5">
          <Small>{w.tapToReadAgain}</Small>
          <PlacesOfItem check={check} at={slots[0]} none onChoose={setChosen} />
        </View>
      ) : null}
      {asGrid ? <ReadingGrid view={view} at={at} onChoose={setChosen} /> : null}
      <View className="border-t border-rule px-3.5 py-2.5">
        <View className="flex-row gap-3">
          <Button
            label={asGrid ? w.oneByOne : w.grid}
            onPress={() => setAsGrid(!asGrid)}
            className="flex-1"
          />
          {at && !held && mayBeNotHere(check, at.place) ? (
            <Button label={w.notHere} onPress={() => setWaiving(true)} className="flex-1" />
          ) : null}
          {asGrid ? (
            <Button
              label={w.fromTable}
              onPress={() => router.push(`/jobs/${jobId}/readings`)}
              className="flex-1"
            />
          ) : null}
        </View>
      </View>
      <Findings view={view} />
      <View className="border-t border-rule px-3.5 py-2.5">
        <PhotographIt of={`check/${check.id}`} />
      </View>
    </CardFrame>
  );
}
