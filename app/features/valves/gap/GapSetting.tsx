import type { CardName } from '@cardinex/core/job/facts/cardName';
import type { Printed } from '@cardinex/core/job/facts/shown';
import type { GapReading } from '@cardinex/core/job/facts/valves';
import { useState } from 'react';
import { View } from 'react-native';
import { REACH_MM } from '@cardinex/core/job/reach';
import { shiftLearnt, type OverheadView } from '@cardinex/core/job/cards/valves/view';
import {
  asksFound,
  countedCold,
  leafFor,
  type ItemView,
} from '@cardinex/core/job/cards/valves/item';
import { farFromFellows } from '@cardinex/core/quantity/farFromFellows';
import { isValve } from '@cardinex/core/sheet/settingItems';
import { itemName, itemShort } from '@cardinex/words/itemNames';
import { valvesScreen as w } from '@cardinex/words/cards/valves';
import { readingName } from '@cardinex/words/overheadNames';
import { length, lengthFigure } from '@cardinex/words/quantity';
import { linersWords } from '@cardinex/words/screens';
import { nextUnit, useUnits } from '../../../device/preferences';
import { Figure } from '../../../ui/Figure';
import { Mark } from '../../../ui/Mark';
import { Body, Small } from '../../../ui/Words';
import { useJob } from '../../job/JobProvider';
import { useSpoken } from '../../job/useSpoken';
import { useGoNoGo } from './useGoNoGo';
import { ReadingEntry, useReadingField } from '../../reading/ReadingEntry';
import { GapReadings } from './GapReadings';
import { LeafStack } from './LeafStack';
import { ScrewAdvice } from './ScrewAdvice';
import { LockNutRow } from '../lock-nut/LockNutRow';
import { LockNutSlip } from '../lock-nut/LockNutSlip';
import { LockShiftHint } from './LockShiftHint';
import { readingNext } from './readingNext';
import { SettingFrame } from '../SettingFrame';
import { SettingTop } from '../SettingTop';
import { useLockNut } from '../lock-nut/useLockNut';
import type { SettingPlace } from '../useSettingPlace';

interface Props {
  readonly card: CardName;
  readonly view: OverheadView;
  readonly place: SettingPlace;
  readonly current: ItemView;
  readonly phase: 'cold' | 'hot';
}

/** Gaps of one kind of valve may differ by this much without anybody wondering. */
const FLOOR_MM = 0.2;

/** One gap: as found, as set, as locked; or, at the recheck, hot. */
export function GapSetting({ card, view, place, current, phase }: Props) {
  const { sheet, record } = useJob();
  const units = useUnits();
  const entry = useReadingField();
  const [asked, setAsked] = useState<{ item: string; reading: GapReading } | null>(null);
  const counted = countedCold(sheet);
  const { item } = current;
  const isAgain = view.again === 'going' && current.readings.locked !== undefined;
  const chosen = asked?.item === item.id ? asked.reading : null;
  const found = asksFound(sheet);
  const reading = chosen ?? readingNext(current, phase, { counted, again: isAgain, found });
  const limits = limitsOf(current, phase);
  const nut = useLockNut(item);
  // A gap found within and left alone keeps its nut as it was.
  const locks = reading === 'locked' && current.readings.set !== undefined ? nut : null;
  useSpoken(`${itemName(sheet, item)}. ${readingName(reading)}.`);

  const save = async (
    mm: number,
    printed: Printed,
    felt?: { goMm: number; noGoMm: number },
  ): Promise<boolean> => {
    const data = {
      valve: item.id,
      reading,
      mm,
      printed,
      ...(felt && { felt }),
      ...(locks?.pulled && { nut: locks.pulled }),
    };
    const problem = await record('valve.read', data);
    if (problem !== null) return false;
    setAsked(null);
    const isLast =
      reading === counted || reading === 'again' || reading === 'hot' || view.measuring;
    // A valve's bridge is tried once more before the next is taken up.
    const onBridge = view.spec.bridges !== undefined && isValve(item);
    if (isLast && (!onBridge || reading === 'again')) place.goOn();
    else place.choose(item.id);
    return true;
  };
  const { locked } = current.readings;
  const pair = useGoNoGo(view.spec.feel === 'go-no-go' ? limits : null);
  if (!limits) return null;
  const byPair = reading !== 'found' && pair !== null;
  const still = reading === 'again' && locked !== undefined && entry.text === '' ? locked : null;
  const byFeel = byPair && entry.text === '' && still === null ? pair : null;
  /** What stands in the field; with nothing in it, what the card offers. */
  const keepOffered = (): void => {
    if (still) void save(still.mm, still.printed);
    else if (byFeel) void save(byFeel.mm, byFeel.printed, byFeel.felt);
    else entry.handle.current?.keep();
  };
  // The same reading of the other valves of its kind.
  const fellows = view.items.flatMap(({ item: other, readings }) => {
    const read = readings[reading];
    return other.kind === item.kind && other.id !== item.id && read ? [read.mm] : [];
  });
  const learnt = reading === 'set' ? shiftLearnt(view, current, limits) : null;
  // What locking will do is set against: screw and leaves aim at the same figure.
  const aimed = learnt ? { ...limits, aimMm: learnt.setToMm } : limits;
  const leafBetween = leafFor(view.spec, item.kind);
  return (
    <SettingFrame
      card={card}
      view={view}
      typing={entry.text !== ''}
      foot={current.target?.provisional && phase === 'cold' ? <Provisional /> : null}
      confirm={{
        label: still ? w.stillAs(length(still.mm, units)) : byFeel ? w.goNoGo : w.keep(reading),
        hint: itemShort(item),
        onPress: keepOffered,
      }}
      asked={entry.asked}
      slip={nut?.choosing ? <LockNutSlip nut={nut} /> : null}
    >
      <SettingTop view={view} place={place} current={current}>
        <Small>{phase === 'hot' ? w.hotTarget : w.leafBetween(leafBetween ?? w.leafUnknown)}</Small>
        <Figure
          size="large"
          value={w.target(
            lengthFigure(limits.lowMm, units.length),
            lengthFigure(limits.highMm, units.length),
          )}
          unit={units.length}
          onUnit={() => nextUnit('length')}
          testID="target"
        />
      </SettingTop>
      <View className="gap-2 border-t border-rule px-3.5 py-2.5">
        <GapReadings
          view={current}
          kinds={
            phase === 'hot'
              ? [counted, 'hot']
              : view.measuring
                ? ['found']
                : isAgain
                  ? ['set', 'locked', 'again']
                  : COLD[counted].filter((kind) => kind !== 'found' || found)
          }
          reading={reading}
          onChoose={(kind) => setAsked({ item: item.id, reading: kind })}
        />
        <ScrewAdvice view={current} limits={aimed} phase={phase} />
        <ReadingEntry
          label={w.readingOf(itemShort(item), reading)}
          reachMm={REACH_MM.gap}
          beyond={linersWords.beyondGap}
          isFar={(mm) => farFromFellows(mm, fellows, FLOOR_MM)}
          // As found cannot be read again once it is set; a gap is set as often as it takes.
          standsMm={reading === 'found' ? current.readings.found?.mm : undefined}
          onRead={(mm, printed) => save(mm, printed)}
          entry={entry}
        />
      </View>
      {learnt ? <LockShiftHint learnt={learnt} /> : null}
      {locks ? <LockNutRow nut={locks} /> : null}
      {byPair ? (
        <View className="border-t border-rule px-3.5 py-2" testID="go-no-go">
          <Body className="font-strong">{w.goLeaf(pair.go)}</Body>
          <Body className="font-strong">{w.noGoLeaf(pair.noGo)}</Body>
          <Small>{w.goNoGoHow(pair.set)}</Small>
        </View>
      ) : view.spec.feel ? (
        <Small className="px-3.5 py-2">{w.feels[view.spec.feel]}</Small>
      ) : null}
      <LeafStack limits={aimed} />
    </SettingFrame>
  );
}

/** Where nothing locks, what was set stays. */
const COLD: Readonly<Record<'locked' | 'set', readonly GapReading[]>> = {
  locked: ['found', 'set', 'locked'],
  set: ['found', 'set'],
};

function Provisional() {
  return (
    <View className="flex-row items-center rounded-lg bg-card px-2.5 py-2" testID="provisional">
      <Mark kind="waiting" word={w.provisionalShort} />
    </View>
  );
}

function limitsOf(
  { target }: ItemView,
  phase: 'cold' | 'hot',
): { lowMm: number; highMm: number; aimMm: number } | null {
  if (!target) return null;
  if (phase === 'cold') return target;
  const { hotLowMm, hotHighMm } = target;
  if (hotLowMm === undefined || hotHighMm === undefined) return null;
  return { lowMm: hotLowMm, highMm: hotHighMm, aimMm: (hotLowMm + hotHighMm) / 2 };
}
