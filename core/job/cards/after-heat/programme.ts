import type { Heat } from '../../facts/heat';
import type { AngleFigure } from '../../../quantity/figure';
import { MINUTES_PER } from '../../../quantity/units';
import { memoizeByObject } from '../../../sheet/memoize';
import {
  isSheetPause,
  type Afterwards,
  type FastenedSet,
  type SheetProgramme,
  type SheetPullStage,
  type SheetStage,
  type SheetTorqueStage,
} from '../../../sheet/spec/fastening';
import { setsInScope, type JobSheet } from '../../scope';

/** The programme by which a set is pulled again once the engine has been hot. */
export const AFTER_HEAT = 'after-heat';

/** Before one is pulled again it is eased by so much, where the maker wants it eased and prints no angle: ours. */
const EASED: AngleFigure = {
  text: '90°',
  value: 90,
  unit: 'deg',
  from: 'assumed',
  source: 'a quarter of a turn takes the load off',
};

/**
 * What the maker asks for once the engine has been hot; null where nothing is asked, or where the last
 * thing done was a turn: what stands by its angle is not pulled again.
 */
export function afterHeatOf({ afterwards = [], programme }: FastenedSet): Afterwards | null {
  const asked = afterwards.find(({ about, demand }) => about === 'after-heat' && demand === 'do');
  return asked && lastTorque(programme) ? asked : null;
}

/** The last stage, where it is a torque. */
function lastTorque(programme: SheetProgramme | undefined): SheetTorqueStage | null {
  const stages = (programme?.cycles ?? []).flatMap((cycle) => cycle.stages);
  const pulls = stages.filter((stage): stage is SheetPullStage => !isSheetPause(stage));
  const last = pulls.findLast(({ kind }) => kind !== 'check');
  return last?.kind === 'torque' ? last : null;
}

/** A set with the programme by which it is pulled again after heat; as it is where nothing is asked. */
export const heated = memoizeByObject((set: FastenedSet): FastenedSet => {
  const asked = afterHeatOf(set);
  const last = lastTorque(set.programme);
  if (!asked || !last) return set;
  const { from, source } = asked;
  const stages = stagesFor(asked, last);
  return {
    ...set,
    programme: { id: AFTER_HEAT, from, source, cycles: [{ id: '1', stages }] },
  };
});

function stagesFor(
  { method = 'ease-and-pull-one-by-one' }: Afterwards,
  last: SheetTorqueStage,
): readonly SheetStage[] {
  const { order, leaveOut, values } = last;
  const whole = { order, ...(leaveOut && { leaveOut }), values };
  switch (method) {
    case 'check-only':
      return [{ id: 'check', kind: 'check', ...whole }];
    case 'pull-hot':
    case 'pull-without-easing':
      return [{ id: 'pull', kind: 'torque', ...whole }];
    case 'ease-and-pull-one-by-one':
      // One by one: none is eased before the one before it stands again.
      return order.flatMap((fastener): SheetStage[] => {
        const only = {
          order: [fastener],
          leaveOut: [...(leaveOut ?? []), ...order.filter((id) => id !== fastener)],
        };
        return [
          { id: `ease-${fastener}`, kind: 'slacken', ...only, by: EASED },
          { id: `pull-${fastener}`, kind: 'torque', ...only, values },
        ];
      });
  }
}

/** When it may be pulled: cooled for as long as is printed, or at once where it is pulled hot. */
export function afterHeatFrom({ time, method }: Afterwards, heat: Heat): string {
  const minutes = method === 'pull-hot' || !time ? 0 : time.value * MINUTES_PER[time.unit];
  return new Date(Date.parse(heat.at) + minutes * 60_000).toISOString();
}

/** The sets of a job that are pulled again after heat. */
export function setsAfterHeat(sheet: JobSheet): readonly FastenedSet[] {
  return setsInScope(sheet).filter((set) => afterHeatOf(set) !== null);
}
