import type { BoltView, RunView } from '@cardinex/core/job/run/views';
import type { Side } from '@cardinex/core/job/facts/run';
import { View } from 'react-native';
import { numberOf } from '@cardinex/core/job/run/runView';
import { tightenScreen as w } from '@cardinex/words/cards/tighten';
import { listed } from '@cardinex/words/quantity';
import { setPreferences, usePreferences } from '../../../device/preferences';
import { Choice } from '../../../ui/Choice';
import { Mark } from '../../../ui/Mark';
import { Small } from '../../../ui/Words';

/**
 * The end this device pulls next of a fastener that two pull together; undefined where one does, null
 * while the other is waited for: the other end, or the other side of a stage shared out between two.
 */
export function useEnd(bolt: BoltView | null): Side | null | undefined {
  const { end } = usePreferences();
  if (!bolt) return undefined;
  const { together, from } = bolt.act;
  if (!together) return from === undefined || end === 'both' || end === from ? undefined : null;
  const { sides } = bolt;
  if (end === 'both') return sides.includes('near') ? 'far' : 'near';
  return sides.includes(end) ? null : end;
}

/** Which end, or side, whoever holds this device pulls; both, where nobody else does. */
export function EndChoice({ together }: { readonly together: boolean }) {
  const { end } = usePreferences();
  const names = together ? w.ends : w.sides;
  return (
    <Choice
      label={together ? w.endHere : w.sideHere}
      value={end}
      options={(['near', 'far', 'both'] as const).map((value) => ({ value, label: names[value] }))}
      onChange={(value) => setPreferences({ end: value })}
    />
  );
}

/** Which end or side is held here, and what the other is doing. */
export function Ends({
  view,
  bolt,
  end,
}: {
  readonly view: RunView;
  readonly bolt: BoltView;
  readonly end: Side | null | undefined;
}) {
  const { together, from } = bolt.act;
  if (!together && from === undefined) return null;
  const [other] = bolt.sides;
  return (
    <View className="gap-2 border-t border-rule px-3.5 py-2" testID="ends">
      <EndChoice together={together === true} />
      {together
        ? null
        : (['near', 'far'] as const).map((side) => (
            <Small key={side}>{w.sidePulls(w.sides[side], numbersOn(view, side))}</Small>
          ))}
      {end === null ? <Mark kind="waiting" word={together ? w.otherEnd : w.otherSide} /> : null}
      {together && end !== null && other !== undefined ? (
        <Mark kind="now" word={w.oneEndOn[other]} />
      ) : null}
    </View>
  );
}

/** The printed numbers one side pulls in the stage in hand, in its order. */
function numbersOn(view: RunView, side: Side): string {
  const bolts = view.current?.bolts ?? [];
  return listed(bolts.filter(({ act }) => act.from === side).map((bolt) => numberOf(view, bolt)));
}
