import { View } from 'react-native';
import type { ScopeKind } from '@cardinex/core/job/facts/scope';
import { scopeTargets } from '@cardinex/core/job/plan/scopeTargets';
import { asksWhich, scopeChoices, scopesFor } from '@cardinex/core/job/plan/scopeChoices';
import { assemblyOf } from '@cardinex/core/sheet/assembly/assemblyOf';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { reachBenchWords as w } from '@cardinex/words/assembly';
import { stack } from '@cardinex/words/drawn/stack';
import { stackReach, stackWords } from '@cardinex/words/stack';
import { scopeName, scopeTitle } from '@cardinex/words/scope';
import { useSheets } from '../../../session/queries';
import { Choice } from '../../../ui/Choice';
import { DrawingView } from '../../../ui/drawing/DrawingView';
import { Mark } from '../../../ui/Mark';
import { Body } from '../../../ui/Words';
import { StackOrders } from '../../sheets/StackOrders';
import type { CalculatorBench, SetValue } from '../CalculatorBench';
import type { Values } from '../useBenchValues';

/** What comes off one of the shop's engines for a scope, in which order off and on. */
export const reachBench: CalculatorBench = {
  fields: [],
  answer: (_, values) => <Reached values={values} />,
  above: (values, set) => <Asked values={values} set={set} />,
};

/** What was chosen before may be gone, or of another engine. */
function useAsked({ engine, scope, only }: Values) {
  const sheets = (useSheets().data?.sheets ?? []).map((entry) => entry.sheet);
  const sheet = sheets.find(({ id }) => id === engine) ?? null;
  const kind = sheet && scopesFor(sheet).find((entry) => entry === scope);
  const choices = sheet && kind ? scopeChoices(sheet, kind) : [];
  const narrowed = choices.find((entry) => entry === only);
  return { sheets, sheet, kind: kind ?? null, choices, only: narrowed ?? null };
}

function Asked({ values, set }: { readonly values: Values; readonly set: SetValue }) {
  const { sheets, sheet, kind, choices, only } = useAsked(values);
  return (
    <View className="gap-3">
      <Choice
        label={w.engine}
        value={sheet?.id ?? null}
        options={sheets.map(({ id, name }) => ({ value: id, label: name }))}
        onChange={(to) => set('engine', to)}
      />
      {sheet ? (
        <Choice<ScopeKind>
          label={w.scope}
          value={kind}
          options={scopesFor(sheet).map((value) => ({ value, label: scopeName(value) }))}
          onChange={(to) => set('scope', to)}
        />
      ) : null}
      {kind && asksWhich(kind) ? (
        <Choice
          label={w.which}
          value={only}
          options={choices.map((value) => ({ value, label: value }))}
          onChange={(to) => set('only', to)}
        />
      ) : null}
    </View>
  );
}

function Reached({ values }: { readonly values: Values }) {
  const { sheet, kind, only } = useAsked(values);
  if (!sheet || !kind || (asksWhich(kind) && only === null)) return <Body>{w.choose}</Body>;
  return <OfScope sheet={sheet} scope={{ kind, ...(only !== null && { only }) }} />;
}

function OfScope({
  sheet,
  scope,
}: {
  readonly sheet: EngineSheet;
  readonly scope: { readonly kind: ScopeKind; readonly only?: string };
}) {
  const meant = scopeTargets(sheet, scope);
  const title = scopeTitle(scope);
  const found = stackReach(sheet, meant, title);
  return (
    <>
      {assemblyOf(sheet).assumed ? <Mark kind="waiting" word={stackWords.assumed} /> : null}
      <DrawingView drawing={stack(sheet, meant, false, title)} />
      {found ? <StackOrders found={found} /> : null}
    </>
  );
}
