import type { Printed } from '@cardinex/core/job/facts/shown';
import { goNoGo, type GoNoGo } from '@cardinex/core/overhead/goNoGo';
import { leavesLeft } from '@cardinex/core/tools/tool';
import { lengthFigure } from '@cardinex/words/quantity';
import { leafName } from '@cardinex/words/tools';
import { useUnits } from '../../../device/preferences';
import { useTools } from '../../../session/queries';

/** A leaf, or leaves, that must go in and one that must not, from the sets of the crib. */
interface Pair {
  readonly go: string;
  readonly noGo: string;
  /** The set both are of. */
  readonly set: string;
  /** Between the two. */
  readonly mm: number;
  readonly printed: Printed;
  readonly felt: { readonly goMm: number; readonly noGoMm: number };
}

/** The pair for a gap's limits; null where no set has one. */
export function useGoNoGo(
  limits: { readonly lowMm: number; readonly highMm: number } | null,
): Pair | null {
  const units = useUnits();
  const tools = useTools().data?.tools ?? [];
  if (!limits) return null;
  const pairs = tools.flatMap((tool) => {
    if (tool.kind !== 'feelers' || tool.retired) return [];
    const pair = goNoGo({ leavesMm: leavesLeft(tool), ...limits });
    return pair ? [{ ...pair, set: tool.name, unit: tool.spec.unit }] : [];
  });
  const leaves = ({ goMm, noGoMm }: GoNoGo): number =>
    goMm.leavesMm.length + noGoMm.leavesMm.length;
  const [pair] = pairs.sort((a, b) => leaves(a) - leaves(b));
  if (!pair) return null;
  const { goMm, noGoMm, set, unit } = pair;
  const mm = (goMm.totalMm + noGoMm.totalMm) / 2;
  const named = (leaves: readonly number[]): string =>
    leaves.map((leaf) => leafName(leaf, unit)).join(' + ');
  return {
    go: named(goMm.leavesMm),
    noGo: named(noGoMm.leavesMm),
    set,
    mm,
    printed: { text: lengthFigure(mm, units.length), unit: units.length },
    felt: { goMm: goMm.totalMm, noGoMm: noGoMm.totalMm },
  };
}
