import { useState } from 'react';
import { Pressable, Text, View } from 'react-native';
import { feelerStack } from '@cardinex/core/overhead/feelerStack';
import { leavesLeft } from '@cardinex/core/tools/tool';
import { leafName, toolsWords as w } from '@cardinex/words/tools';
import { useTools } from '../../../session/queries';

interface Props {
  readonly limits: { readonly lowMm: number; readonly highMm: number; readonly aimMm: number };
}

/** Most leaves that still feel like one. */
const MOST_LEAVES = 3;

/** The leaves to take from the set in hand for the gap aimed at; a tap takes the next set. */
export function LeafStack({ limits }: Props) {
  const sets = (useTools().data?.tools ?? []).flatMap((tool) =>
    tool.kind === 'feelers' && !tool.retired && leavesLeft(tool).length > 0 ? [tool] : [],
  );
  const [at, setAt] = useState(0);
  const set = sets[at % Math.max(sets.length, 1)];
  if (!set) return null;
  const toleranceMm = Math.min(limits.aimMm - limits.lowMm, limits.highMm - limits.aimMm);
  const { stacks } = feelerStack({
    leavesMm: [...leavesLeft(set)],
    targetMm: limits.aimMm,
    maxLeaves: MOST_LEAVES,
    toleranceMm: Math.max(toleranceMm, 0.001),
  });
  const [best] = stacks;
  const text = best
    ? w.stack(
        w.stackOf(
          best.leavesMm.map((mm) => leafName(mm, set.spec.unit)),
          set.name,
        ),
      )
    : w.noStack(set.name);
  return (
    <View className="border-t border-rule px-3.5 py-1" testID="leaves">
      <Pressable
        role="button"
        disabled={sets.length < 2}
        onPress={() => setAt(at + 1)}
        className="min-h-[56px] justify-center"
      >
        <Text className="font-text text-note text-ink">{text}</Text>
      </Pressable>
    </View>
  );
}
