import type { RunName } from './facts/run';
import type { WrenchNamed } from '../tools/agrees';
import type { Act, ActData, ActType, LoggedAct } from './act';
import { readKey, runKey } from './run/runKey';

/** Acts whose wrench is not in the crib as they say, with that wrench, by the act's id. */
export type CribState = Readonly<
  Record<string, { readonly wrench: WrenchNamed; readonly act: LoggedAct }>
>;

/** Acts that name a wrench. */
export type NamesWrench = {
  [T in ActType]: Extract<keyof ActData[T], 'wrench' | 'nut'> extends never ? never : T;
}[ActType];

/** The wrench an act was done with, as far as it names one. An act that is missing does not compile. */
const WRENCH: { readonly [T in NamesWrench]: (data: ActData[T]) => WrenchNamed | null } = {
  'run.prepared': ({ wrench }) => wrench && { id: wrench.id, name: wrench.name, shown: wrench },
  'bolt.pulled': ({ wrench }) => ({ id: wrench }),
  'bolts.reported': ({ wrench }) => ({ id: wrench }),
  'valve.read': ({ nut }) => (nut ? { id: nut.wrench, name: nut.name } : null),
  'screw.set': ({ nut }) => (nut ? { id: nut.wrench, name: nut.name } : null),
};

/** The wrench an act was done with; null for one that names none. */
export function wrenchNamed({ type, data }: Act): WrenchNamed | null {
  const named: Partial<Record<ActType, (said: never) => WrenchNamed | null>> = WRENCH;
  return named[type]?.(data as never) ?? null;
}

/** Was anything of a run pulled with a wrench that is not in the crib as was said? */
export function isDoubted({ crib }: { readonly crib: CribState }, run: RunName): boolean {
  return Object.values(crib).some(({ act }) => {
    const other = runOf(act);
    return other !== null && runKey(other) === runKey(run);
  });
}

/** The run an act was done on; null for one that names a wrench and no run. */
function runOf(act: LoggedAct): RunName | null {
  if ('run' in act.data) return act.data.run;
  if ('key' in act.data) return readKey(act.data.key).run;
  return 'pulls' in act.data ? readKey(act.data.pulls[0]?.key ?? '').run : null;
}

/** The wrenches that are not in the crib as was said, each once; by name where an act tells it, else ''. */
export function cribDoubts({ crib }: { readonly crib: CribState }): readonly string[] {
  const names = new Map<string, string>();
  for (const { wrench } of Object.values(crib)) {
    names.set(wrench.id, names.get(wrench.id) || (wrench.name ?? ''));
  }
  return [...names.values()];
}
