import { useState } from 'react';
import { View } from 'react-native';
import type { Overhead } from '@cardinex/core/overhead/barringInput';
import { cycleDegrees, wrap } from '@cardinex/core/overhead/cycle';
import { settable } from '@cardinex/core/overhead/settable';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import type { Rotation } from '@cardinex/core/sheet/spec/layout';
import { itemNamed } from '@cardinex/words/itemNames';
import { settableWhy, valvesScreen as w } from '@cardinex/words/cards/valves';
import { degrees, endName } from '@cardinex/words/quantity';
import { useEncoder } from '../../../device/instrument/useEncoder';
import { Button } from '../../../ui/Button';
import { Marked } from '../../../ui/Marked';
import { usePalette } from '../../../ui/useTheme';
import { Body, Small } from '../../../ui/Words';
import { CrankClock } from './CrankClock';
import { CylindersDrawing } from './CylindersDrawing';

interface Props {
  readonly sheet: EngineSheet;
  readonly overhead: Overhead;
  readonly rotation: Rotation;
  readonly startDeg?: number;
}

const STEPS = [-10, -1, 1, 10] as const;

/** Turn the crank and see: what each cylinder does, what may be set, and why the rest may not. */
export function TurnAndSee({ sheet, overhead, rotation, startDeg = 0 }: Props) {
  const c = usePalette();
  const [atDeg, setAtDeg] = useState(startDeg);
  const cycle = cycleDegrees(overhead.strokes);
  useEncoder((byDeg) => setAtDeg((before) => wrap(before + byDeg, cycle)));
  const current = settable({ ...overhead, atDeg });
  const inOrder = [...current.cylinders].sort((a, b) => a.cylinder - b.cylinder);
  return (
    <View className="gap-2" testID="turn-and-see">
      <Small>{`${w.seenFrom(endName(rotation.seenFrom))}, ${w.fires(overhead.firing.map((f) => f.cylinder))}`}</Small>
      <CrankClock
        rotation={rotation}
        crank={sheet.crank}
        firing={overhead.firing}
        atDeg={atDeg}
        toDeg={atDeg}
        barDeg={null}
        centre={degrees(atDeg)}
      />
      <input
        type="range"
        min={0}
        max={cycle - 1}
        value={Math.round(atDeg)}
        aria-label={w.crankAngle}
        onChange={(event) => setAtDeg(Number(event.target.value))}
        style={{ width: '100%', height: 56, accentColor: c.blue }}
      />
      <View className="flex-row gap-2">
        {STEPS.map((step) => (
          <Button
            key={step}
            label={`${step > 0 ? '+' : '−'}${Math.abs(step)}°`}
            onPress={() => setAtDeg(wrap(atDeg + step, cycle))}
            className="flex-1"
          />
        ))}
      </View>
      <CylindersDrawing overhead={overhead} here={current} />
      {inOrder.map(({ cylinder, stroke, localDeg, companions }) => (
        <View key={cylinder} className="gap-0.5 border-t border-rule pt-1.5">
          <Body className="font-strong">
            {w.doing(cylinder, stroke, localDeg === 0)}
            {companions.length > 0 ? w.withCompanion(companions) : ''}
          </Body>
          {overhead.items
            .filter((item) => item.cylinder === cylinder)
            .map(({ id }) => {
              const found = current.items.find((entry) => entry.id === id);
              return found ? (
                <Marked
                  key={id}
                  kind={
                    found.verdict === 'settable'
                      ? 'within'
                      : found.verdict === 'near'
                        ? 'waiting'
                        : 'out'
                  }
                >
                  {w.itemStands(itemNamed(sheet, id), settableWhy(found, overhead.marginDeg))}
                </Marked>
              ) : null;
            })}
        </View>
      ))}
    </View>
  );
}
