import { atLeast, atMost, inMillionths } from '../quantity/withinLimits';
import {
  ReckoningFault,
  requireDistinct,
  requirePositive,
  requireSome,
} from '../quantity/reckoningFault';
import type {
  Demand,
  Fastener,
  Programme,
  Stage,
  TorqueStage,
  TorqueValue,
  WrenchRange,
} from './programme';

export interface TightenPlanInput {
  readonly set: string;
  readonly instance: string;
  readonly fasteners: readonly Fastener[];
  readonly programme: Programme;
  readonly wrenches?: readonly WrenchRange[];
  readonly demands?: readonly Demand[];
}

/** One pull. `key` stays the same when the programme is compiled again. */
export interface TightenAct {
  /** set/instance/programme/cycle/stage/fastener; a run adds the pass. */
  readonly key: string;
  readonly cycle: string;
  readonly stage: string;
  readonly fastener: string;
  readonly kind: 'torque' | 'slacken';
  /** What to aim for; absent for slackening, and where no value is printed. */
  readonly nm?: number;
  readonly lowNm?: number;
  readonly highNm?: number;
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
      readonly code: 'no-wrench';
      readonly cycle: string;
      readonly stage: string;
      readonly nm: number;
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
 * every group; a wrench that reaches it. Per cycle: a group's value never falls (repeating it is
 * allowed; slackening begins again from nothing). Over all: nothing eases or re-pulls one-use
 * stretch fasteners outside their own programme, and opposite demands are named with both sources
 * for someone to decide. A range is aimed at its middle.
 * @throws ReckoningFault on an unknown fastener, a repeated id, or a value that cannot be
 */
export function tightenPlan(input: TightenPlanInput): TightenPlan {
  requirePlan(input);
  const groupOf = new Map(input.fasteners.map((f) => [f.id, f.group ?? null]));
  const acts: TightenAct[] = [];
  const findings: TightenFinding[] = [];
  for (const cycle of input.programme.cycles) {
    const reached = new Map<string | null, number>();
    for (const stage of cycle.stages) {
      findings.push(...orderFindings(input.fasteners, cycle.id, stage));
      if (stage.kind === 'slacken') reached.clear();
      else findings.push(...valueFindings(cycle.id, stage, groupOf, reached, input.wrenches));
      for (const fastener of stage.order) {
        acts.push({
          key: [input.set, input.instance, input.programme.id, cycle.id, stage.id, fastener].join(
            '/',
          ),
          cycle: cycle.id,
          stage: stage.id,
          fastener,
          ...pullOf(stage, groupOf.get(fastener) ?? null),
        });
      }
    }
  }
  return { acts, findings: [...findings, ...demandFindings(input)] };
}

function requirePlan(input: TightenPlanInput): void {
  requireSome('fasteners', input.fasteners);
  requireDistinct(
    'fasteners',
    input.fasteners.map((f) => f.id),
  );
  requireSome('programme.cycles', input.programme.cycles);
  requireDistinct(
    'programme.cycles',
    input.programme.cycles.map((c) => c.id),
  );
  const known = new Set(input.fasteners.map((f) => f.id));
  input.programme.cycles.forEach((cycle, c) => {
    const field = `programme.cycles[${c}].stages`;
    requireSome(field, cycle.stages);
    requireDistinct(
      field,
      cycle.stages.map((s) => s.id),
    );
    cycle.stages.forEach((stage, s) => requireStage(`${field}[${s}]`, stage, known));
  });
  input.wrenches?.forEach((wrench, place) => {
    requirePositive(`wrenches[${place}].highNm`, wrench.highNm);
    if (wrench.lowNm > wrench.highNm) {
      throw new ReckoningFault(`wrenches[${place}].highNm`, 'range-upside-down');
    }
  });
}

function requireStage(field: string, stage: Stage, known: ReadonlySet<string>): void {
  requireSome(`${field}.order`, stage.order);
  const check = (name: string, ids: readonly string[]): void =>
    ids.forEach((id, place) => {
      if (!known.has(id)) {
        throw new ReckoningFault(`${field}.${name}[${place}]`, 'unknown-fastener', { id });
      }
    });
  check('order', stage.order);
  if (stage.kind === 'slacken') return;
  check('leaveOut', stage.leaveOut ?? []);
  requireDistinct(
    `${field}.values`,
    stage.values.map((v) => v.group ?? ''),
    'group',
  );
  stage.values.forEach((value, place) => {
    const at = `${field}.values[${place}]`;
    if ('nm' in value) return requirePositive(`${at}.nm`, value.nm);
    requirePositive(`${at}.lowNm`, value.lowNm);
    requirePositive(`${at}.highNm`, value.highNm);
    if (value.lowNm > value.highNm) throw new ReckoningFault(`${at}.highNm`, 'range-upside-down');
  });
}

/** The value for a group, else the one printed for all. */
function valueFor(stage: TorqueStage, group: string | null): TorqueValue | undefined {
  return (
    stage.values.find((v) => v.group !== undefined && v.group === group) ??
    stage.values.find((v) => v.group === undefined)
  );
}

/** What to aim for: the printed figure, or the middle of a printed range. */
function aimNm(value: TorqueValue): number {
  return 'nm' in value ? value.nm : (value.lowNm + value.highNm) / 2;
}

function pullOf(
  stage: Stage,
  group: string | null,
): Pick<TightenAct, 'kind' | 'nm' | 'lowNm' | 'highNm'> {
  if (stage.kind === 'slacken') return { kind: 'slacken' };
  const value = valueFor(stage, group);
  if (value === undefined) return { kind: 'torque' };
  if ('nm' in value) return { kind: 'torque', nm: value.nm };
  return { kind: 'torque', nm: aimNm(value), lowNm: value.lowNm, highNm: value.highNm };
}

function orderFindings(
  fasteners: readonly Fastener[],
  cycle: string,
  stage: Stage,
): TightenFinding[] {
  const leftOut = new Set(stage.kind === 'torque' ? stage.leaveOut : []);
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
  stage: TorqueStage,
  groupOf: ReadonlyMap<string, string | null>,
  reached: Map<string | null, number>,
  wrenches: readonly WrenchRange[] | undefined,
): TightenFinding[] {
  const groups = [...new Set(stage.order.map((id) => groupOf.get(id) ?? null))];
  return groups.flatMap((group): TightenFinding[] => {
    const value = valueFor(stage, group);
    if (value === undefined) return [{ code: 'no-value', cycle, stage: stage.id, group }];
    const nm = aimNm(value);
    const beforeNm = reached.get(group) ?? 0;
    reached.set(group, nm);
    const findings: TightenFinding[] = [];
    if (inMillionths(nm) < inMillionths(beforeNm)) {
      findings.push({ code: 'value-falls', cycle, stage: stage.id, group, nm, beforeNm });
    }
    if (wrenches && !wrenches.some((w) => atLeast(nm, w.lowNm) && atMost(nm, w.highNm))) {
      findings.push({ code: 'no-wrench', cycle, stage: stage.id, nm });
    }
    return findings;
  });
}

function demandFindings({ fasteners, demands = [] }: TightenPlanInput): TightenFinding[] {
  const stretch = fasteners.some((f) => f.oneUseStretch);
  const abouts = [...new Set(demands.map((d) => d.about))];
  return abouts.flatMap((about): TightenFinding[] => {
    const asks = demands.find((d) => d.about === about && d.says === 'do');
    const forbids = demands.find((d) => d.about === about && d.says === 'never');
    if (asks && forbids) {
      return [
        { code: 'demands-contradict', about, doSource: asks.source, neverSource: forbids.source },
      ];
    }
    return asks && stretch ? [{ code: 'stretch-disturbed', about, source: asks.source }] : [];
  });
}
