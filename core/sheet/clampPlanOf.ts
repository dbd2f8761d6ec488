import { figureMm } from '../quantity/figureMm';
import { anglePreload } from '../tightening/anglePreload';
import type { ClampStage } from '../tightening/clampSimulate';
import { preload } from '../tightening/preload';
import { readThread, screwThread, type ThreadSize } from '../tightening/screwThread';
import { jackLoadKn } from '../tightening/tensioner';
import type { TightenAct } from '../tightening/tightenPlan';
import {
  JACK_LOSS,
  JOINT_TIMES,
  STEEL_GPA,
  USUAL_FRICTION,
  usualBearing,
} from '../tightening/usualJoint';
import { memoizeByObject } from './memoize';
import { pulledInOrder } from './pulledInOrder';
import { groupOf, planOf, stagesOf } from './programmeOf';
import { isSheetPause, type FastenedSet, type FastenerGroup } from './spec/fastening';

/** How wide each way of tightening scatters, as a share: our own round figures, stated as such. */
export const METHOD_SCATTER = { torque: 0.15, angle: 0.06, tension: 0.03 } as const;

/** A set's programme as clamps, for trying out what its order and its stages do. */
interface ClampPlan {
  readonly stages: readonly ClampStage[];
  /** The first order that pulls every fastener; where none does, the one in which each is pulled last. */
  readonly order: readonly string[];
}

/** Where no length is printed, a bolt is about eight times as long as it is thick. */
const USUAL_LENGTHS = 8;

/**
 * What a programme's stages come to in kilonewtons, reckoned from each group's thread, treatment and
 * length at usual friction: an estimate for comparing, never for setting a wrench by.
 * @returns null where there is no programme, or its thread or treatment says nothing
 */
export const clampPlanOf = memoizeByObject((set: FastenedSet): ClampPlan | null => {
  const acts = planOf(set, set.instances[0] ?? '')?.acts ?? [];
  const placed = stagesOf(set);
  const whole = placed.find(
    ({ stage }) => !isSheetPause(stage) && stage.order.length === set.fasteners.length,
  )?.stage;
  // Where no stage pulls all of them, each as it is pulled last.
  const order = whole && !isSheetPause(whole) ? whole.order : pulledInOrder(set);
  const stages = placed.flatMap(({ cycle, stage }) => {
    const pulls = acts.filter((act) => act.cycle === cycle && act.stage === stage.id);
    return stageOf(set, pulls);
  });
  return stages.length > 0 ? { stages, order } : null;
});

/** One stage for all: what its first pull comes to, and what share of that the others get. */
function stageOf(set: FastenedSet, pulls: readonly TightenAct[]): ClampStage[] {
  const found = pulls.flatMap((act) => {
    const fastener = set.fasteners.find(({ id }) => id === act.fastener);
    const group = fastener && groupOf(set, fastener);
    const size = group && readThread(group.thread);
    const clamp = group && size ? clampOf(set, group, size, act) : undefined;
    return clamp ? [{ id: act.fastener, clamp }] : [];
  });
  const first = found[0]?.clamp;
  if (!first || first.kind === 'slacken') return first ? [first] : [];
  const meant = new Map(found.map(({ id, clamp }) => [id, knOf(clamp) / knOf(first)]));
  const pulled = new Set(pulls.map(({ fastener }) => fastener));
  const shares = set.fasteners.flatMap(({ id }) => {
    // Pulled, and too little known of it to say how hard: taken like the first.
    const share = meant.get(id) ?? (pulled.has(id) ? 1 : 0);
    return share === 1 ? [] : [{ id, share }];
  });
  return [shares.length > 0 ? { ...first, shares } : first];
}

/** What a stage adds or brings a bolt to. */
function knOf(stage: ClampStage): number {
  if (stage.kind === 'load') return stage.kn;
  return stage.kind === 'angle' ? stage.knPerDeg * stage.deg : 0;
}

/** What one pull comes to; nothing for what changes no clamp, or of which too little is known. */
function clampOf(
  { tensioner }: FastenedSet,
  group: FastenerGroup,
  size: ThreadSize,
  { kind, nm, deg, bar }: TightenAct,
): ClampStage | undefined {
  switch (kind) {
    case 'slacken':
      return deg === undefined ? { kind } : undefined;
    case 'hydraulic': {
      if (bar === undefined || !tensioner) return undefined;
      const kn = jackLoadKn(bar, tensioner.areaMm2) * (1 - JACK_LOSS);
      return { kind: 'load', kn, scatter: METHOD_SCATTER.tension };
    }
    case 'angle': {
      if (deg === undefined) return undefined;
      const fastenerKnPerMm = stiffness(group, size);
      const { knPerDeg } = anglePreload({
        startKn: 0,
        angleDeg: deg,
        pitchMm: size.pitchMm,
        fastenerKnPerMm,
        jointKnPerMm: fastenerKnPerMm * JOINT_TIMES,
      });
      return { kind, knPerDeg, deg, scatter: METHOD_SCATTER.angle };
    }
    case 'torque': {
      const mu = USUAL_FRICTION[group.treatment.kind];
      if (nm === undefined || mu === undefined) return undefined;
      const { forceKn } = preload({
        ...size,
        ...usualBearing(size),
        torqueNm: nm,
        muThread: mu,
        muHead: mu,
      });
      return { kind: 'load', kn: forceKn, scatter: METHOD_SCATTER.torque };
    }
    // What is only checked, waited for or turned changes no clamp.
    case 'check':
    case 'hydraulic-check':
    case 'turn-crank':
    case 'draw-down':
    case 'wait':
      return undefined;
  }
}

function stiffness(group: FastenerGroup, size: ThreadSize): number {
  const lengthMm = group.length ? figureMm(group.length) : size.diaMm * USUAL_LENGTHS;
  return (screwThread(size).stressAreaMm2 * STEEL_GPA) / lengthMm;
}
