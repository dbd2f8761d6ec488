import type { TightenPlanInput } from './tightenPlanInput';
import { reaches } from './wrenchChoose';
import { atMost, inMillionths } from '../quantity/withinLimits';
import {
  isPause,
  type AngleStage,
  type Demand,
  type Fastener,
  type PullStage,
  type Stage,
  type TorqueStage,
  type WrenchRange,
} from './programme';
import { requirePlan } from './requirePlan';

/** Stands where a fastener's id would, for what is done once for the whole set. */
const WHOLE_SET = 'all';

/** One pull. `key` stays the same when the programme is compiled again. */
export interface TightenAct {
  /** set/instance/programme/cycle/stage/fastener; a run adds the pass. */
  readonly key: string;
  readonly cycle: string;
  readonly stage: string;
  /** {@link WHOLE_SET} for a wait, a turn of the crank or a round of drawing down. */
  readonly fastener: string;
  readonly kind: Stage['kind'];
  /** What to aim for; absent where no value is printed. */
  readonly nm?: number;
  readonly lowNm?: number;
  readonly highNm?: number;
  readonly deg?: number;
  readonly lowDeg?: number;
  readonly highDeg?: number;
  readonly bar?: number;
  readonly minutes?: number;
  /** Pulled by two people at once, one at either end. */
  readonly together?: true;
  /** Pulled from this side, where a stage is shared out between two. */
  readonly from?: 'near' | 'far';
}

export type TightenFinding =
  | {
      readonly code: 'order-misses';
      readonly cycle: string;
      readonly stage: string;
      readonly fastener: string;
    }
  | {
      readonly code: 'order-repeats';
      readonly cycle: string;
      readonly stage: string;
      readonly fastener: string;
    }
  | {
      readonly code: 'left-out-but-ordered';
      readonly cycle: string;
      readonly stage: string;
      readonly fastener: string;
    }
  | {
      readonly code: 'no-value';
      readonly cycle: string;
      readonly stage: string;
      readonly group: string | null;
    }
  | {
      readonly code: 'value-falls';
      readonly cycle: string;
      readonly stage: string;
      readonly group: string | null;
      readonly nm: number;
      readonly beforeNm: number;
    }
  | {
      readonly code: 'value-falls';
      readonly cycle: string;
      readonly stage: string;
      readonly group: string | null;
      readonly bar: number;
      readonly beforeBar: number;
    }
  | {
      readonly code: 'no-wrench';
      readonly cycle: string;
      readonly stage: string;
      readonly nm: number;
    }
  | {
      readonly code: 'angle-over';
      readonly cycle: string;
      readonly fastener: string;
      readonly deg: number;
      readonly limitDeg: number;
    }
  | { readonly code: 'stretch-disturbed'; readonly about: Demand['about']; readonly source: string }
  | {
      readonly code: 'demands-contradict';
      readonly about: Demand['about'];
      readonly doSource: string;
      readonly neverSource: string;
    };

export interface TightenPlan {
  readonly acts: readonly TightenAct[];
  readonly findings: readonly TightenFinding[];
}

/**
 * A programme as the flat list of pulls a run walks through, and what is wrong with it.
 *
 * Checked per stage: every fastener in its order exactly once, or left out on purpose; a value for
 * every group; a wrench that reaches it. Per cycle: a group's torque never falls (repeating it is
 * allowed; slackening all of the group right off begins again from nothing; a check may lie below), nor
 * its pressure; no fastener is turned further than its limit. A cycle is where the book begins anew:
 * nothing is held against the cycle before (see docs/decisions/0019). Over all: nothing eases or re-pulls one-use stretch
 * fasteners outside their own programme, and opposite demands are named with both sources for
 * someone to decide. A range is aimed at its middle.
 * @throws ReckoningFault on an unknown fastener, a repeated id, or a value that cannot be
 * @example
 * // Two bolts, 45 N·m and then 80 to 90: four pulls, the last two aimed at 85.
 * tightenPlan(input).acts.map(({ nm }) => nm) // [45, 45, 85, 85]
 */
export function tightenPlan(input: TightenPlanInput): TightenPlan {
  requirePlan(input);
  const groupOf = new Map(input.fasteners.map((f) => [f.id, f.group ?? null]));
  const acts: TightenAct[] = [];
  const findings: TightenFinding[] = [];
  for (const cycle of input.programme.cycles) {
    const reached: Reached = { nm: new Map(), bar: new Map() };
    for (const stage of cycle.stages) {
      const key = (fastener: string): string =>
        [input.set, input.instance, input.programme.id, cycle.id, stage.id, fastener].join('/');
      const entry = { cycle: cycle.id, stage: stage.id, kind: stage.kind };
      if (isPause(stage)) {
        const { minutes, deg } = stage;
        acts.push({
          key: key(WHOLE_SET),
          ...entry,
          fastener: WHOLE_SET,
          ...(minutes !== undefined && { minutes }),
          ...(deg !== undefined && { deg }),
        });
        continue;
      }
      findings.push(...orderFindings(input.fasteners, cycle.id, stage));
      findings.push(...valueFindings(cycle.id, stage, groupOf, reached, input.wrenches));
      for (const fastener of stage.order) {
        acts.push({
          key: key(fastener),
          ...entry,
          fastener,
          ...aimOf(stage, groupOf.get(fastener) ?? null),
          ...(stage.together && { together: true as const }),
          ...(stage.farSide && { from: stage.farSide.includes(fastener) ? 'far' : 'near' }),
        });
      }
    }
  }
  return { acts, findings: [...findings, ...angleFindings(input, acts), ...demandFindings(input)] };
}

/** The value for a group, else the one printed for all. */
function valueFor<V extends { readonly group?: string }>(
  values: readonly V[],
  group: string | null,
): V | undefined {
  return (
    values.find((v) => v.group !== undefined && v.group === group) ??
    values.find((v) => v.group === undefined)
  );
}

type Aim = Pick<
  TightenAct,
  'nm' | 'lowNm' | 'highNm' | 'deg' | 'lowDeg' | 'highDeg' | 'bar' | 'minutes'
>;

/** What to aim for: the printed figure, or the middle of a printed range. */
function aimOf(stage: PullStage, group: string | null): Aim {
  switch (stage.kind) {
    case 'slacken':
      return stage.byDeg === undefined ? {} : { deg: stage.byDeg };
    case 'hydraulic':
    case 'hydraulic-check':
      return stage.bar === undefined ? {} : { bar: stage.bar };
    case 'angle':
      return angleAim(stage, group);
    case 'torque':
    case 'check':
      return torqueAim(stage, group);
  }
}

function torqueAim(stage: TorqueStage, group: string | null): Aim {
  const value = valueFor(stage.values, group);
  if (value === undefined) return {};
  if ('nm' in value) return { nm: value.nm };
  const { lowNm, highNm } = value;
  return { nm: (lowNm + highNm) / 2, lowNm, highNm };
}

function angleAim(stage: AngleStage, group: string | null): Aim {
  const value = valueFor(stage.values, group);
  if (value === undefined) return {};
  if ('deg' in value) return { deg: value.deg };
  const { lowDeg, highDeg } = value;
  return { deg: (lowDeg + highDeg) / 2, lowDeg, highDeg };
}

function orderFindings(
  fasteners: readonly Fastener[],
  cycle: string,
  stage: PullStage,
): TightenFinding[] {
  const leftOut = new Set(stage.leaveOut);
  return fasteners.flatMap(({ id: fastener }): TightenFinding[] => {
    const times = stage.order.filter((id) => id === fastener).length;
    const place = { cycle, stage: stage.id, fastener };
    if (times > 0 && leftOut.has(fastener)) return [{ code: 'left-out-but-ordered', ...place }];
    if (times === 0 && !leftOut.has(fastener)) return [{ code: 'order-misses', ...place }];
    return times > 1 ? [{ code: 'order-repeats', ...place }] : [];
  });
}

function valueFindings(
  cycle: string,
  stage: PullStage,
  groupOf: ReadonlyMap<string, string | null>,
  reached: Reached,
  wrenches: readonly WrenchRange[] | undefined,
): TightenFinding[] {
  if (stage.kind === 'slacken') {
    if (stage.byDeg === undefined) slackened(stage, groupOf, reached);
    return [];
  }
  const groups = [...new Set(stage.order.map((id) => groupOf.get(id) ?? null))];
  return groups.flatMap((group): TightenFinding[] => {
    const { nm, deg, bar } = aimOf(stage, group);
    const entry = { cycle, stage: stage.id };
    if (nm === undefined && deg === undefined && bar === undefined) {
      return [{ code: 'no-value', ...entry, group }];
    }
    const findings: TightenFinding[] = [];
    if (nm !== undefined) {
      const beforeNm = reached.nm.get(group) ?? 0;
      if (stage.kind === 'torque') {
        reached.nm.set(group, nm);
        if (inMillionths(nm) < inMillionths(beforeNm)) {
          findings.push({ code: 'value-falls', ...entry, group, nm, beforeNm });
        }
      }
      if (wrenches && !wrenches.some((w) => reaches(w, nm))) {
        findings.push({ code: 'no-wrench', ...entry, nm });
      }
    }
    if (bar !== undefined && stage.kind === 'hydraulic') {
      const beforeBar = reached.bar.get(group) ?? 0;
      reached.bar.set(group, bar);
      if (inMillionths(bar) < inMillionths(beforeBar)) {
        findings.push({ code: 'value-falls', ...entry, group, bar, beforeBar });
      }
    }
    return findings;
  });
}

/** What each group was last pulled, or pumped, to in the cycle in hand. */
interface Reached {
  readonly nm: Map<string | null, number>;
  readonly bar: Map<string | null, number>;
}

/** A group begins again from nothing once all of it is slack: one left in still holds what it had. */
function slackened(
  { order }: PullStage,
  groupOf: ReadonlyMap<string, string | null>,
  { nm, bar }: Reached,
): void {
  const slack = new Set(order);
  const held = new Set([...groupOf].filter(([id]) => !slack.has(id)).map(([, group]) => group));
  for (const group of new Set(groupOf.values())) {
    if (held.has(group)) continue;
    nm.delete(group);
    bar.delete(group);
  }
}

/** How far each fastener is turned past its seat in one cycle, against its limit. */
function angleFindings(
  { fasteners, programme }: TightenPlanInput,
  acts: readonly TightenAct[],
): TightenFinding[] {
  return programme.cycles.flatMap(({ id: cycle }) =>
    fasteners.flatMap(({ id: fastener, angleLimitDeg: limitDeg }): TightenFinding[] => {
      if (limitDeg === undefined) return [];
      const deg = acts
        .filter((a) => a.cycle === cycle && a.fastener === fastener && a.kind === 'angle')
        .reduce((sum, act) => sum + (act.deg ?? 0), 0);
      return atMost(deg, limitDeg) ? [] : [{ code: 'angle-over', cycle, fastener, deg, limitDeg }];
    }),
  );
}

function demandFindings({ fasteners, demands = [] }: TightenPlanInput): TightenFinding[] {
  const stretch = fasteners.some((f) => f.oneUseStretch);
  const abouts = [...new Set(demands.map((d) => d.about))];
  return abouts.flatMap((about): TightenFinding[] => {
    const demand = demands.find((d) => d.about === about && d.says === 'do');
    const forbids = demands.find((d) => d.about === about && d.says === 'never');
    if (demand && forbids) {
      return [
        { code: 'demands-contradict', about, doSource: demand.source, neverSource: forbids.source },
      ];
    }
    return demand && stretch ? [{ code: 'stretch-disturbed', about, source: demand.source }] : [];
  });
}
