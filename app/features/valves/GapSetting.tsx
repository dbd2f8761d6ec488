import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { undoHint } from '@cardinex/words/en/acts';
import { REACH_MM } from '@cardinex/core/job/reach';
import type { GapReading, Printed } from '@cardinex/core/job/act';
import { countedCold, type OverheadView, type ValveView } from '@cardinex/core/job/cards/valves';
import type { CardName } from '@cardinex/core/job/tray';
import { farFromFellows } from '@cardinex/core/quantity/farFromFellows';
import { settable } from '@cardinex/core/overhead/settable';
import { readingName, valvesScreen as w } from '@cardinex/words/en/cards/valves';
import { lengthFigure } from '@cardinex/words/en/quantity';
import { linersWords } from '@cardinex/words/en/screens';
import { nextUnit, usePreferences, useUnits } from '../../device/preferences';
import { Figure } from '../../ui/Figure';
import { Mark } from '../../ui/Mark';
import { speak } from '../../ui/signal';
import { useActKeys } from '../../ui/useActKeys';
import { Small } from '../../ui/Words';
import { ActBar } from '../job/ActBar';
import { CardFrame } from '../job/CardFrame';
import { EndMark } from '../job/EndMark';
import { KeyHelp } from '../job/KeyHelp';
import { useJob } from '../job/JobProvider';
import { useUndo } from '../job/useUndo';
import { ReadingEntry, useReadingField } from '../reading/ReadingEntry';
import { GapReadings } from './GapReadings';
import { LeafStack } from './LeafStack';
import { ScrewAdvice } from './ScrewAdvice';
import { ValveRow } from './ValveRow';
import { ValvesBack } from './ValvesBack';
import { VALVES_ACTS } from './ownActs';
import { readingNext } from './readingNext';

interface Props {
  readonly card: CardName;
  readonly view: OverheadView;
  readonly phase: 'cold' | 'hot';
}

/** At a position, valve by valve: as found, as set, as locked; or, at the recheck, hot. */
/** Gaps of one kind of valve may differ by this much without anybody wondering. */
const FLOOR_MM = 0.2;

export function GapSetting({ card, view, phase }: Props) {
  const { sheet, state, record } = useJob();
  const units = useUnits();
  const { speech } = usePreferences();
  const { last, undo } = useUndo(VALVES_ACTS);
  const entry = useReadingField();
  const [chosenValve, setChosenValve] = useState<string | null>(null);
  const [chosenReading, setChosenReading] = useState<GapReading | null>(null);
  const [help, setHelp] = useState(false);
  const here = settable({ ...view.overhead, atDeg: state.crank.atDeg ?? 0 });
  const may = new Set(here.items.filter((i) => i.verdict === 'settable').map((i) => i.id));
  const planned = new Set(view.next?.set.map((item) => item.id));
  const current =
    view.valves.find((v) => v.valve.id === chosenValve && may.has(v.valve.id)) ??
    view.valves.find((v) => !v.done && planned.has(v.valve.id));
  const counted = countedCold(sheet);
  const reading = current ? (chosenReading ?? readingNext(current, phase, counted)) : 'found';
  const limits = current ? limitsOf(current, phase) : null;
  const valveName = current?.valve.id ?? '';
  useEffect(() => {
    if (speech && valveName !== '') speak(`${valveName}. ${readingName(reading)}.`);
  }, [speech, valveName, reading]);

  const keep = async (mm: number, printed: Printed): Promise<boolean> => {
    const problem = await record('valve.read', { valve: valveName, reading, mm, printed });
    if (problem !== null) return false;
    setChosenReading(null);
    if (reading === counted || reading === 'hot') setChosenValve(null);
    else setChosenValve(valveName);
    return true;
  };
  useActKeys({
    confirm: () => entry.handle.current?.keep(),
    undo: last && entry.text === '' ? undo : undefined,
    help: () => setHelp(!help),
  });
  if (!current || !limits) return null;
  const { plan } = view;
  // The same reading of the other valves of its kind.
  const fellows = view.valves.flatMap(({ valve, readings }) => {
    const read = readings[reading];
    return valve.kind === current.valve.kind && valve.id !== valveName && read ? [read.mm] : [];
  });
  const number = view.next ? plan.positions.indexOf(view.next) + 1 : 0;
  const choose = (valve: string): void => {
    setChosenValve(valve);
    setChosenReading(null);
  };
  return (
    <CardFrame
      card={card}
      title={w.standingAt(number, plan.positions.length)}
      aside={
        phase === 'hot'
          ? w.countChecked(view.doneCount, view.valves.length)
          : w.countSet(view.doneCount, view.valves.length)
      }
      back={<ValvesBack view={view} />}
      foot={current.target?.provisional && phase === 'cold' ? <Provisional /> : null}
      actBar={
        <ActBar
          undo={last ? { what: undoHint(last, sheet), onPress: undo } : null}
          confirm={{
            label: w.keep(reading),
            hint: current.valve.id,
            onPress: () => entry.handle.current?.keep(),
          }}
        />
      }
      slip={help ? <KeyHelp onClose={() => setHelp(false)} /> : null}
    >
      <View className="px-2 pt-2">
        <View className="flex-row justify-between px-1">
          <EndMark end={sheet.cylinder1End} />
          <Small>{w.seenFrom('above')}</Small>
        </View>
        <ValveRow view={view} settable={may} current={current.valve.id} onPress={choose} />
      </View>
      <View className="flex-row gap-6 border-t border-rule px-3.5 py-2">
        <View>
          <Small>
            {[w.kind(current.valve.kind), current.valve.alongHead].filter(Boolean).join(', ')}
          </Small>
          <Figure size="act" tone="blue" value={current.valve.id} testID="valve" />
        </View>
        <View className="flex-1">
          <Small>
            {phase === 'hot' ? w.hotTarget : w.leafBetween(view.spec.leafBetween ?? w.leafUnknown)}
          </Small>
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
        </View>
      </View>
      <View className="gap-2 border-t border-rule px-3.5 py-2.5">
        <GapReadings
          view={current}
          kinds={phase === 'hot' ? [counted, 'hot'] : COLD[counted]}
          reading={reading}
          onChoose={setChosenReading}
        />
        <ReadingEntry
          label={`${current.valve.id}, ${readingName(reading).toLowerCase()}`}
          reachMm={REACH_MM.gap}
          beyond={linersWords.beyondGap}
          isFar={(mm) => farFromFellows(mm, fellows, FLOOR_MM)}
          onRead={keep}
          entry={entry}
        />
      </View>
      <LeafStack limits={limits} />
      <ScrewAdvice view={current} limits={limits} phase={phase} />
    </CardFrame>
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
  { target }: ValveView,
  phase: 'cold' | 'hot',
): { lowMm: number; highMm: number; aimMm: number } | null {
  if (!target) return null;
  if (phase === 'cold') return target;
  const { hotLowMm, hotHighMm } = target;
  if (hotLowMm === undefined || hotHighMm === undefined) return null;
  return { lowMm: hotLowMm, highMm: hotHighMm, aimMm: (hotLowMm + hotHighMm) / 2 };
}
