import { headOf } from '../../sheet/assembly/references';
import { pieceOfFit } from '../cards/fit/checks';
import { FIT_ON } from '../cards/fit/steps';
import {
  adjusterRead,
  barringChosen,
  bridgeSeen,
  screwSet,
  shimRead,
  shimsChosen,
  valveRead,
} from '../cards/valves/evolve';
import {
  decideAdjusterRead,
  decideBarringChosen,
  decideBridgeSeen,
  decideCoverOn,
  decideGapsTurned,
  decideInjectorCoded,
  decidePushRodSeen,
  decideScrewSet,
  decideShimRead,
  decideShimsChosen,
  decideValveRead,
} from '../cards/valves/rules';
import { NO_VALVES, type ValvesActs } from '../facts/valves';
import type { CardPlace } from '../kit/cardPlace';
import type { Slice } from '../kit/slice';
import { without } from '../kit/without';
import { ANY_HAND, MECHANICS } from '../roles';

const VALVES: CardPlace = { card: 'valves' };

/** All that is set with the crank in its place: gaps, screws, bridges, shims, covers between, codes. */
export const valvesSlice: Slice<'valves', keyof ValvesActs> = {
  name: 'valves',
  empty: NO_VALVES,
  acts: {
    'barring.chosen': {
      nature: 'decision',
      roles: MECHANICS,
      card: () => VALVES,
      restsOn: null,
      decide: (_, act, context) => decideBarringChosen(act, context),
    },
    'valve.read': {
      nature: 'fact',
      roles: ANY_HAND,
      card: () => VALVES,
      subject: ({ valve, reading }) => `valve/${valve}/${reading}`,
      decide: decideValveRead,
    },
    'screw.set': {
      nature: 'fact',
      roles: ANY_HAND,
      card: () => VALVES,
      subject: ({ item }) => `screw/${item}`,
      decide: decideScrewSet,
    },
    'push-rod.seen': {
      nature: 'fact',
      roles: ANY_HAND,
      card: () => VALVES,
      decide: decidePushRodSeen,
    },
    'bridge.seen': {
      nature: 'fact',
      roles: ANY_HAND,
      card: () => VALVES,
      subject: ({ valve, step }) => `bridge/${valve}/${step}`,
      decide: decideBridgeSeen,
    },
    'shim.read': {
      nature: 'fact',
      roles: ANY_HAND,
      card: () => VALVES,
      subject: ({ valve }) => `shim/${valve}`,
      decide: (_, act, context) => decideShimRead(act, context),
    },
    'shims.chosen': {
      nature: 'decision',
      roles: MECHANICS,
      card: () => VALVES,
      restsOn: (_, fact) => fact.type === 'shim.read' || fact.type === 'valve.read',
      decide: decideShimsChosen,
    },
    'cover.on': { nature: 'fact', roles: MECHANICS, card: () => VALVES, decide: decideCoverOn },
    'adjuster.read': {
      nature: 'fact',
      roles: ANY_HAND,
      card: () => VALVES,
      subject: ({ item }) => `adjuster/${item}`,
      decide: (_, act, context) => decideAdjusterRead(act, context),
    },
    'injector.coded': {
      nature: 'fact',
      roles: ANY_HAND,
      card: () => VALVES,
      subject: ({ cylinder }) => `code/${cylinder}`,
      decide: decideInjectorCoded,
    },
    'gaps.turned': {
      nature: 'fact',
      roles: MECHANICS,
      card: () => VALVES,
      decide: decideGapsTurned,
    },
    'recheck.begun': { nature: 'fact', roles: MECHANICS, card: () => ({ card: 'recheck' }) },
  },
  evolve: {
    'barring.chosen': barringChosen,
    'valve.read': valveRead,
    'screw.set': screwSet,
    'push-rod.seen': (valves, { data: { valve, found } }) => ({
      ...valves,
      pushRods: { ...valves.pushRods, [valve]: found },
    }),
    'bridge.seen': bridgeSeen,
    'shim.read': shimRead,
    'shims.chosen': shimsChosen,
    'cover.on': (valves, { data, at, by }) => ({
      ...valves,
      covers: { ...valves.covers, [data.cover]: { at, by } },
    }),
    // A housing between two settings is on once it was put on as any other piece is.
    'check.seen': (valves, { data: { check, step, found }, at, by }) => {
      const piece = step === FIT_ON && found === 'good' ? pieceOfFit(check) : null;
      return piece === null
        ? valves
        : { ...valves, covers: { ...valves.covers, [piece]: { at, by } } };
    },
    // It is off again: what is set once it is on waits.
    'way.opened': (valves, { data: { pieces } }) => {
      const covers = without(valves.covers, pieces.map(headOf));
      return covers === valves.covers ? valves : { ...valves, covers };
    },
    'adjuster.read': adjusterRead,
    'injector.coded': (valves, { data: { cylinder, code }, at, by }) => ({
      ...valves,
      codes: { ...valves.codes, [cylinder]: { code, at, by } },
    }),
    'gaps.turned': (valves, { data, at, by, seq }) => ({
      ...valves,
      turned: { ...data, at, by, seq },
    }),
    'recheck.begun': (valves, { data, at, by }) => ({
      ...valves,
      recheckBegun: { at, by, words: data.words },
    }),
  },
};
