import { View } from 'react-native';
import type { Side } from '@cardinex/core/job/act';
import type { BoltView } from '@cardinex/core/job/run/runView';
import { tightenScreen as w } from '@cardinex/words/en/cards/tighten';
import { setPreferences, usePreferences } from '../../../device/preferences';
import { Choice } from '../../../ui/Choice';
import { Mark } from '../../../ui/Mark';

/**
 * The end this device pulls next of a fastener that two pull together; undefined where one does, null
 * while the other end is waited for.
 */
export function useEnd(bolt: BoltView | null): Side | null | undefined {
  const { end } = usePreferences();
  if (!bolt?.act.together) return undefined;
  const { sides } = bolt;
  if (end === 'both') return sides.includes('near') ? 'far' : 'near';
  return sides.includes(end) ? null : end;
}

/** Which end is held here, and what the other is doing. */
export function Ends({ bolt, end }: { bolt: BoltView; end: Side | null }) {
  const { end: chosen } = usePreferences();
  const [other] = bolt.sides;
  return (
    <View className="gap-2 border-t border-rule px-3.5 py-2" testID="ends">
      <Choice
        label={w.endHere}
        value={chosen}
        options={(['near', 'far', 'both'] as const).map((value) => ({
          value,
          label: w.ends[value],
        }))}
        onChange={(value) => setPreferences({ end: value })}
      />
      {end === null ? <Mark kind="waiting" word={w.otherEnd} /> : null}
      {end !== null && other !== undefined ? (
        <Mark kind="now" word={w.oneEndOn(w.ends[other].toLowerCase())} />
      ) : null}
    </View>
  );
}
