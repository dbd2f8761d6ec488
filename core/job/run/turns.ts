import type { CapTurn, StageView } from './views';
import type { RunState } from '../facts/runs';
import type { FastenedSet } from '../../sheet/spec/fastening';
import type { LoggedActOf } from '../act';

const CAPS: readonly FastenedSet['kind'][] = ['main-caps', 'rod-caps'];

/**
 * The fasteners of a set, cap by cap, in the order of a stage: all of them where each instance is one
 * cap; else those that stand together along the engine.
 */
export function capsOf(
  set: Pick<FastenedSet, 'instances' | 'fasteners'>,
  order: readonly string[],
): readonly (readonly string[])[] {
  if (set.instances.length > 1) return [order];
  const along = [...set.fasteners].sort((a, b) => a.xMm - b.xMm);
  const steps = along.slice(1).map(({ xMm }, at) => xMm - (along[at]?.xMm ?? xMm));
  const apart = Math.max(0, ...steps) / 2;
  const caps: string[][] = [];
  along.forEach(({ id }, at) => {
    const cap = caps.at(-1);
    if (cap && (steps[at - 1] ?? Infinity) <= apart) cap.push(id);
    else caps.push([id]);
  });
  const first = (cap: readonly string[]): number =>
    Math.min(...cap.map((id) => order.indexOf(id)).filter((place) => place >= 0));
  return caps
    .map((cap) => cap.filter((id) => order.includes(id)))
    .filter((cap) => cap.length > 0)
    .sort((a, b) => first(a) - first(b));
}

/**
 * The cap after which the crank has to be turned by hand before the next is pulled: one that binds is
 * found at once, and by its name. Nothing is asked where the programme has turns of its own.
 */
export function turnDue(
  set: FastenedSet,
  run: Pick<RunState, 'turned'>,
  stages: readonly Pick<StageView, 'key' | 'stage' | 'bolts'>[],
): CapTurn | null {
  if (!CAPS.includes(set.kind)) return null;
  if (stages.some(({ stage }) => stage.kind === 'turn-crank')) return null;
  for (const { key, stage, bolts } of stages) {
    if (stage.kind !== 'torque' && stage.kind !== 'angle') continue;
    const pulled = new Set(
      bolts
        .filter(({ status }) => status === 'done' || status === 'sweep')
        .map(({ act }) => act.fastener),
    );
    const due = capsOf(set, stage.order).find(
      (cap) => cap.every((id) => pulled.has(id)) && !run.turned[turnKey(key, cap)],
    );
    if (due) return { stage: key, fasteners: due };
  }
  return null;
}

function turnKey(stage: string, fasteners: readonly string[]): string {
  return `${stage}|${[...fasteners].sort().join()}`;
}

/**
 * What follows from a turn. A cap that binds comes off again to be looked at: its bolts are eased, and
 * whatever they were pulled to does not count any more.
 */
export function turnedAfter(run: RunState, { data, at, by }: LoggedActOf<'cap.turned'>): RunState {
  const { stage, fasteners, found } = data;
  if (found === 'free') {
    return { ...run, turned: { ...run.turned, [turnKey(stage, fasteners)]: { at, by } } };
  }
  const isOfCap = (fastener: string | undefined): boolean =>
    fastener !== undefined && fasteners.includes(fastener);
  return {
    ...run,
    attempts: Object.fromEntries(
      Object.entries(run.attempts).filter(([key]) => !isOfCap(key.split('/').at(-1))),
    ),
    turned: Object.fromEntries(
      Object.entries(run.turned).filter(
        ([key]) => !(key.split('|')[1] ?? '').split(',').some(isOfCap),
      ),
    ),
  };
}
