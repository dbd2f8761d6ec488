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
import { once } from './once';
import { groupOf, planOf, stagesOf } from './programmeOf';
import { isSheetPause, type FastenedSet, type FastenerGroup } from './spec/fastening';

/** How wide each way of tightening scatters, as a share: our own round figures, stated as such. */
export const METHOD_SCATTER = { torque: 0.15, angle: 0.06, tension: 0.03 } as const;

/** A set's programme as clamps, for trying out what its order and its stages do. */
export interface ClampPlan {
  readonly stages: readonly ClampStage[];
  /** The first order that pulls every fastener. */
  readonly order: readonly string[];
}

/** Where no length is printed, a bolt is about eight times as long as it is thick. */
const USUAL_LENGTHS = 8;

/**
 * What a programme's stages come to in kilonewtons, reckoned from thread, treatment and length of its
 * first group at usual friction: an estimate for comparing, never for setting a wrench by.
 * @returns null where there is no programme, or its thread or treatment says nothing
 */
export const clampPlanOf = once((set: FastenedSet): ClampPlan | null => {
  const [group] = set.groups;
  const size = group && readThread(group.thread);
  const acts = planOf(set, set.instances[0] ?? '')?.acts ?? [];
  if (!group || !size) return null;
  const ofGroup = new Set(
    set.fasteners.filter((one) => groupOf(set, one) === group).map(({ id }) => id),
  );
  const placed = stagesOf(set);
  const whole = placed.find(
    ({ stage }) => !isSheetPause(stage) && stage.order.length === set.fasteners.length,
  )?.stage;
  const stages = placed.flatMap(({ cycle, stage }) => {
    // Alike for all of the group: one of its pulls says what the stage does.
    const act = acts.find(
      (one) => one.cycle === cycle && one.stage === stage.id && ofGroup.has(one.fastener),
    );
    return act ? clampOf(set, group, size, act) : [];
  });
  return whole && !isSheetPause(whole) && stages.length > 0 ? { stages, order: whole.order } : null;
});

function clampOf(
  { tensioner }: FastenedSet,
  group: FastenerGroup,
  size: ThreadSize,
  { kind, nm, deg, bar }: TightenAct,
): ClampStage[] {
  switch (kind) {
    case 'slacken':
      return deg === undefined ? [{ kind }] : [];
    case 'hydraulic': {
      if (bar === undefined || !tensioner) return [];
      const kn = jackLoadKn(bar, tensioner.areaMm2) * (1 - JACK_LOSS);
      return [{ kind: 'load', kn, scatter: METHOD_SCATTER.tension }];
    }
    case 'angle': {
      if (deg === undefined) return [];
      const fastenerKnPerMm = stiffness(group, size);
      const { knPerDeg } = anglePreload({
        startKn: 0,
        angleDeg: deg,
        pitchMm: size.pitchMm,
        fastenerKnPerMm,
        jointKnPerMm: fastenerKnPerMm * JOINT_TIMES,
      });
      return [{ kind, knPerDeg, deg, scatter: METHOD_SCATTER.angle }];
    }
    case 'torque': {
      const mu = USUAL_FRICTION[group.treatment.kind];
      if (nm === undefined || mu === undefined) return [];
      const { forceKn } = preload({
        ...size,
        ...usualBearing(size),
        torqueNm: nm,
        muThread: mu,
        muHead: mu,
      });
      return [{ kind: 'load', kn: forceKn, scatter: METHOD_SCATTER.torque }];
    }
    // What is only checked, waited for or turned changes no clamp.
    default:
      return [];
  }
}

function stiffness(group: FastenerGroup, size: ThreadSize): number {
  const lengthMm = group.length ? figureMm(group.length) : size.diaMm * USUAL_LENGTHS;
  return (screwThread(size).stressAreaMm2 * STEEL_GPA) / lengthMm;
}
