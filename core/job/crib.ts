import type { RunName } from './facts/run';
import type { WrenchNamed } from '../tools/agrees';
import type { Act, LoggedAct } from './act';
import { readKey, runKey } from './run/runKey';

/** Acts whose wrench is not in the crib as they say, with that wrench, by the act's id. */
export type CribState = Readonly<
  Record<string, { readonly wrench: WrenchNamed; readonly act: LoggedAct }>
>;

/** The wrench an act was done with, as far as it names one. */
export function wrenchNamed(act: Act): WrenchNamed | null {
  switch (act.type) {
    case 'run.prepared': {
      const { wrench } = act.data;
      return wrench && { id: wrench.id, name: wrench.name, shown: wrench };
    }
    case 'bolt.pulled':
    case 'bolts.reported':
      return { id: act.data.wrench };
    case 'valve.read':
    case 'screw.set': {
      const { nut } = act.data;
      return nut ? { id: nut.wrench, name: nut.name } : null;
    }
    default:
      return null;
  }
}

/** Takes in what the crib said of an act, or said again once more was known of a tool. */
export function evolveCrib(crib: CribState, act: LoggedAct): CribState {
  if (act.type === 'crib.judged') {
    const { agree } = act.data;
    return Object.fromEntries(Object.entries(crib).filter(([id]) => !agree.includes(id)));
  }
  const wrench = act.crib?.agrees === false ? wrenchNamed(act) : null;
  return wrench ? { ...crib, [act.id]: { wrench, act } } : crib;
}

/** Was anything of a run pulled with a wrench that is not in the crib as was said? */
export function isDoubted({ crib }: { readonly crib: CribState }, run: RunName): boolean {
  return Object.values(crib).some(({ act }) => {
    const other = runOf(act);
    return other !== null && runKey(other) === runKey(run);
  });
}

function runOf(act: LoggedAct): RunName | null {
  switch (act.type) {
    case 'run.prepared':
      return act.data.run;
    case 'bolt.pulled':
      return readKey(act.data.key).run;
    case 'bolts.reported':
      return readKey(act.data.pulls[0]?.key ?? '').run;
    default:
      return null;
  }
}

/** The wrenches that are not in the crib as was said, each once; by name where an act tells it, else ''. */
export function cribDoubts({ crib }: { readonly crib: CribState }): readonly string[] {
  const names = new Map<string, string>();
  for (const { wrench } of Object.values(crib)) {
    names.set(wrench.id, names.get(wrench.id) || (wrench.name ?? ''));
  }
  return [...names.values()];
}
