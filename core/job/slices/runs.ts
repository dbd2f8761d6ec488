import type { RunName } from '../facts/run';
import { isDoubted } from '../crib';
import type { RunsActs } from '../facts/runs';
import type { CardPlace } from '../kit/cardPlace';
import type { Slice } from '../kit/slice';
import { without } from '../kit/without';
import { ANY_HAND, DECIDERS, MECHANICS } from '../roles';
import { decideReported } from '../run/reported';
import { runCard } from '../run/runCard';
import {
  decideBolt,
  decideCapTurned,
  decideContest,
  decideLetBack,
  decideRunMarked,
  decideRunPrepared,
  decideTakenOut,
} from '../run/runDecide';
import { isRunAct, runEvolve } from '../run/runState';
import { readKey, runKey } from '../run/runKey';
import type { JobSheet } from '../scope';
import { decideStageSet } from '../run/stageSet';
import { refused } from '../verdict';

/** What became of one fastener, or one step, of a run. */
const ON_FASTENER = {
  nature: 'fact',
  card: ({ key }: { readonly key: string }, sheet: JobSheet) => runCard(readKey(key).run, sheet),
  subject: ({ key }: { readonly key: string }) => `bolt/${key}`,
  decide: decideBolt,
} as const;

/** What was done to each fastener of each run, and what the hand is set to. */
export const runsSlice: Slice<'runs', keyof RunsActs> = {
  name: 'runs',
  empty: {},
  acts: {
    // Which wrench was in the hand, though a lead may have let it be used.
    'run.prepared': {
      nature: 'fact',
      roles: MECHANICS,
      card: ofRun,
      decide: decideRunPrepared,
    },
    'stage.set': {
      nature: 'fact',
      roles: MECHANICS,
      card: ofRun,
      decide: ({ runs }, act, context) => decideStageSet(runs, act, context),
    },
    'bolt.pulled': { ...ON_FASTENER, roles: MECHANICS },
    'bolt.turned': { ...ON_FASTENER, roles: MECHANICS },
    'bolt.eased': { ...ON_FASTENER, roles: MECHANICS },
    'stud.tensioned': { ...ON_FASTENER, roles: MECHANICS },
    'step.done': { ...ON_FASTENER, roles: MECHANICS },
    'bolt.failed': { ...ON_FASTENER, roles: ANY_HAND },
    'bolts.reported': {
      nature: 'fact',
      roles: MECHANICS,
      card: ({ pulls }, sheet) => runCard(readKey(pulls[0]?.key ?? '').run, sheet),
      decide: decideReported,
    },
    'cap.turned': { nature: 'fact', roles: MECHANICS, card: ofRun, decide: decideCapTurned },
    'bolt.taken-out': {
      nature: 'fact',
      roles: MECHANICS,
      card: ofRun,
      decide: ({ runs }, act, context) => decideTakenOut(runs, act, context),
    },
    'run.marked': {
      nature: 'fact',
      roles: MECHANICS,
      card: ofRun,
      decide: ({ runs }, act, context) => decideRunMarked(runs, act, context),
    },
    'wrench.let-back': {
      nature: 'fact',
      roles: MECHANICS,
      card: ofRun,
      decide: ({ runs }, act, context) => decideLetBack(runs, act, context),
    },
    'contest.decided': {
      nature: 'decision',
      roles: DECIDERS,
      // It mends a card that is barred.
      card: () => null,
      restsOn: ({ key }, fact) =>
        (isRunAct(fact) && fact.data.key === key) ||
        (fact.type === 'bolts.reported' && fact.data.pulls.some((pull) => pull.key === key)),
      holdsUp: ({ key }, { sheet }) => runCard(readKey(key).run, sheet),
      decide: (state, act, context) =>
        isDoubted(state, readKey(act.data.key).run)
          ? refused('crib-disagrees')
          : decideContest(state.runs, act, context),
    },
  },
  evolve: {
    ...runEvolve,
    // What they clamped is off again: they are pulled anew.
    'way.opened': (runs, { data }) => without(runs, data.runs.map(runKey)),
  },
};

function ofRun({ run }: { readonly run: RunName }, sheet: JobSheet): CardPlace {
  return runCard(run, sheet);
}
