import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { REACH_MM } from '@cardinex/core/job/reach';
import type { GapReading, Printed } from '@cardinex/core/job/act';
import {
  countedCold,
  shiftLearnt,
  leafFor,
  type ItemView,
  type OverheadView,
} from '@cardinex/core/job/cards/valves';
import type { CardName } from '@cardinex/core/job/tray';
import { farFromFellows } from '@cardinex/core/quantity/farFromFellows';
import { itemName, itemShort } from '@cardinex/words/en/itemNames';
import { readingName, valvesScreen as w } from '@cardinex/words/en/cards/valves';
import { lengthFigure } from '@cardinex/words/en/quantity';
import { linersWords } from '@cardinex/words/en/screens';
import { nextUnit, usePreferences, useUnits } from '../../device/preferences';
import { Figure } from '../../ui/Figure';
import { Mark } from '../../ui/Mark';
import { speak } from '../../ui/signal';
import { Small } from '../../ui/Words';
import { useJob } from '../job/JobProvider';
import { ReadingEntry, useReadingField } from '../reading/ReadingEntry';
import { GapReadings } from './GapReadings';
import { LeafStack } from './LeafStack';
import { ScrewAdvice } from './ScrewAdvice';
import { LockShiftHint } from './LockShiftHint';
import { readingNext } from './readingNext';
import { SettingFrame } from './SettingFrame';
import { SettingTop } from './SettingTop';
import type { SettingPlace } from './useSettingPlace';

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
  const { speech } = usePreferences();
  const entry = useReadingField();
  const [asked, setAsked] = useState<{ item: string; reading: GapReading } | null>(null);
  const counted = countedCold(sheet);
  const { item } = current;
  const name = itemName(sheet, item);
  const chosen = asked?.item === item.id ? asked.reading : null;
  const reading = chosen ?? readingNext(current, phase, counted);
  const limits = limitsOf(current, phase);
  useEffect(() => {
    if (speech) speak(`${name}. ${readingName(reading)}.`);
  }, [speech, name, reading]);

  const keep = async (mm: number, printed: Printed): Promise<boolean> => {
    const problem = await record('valve.read', { valve: item.id, reading, mm, printed });
    if (problem !== null) return false;
    setAsked(null);
    const isLast = reading === counted || reading === 'hot' || view.measuring;
    // A bridge is tried once more before the next is taken up.
    if (isLast && !view.spec.bridges) place.goOn();
    else place.choose(item.id);
    return true;
  };
  if (!limits) return null;
  // The same reading of the other valves of its kind.
  const fellows = view.items.flatMap(({ item: other, readings }) => {
    const read = readings[reading];
    return other.kind === item.kind && other.id !== item.id && read ? [read.mm] : [];
  });
  const learnt = reading === 'set' ? shiftLearnt(view, current, limits) : null;
  const leafBetween = leafFor(view.spec, item.kind);
  return (
    <SettingFrame
      card={card}
      view={view}
      typing={entry.text !== ''}
      foot={current.target?.provisional && phase === 'cold' ? <Provisional /> : null}
      confirm={{
        label: w.keep(reading),
        hint: itemShort(item),
        onPress: () => entry.handle.current?.keep(),
      }}
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
          kinds={phase === 'hot' ? [counted, 'hot'] : view.measuring ? ['found'] : COLD[counted]}
          reading={reading}
          onChoose={(kind) => setAsked({ item: item.id, reading: kind })}
        />
        <ReadingEntry
          label={`${itemShort(item)}, ${readingName(reading).toLowerCase()}`}
          reachMm={REACH_MM.gap}
          beyond={linersWords.beyondGap}
          isFar={(mm) => farFromFellows(mm, fellows, FLOOR_MM)}
          onRead={keep}
          entry={entry}
        />
      </View>
      {learnt ? <LockShiftHint learnt={learnt} /> : null}
      <LeafStack limits={learnt ? { ...limits, aimMm: learnt.setToMm } : limits} />
      <ScrewAdvice view={current} limits={limits} phase={phase} />
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
