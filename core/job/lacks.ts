import { setOf, stagesOf } from '../sheet/programmeOf';
import { heightsOf } from '../sheet/spec/block';
import type { FastenedSet, SheetStage } from '../sheet/spec/fastening';
import type { EngineSheet } from '../sheet/engineSheet';
import type { ValveKind } from '../sheet/spec/overhead';

/** A figure a card cannot do without, and the sheet does not have. */
export type Lack =
  | 'liners'
  | 'liner-low'
  | 'liner-high'
  | 'head-set'
  | 'programme'
  | 'stage-value'
  | 'overhead'
  | 'rotation'
  | 'firing'
  | 'camEvents'
  | 'intake-gap'
  | 'hydraulic-preload'
  | 'exhaust-gap';

/** What the sheet lacks for the liners card. */
export function linersLack(sheet: EngineSheet): readonly Lack[] {
  if (!sheet.liners) return ['liners'];
  const heights = heightsOf(sheet.liners);
  if (!heights) return [];
  return [
    ...(heights.low ? [] : (['liner-low'] as const)),
    ...(heights.high ? [] : (['liner-high'] as const)),
  ];
}

/** What the sheet lacks for tightening a set. */
export function runLack(sheet: EngineSheet, setId: string | null): readonly Lack[] {
  const set = setId === null ? undefined : setOf(sheet, setId);
  if (!set) return ['head-set'];
  if (!set.programme) return ['programme'];
  return stagesOf(set).some(({ stage }) => lacksValue(set, stage)) ? ['stage-value'] : [];
}

function lacksValue(set: FastenedSet, stage: SheetStage): boolean {
  if ('pressure' in stage) return 'missing' in stage.pressure;
  if (!('values' in stage)) return false;
  const groups = new Set(
    stage.order.map((id) => set.fasteners.find((f) => f.id === id)?.group ?? set.groups[0]?.id),
  );
  return [...groups].some((group) => {
    const value =
      stage.values.find((v) => v.group !== undefined && v.group === group) ??
      stage.values.find((v) => v.group === undefined);
    return !value || 'missing' in value.value;
  });
}

/** What the sheet lacks for setting valves. */
export function valvesLack(sheet: EngineSheet): readonly Lack[] {
  const { overhead } = sheet;
  if (!overhead) return ['overhead'];
  const lacks: Lack[] = [];
  if (!sheet.rotation) lacks.push('rotation');
  if (!sheet.firing) lacks.push('firing');
  if (!overhead.camEvents) lacks.push('camEvents');
  if (overhead.adjust === 'hydraulic') {
    if (!overhead.hydraulic) lacks.push('hydraulic-preload');
    return lacks;
  }
  for (const kind of ['intake', 'exhaust'] satisfies ValveKind[]) {
    const clearance = overhead.clearances?.[kind];
    if (
      overhead.valves.some((valve) => valve.kind === kind) &&
      !clearance?.cold &&
      !clearance?.hot
    ) {
      lacks.push(`${kind}-gap`);
    }
  }
  return lacks;
}
