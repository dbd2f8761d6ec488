import { useState } from 'react';
import { View } from 'react-native';
import type { Kept, Scope } from '@cardinex/core/job/facts/scope';
import { keepable } from '@cardinex/core/job/plan/kept';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { pieceName } from '@cardinex/words/pieces';
import { scopeWords as w } from '@cardinex/words/scope';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Small } from '../../ui/Words';

interface Props {
  readonly sheet: EngineSheet;
  /** How far the job goes, with nothing kept. */
  readonly scope: Scope;
  readonly keep: readonly Kept[];
  /** Pieces that come off by now: nothing is kept afterwards. */
  readonly gone: readonly string[];
  readonly tried: boolean;
  readonly onKeep: (keep: readonly Kept[]) => void;
}

/** What is lifted as one with what it stands on, and why; nothing where every piece has to come off by itself. */
export function KeepPieces({ sheet, scope, keep, gone, tried, onKeep }: Props) {
  const [shown, setShown] = useState(false);
  const [why, setWhy] = useState(keep[0]?.why ?? '');
  const pieces = shown ? keepable(sheet, scope).filter(({ id }) => !gone.includes(id)) : [];
  const isKept = (piece: string): boolean => keep.some((kept) => kept.piece === piece);
  const toggle = (piece: string): void =>
    onKeep(isKept(piece) ? keep.filter((kept) => kept.piece !== piece) : [...keep, { piece, why }]);
  const say = (words: string): void => {
    setWhy(words);
    onKeep(keep.map(({ piece }) => ({ piece, why: words })));
  };
  return (
    <View className="gap-2">
      <Button label={w.keep} expanded={shown} onPress={() => setShown(!shown)} />
      {shown ? <Small>{w.keepSays}</Small> : null}
      {shown ? (
        <View role="group" aria-label={w.keep} className="flex-row flex-wrap gap-3">
          {pieces.map((piece) => (
            <Button
              key={piece.id}
              label={pieceName(piece)}
              selected={isKept(piece.id)}
              onPress={() => toggle(piece.id)}
              className="min-w-[45%] flex-1"
            />
          ))}
        </View>
      ) : null}
      {keep.length > 0 ? (
        <Field
          label={w.keepWhy}
          hint={w.keepWhyHint}
          value={why}
          onChangeText={say}
          fault={tried && why.trim() === '' ? w.needKeepWhy : undefined}
        />
      ) : null}
    </View>
  );
}
