import type { Kept, ScopeKind } from '@cardinex/core/job/facts/scope';
import { View } from 'react-native';
import { asksWhich, scopeChoices, scopesFor } from '@cardinex/core/job/plan/scopeChoices';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { scopeName, scopeSays, scopeWords as w } from '@cardinex/words/scope';
import { Choice } from '../../ui/Choice';
import { Mark } from '../../ui/Mark';
import { Small } from '../../ui/Words';
import { KeepPieces } from './KeepPieces';
import { PickPieces } from './PickPieces';
import { scopeOf } from './scopeOf';

interface Props {
  readonly sheet: EngineSheet;
  readonly kind: ScopeKind | null;
  /** Which head or cylinder; empty while none is chosen. */
  readonly only: string;
  /** It was tried to go on: what is still missing is said. */
  readonly tried: boolean;
  readonly label?: string;
  readonly offered?: readonly ScopeKind[];
  /** Pieces picked on the picture. */
  readonly also: readonly string[];
  readonly onKind: (kind: ScopeKind) => void;
  readonly onOnly: (only: string) => void;
  readonly onAlso: (also: readonly string[]) => void;
  /** What stays on what it stands on. */
  readonly keep: readonly Kept[];
  readonly onKeep: (keep: readonly Kept[]) => void;
  /** Pieces that come off already. */
  readonly gone?: readonly string[];
}

/** How far into the engine a job goes, and which head or cylinder where it is only one. */
export function ScopeChoice({
  sheet,
  kind,
  only,
  tried,
  label = w.scope,
  offered = scopesFor(sheet),
  also,
  onKind,
  onOnly,
  onAlso,
  keep,
  onKeep,
  gone = [],
}: Props) {
  const scope = kind ? scopeOf({ kind, only, also }) : null;
  return (
    <View className="gap-2">
      <Choice
        label={label}
        value={kind}
        options={[...offered, 'pieces' as const].map((value) => ({
          value,
          label: scopeName(value),
        }))}
        onChange={onKind}
      />
      {kind ? <Small>{scopeSays(kind)}</Small> : null}
      {tried && !kind ? <Mark kind="out" word={w.needScope} /> : null}
      {kind && asksWhich(kind) ? (
        <Choice
          label={w.which(kind)}
          value={only}
          options={scopeChoices(sheet, kind).map((value) => ({ value, label: value }))}
          onChange={onOnly}
        />
      ) : null}
      {tried && kind && asksWhich(kind) && only === '' ? (
        <Mark kind="out" word={w.needWhich} />
      ) : null}
      {kind === 'pieces' ? <PickPieces sheet={sheet} picked={also} onPick={onAlso} /> : null}
      {tried && kind === 'pieces' && also.length === 0 ? (
        <Mark kind="out" word={w.needPick} />
      ) : null}
      {scope ? (
        <KeepPieces
          key={JSON.stringify(scope)}
          sheet={sheet}
          scope={scope}
          keep={keep}
          gone={gone}
          tried={tried}
          onKeep={onKeep}
        />
      ) : null}
    </View>
  );
}
