import { useState } from 'react';
import { View } from 'react-native';
import { assemblyGraph } from '@cardinex/core/sheet/assembly/assemblyGraph';
import { headOf } from '@cardinex/core/sheet/assembly/references';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { stack } from '@cardinex/words/drawn/stack';
import { pieceName } from '@cardinex/words/pieces';
import { scopeWords as w } from '@cardinex/words/scope';
import { stackReach } from '@cardinex/words/stack';
import { Button } from '../../ui/Button';
import { DrawingView } from '../../ui/drawing/DrawingView';
import { Body, Small } from '../../ui/Words';
import { StackOrders } from '../sheets/StackOrders';

interface Props {
  readonly sheet: EngineSheet;
  readonly picked: readonly string[];
  readonly onPick: (picked: readonly string[]) => void;
}

/** Pieces picked on the picture of the engine, and all that has to come off to get at them. */
export function PickPieces({ sheet, picked, onPick }: Props) {
  const [byName, setByName] = useState(false);
  const { instances, assembly } = assemblyGraph(sheet);
  /** The piece itself, where there is but one of it. */
  const named = (instance: string): string => {
    const of = headOf(instance);
    return instances.filter((other) => other.of === of).length > 1 ? instance : of;
  };
  const found = picked.length === 0 ? null : stackReach(sheet, picked);
  const toggle = (piece: string): void =>
    onPick(picked.includes(piece) ? picked.filter((id) => id !== piece) : [...picked, piece]);
  return (
    <View className="gap-2" role="group" aria-label={w.pick}>
      <Body className="font-strong">{w.pick}</Body>
      <DrawingView
        drawing={stack(sheet, picked, false)}
        onPress={(instance) => toggle(named(instance))}
      />
      <Button label={w.byName} selected={byName} onPress={() => setByName(!byName)} />
      {byName ? (
        <View className="flex-row flex-wrap gap-3">
          {assembly.pieces.map((piece) => (
            <Button
              key={piece.id}
              label={pieceName(piece)}
              selected={picked.includes(piece.id)}
              onPress={() => toggle(piece.id)}
              className="min-w-[45%] flex-1"
            />
          ))}
        </View>
      ) : null}
      <View aria-live="polite" className="gap-2">
        {found ? <StackOrders found={found} /> : <Small>{w.pickHint}</Small>}
      </View>
    </View>
  );
}
