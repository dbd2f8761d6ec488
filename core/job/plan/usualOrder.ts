import { CARDS } from '../cards/index';
import type { Entry, JobNow } from '../kit/card';
import { goesOver } from '../cards/fit/goesOver';
import { looseningsOf } from '../cards/strip/loosening';
import { goesOnAfterSetting } from './afterSetting';
import { cylinderOverPiston } from '../../sheet/pistonRoute';
import { setOf } from '../../sheet/programmeOf';
import { camInHead, TOP } from '../scope';
import type { CardName } from '../facts/cardName';
import type { FastenedSet } from '../../sheet/spec/fastening';

/** An entry at its place in the order of work. */
export interface Planned extends Entry {
  /** Those that are done before it. */
  readonly after: readonly Planned[];
}

/** Sets that go on before the top end, or with the timing. */
const BEFORE_TOP: readonly FastenedSet['kind'][] = ['main-caps', 'rod-caps', 'timing-wheels'];

/** A job's cards in the usual order of work: those this engine needs and no others. */
export function usualOrder(job: JobNow): readonly Planned[] {
  const { sheet } = job;
  const planned: Planned[] = [];
  type Some = CardName | readonly Entry[];
  /** Entries, or all of a card, that are done after the same ones. */
  const put = (some: Some, after: readonly Planned[]): readonly Planned[] => {
    const entries = typeof some === 'string' ? CARDS[some].entries(job) : some;
    const own = entries.map((entry) => ({ ...entry, after }));
    planned.push(...own);
    return own;
  };
  let line: readonly Planned[] = [];
  /** Goes on the line: what comes next waits for it, or for what it waited for where there is none. */
  const next = (some: Some): void => {
    const own = put(some, line);
    if (own.length > 0) line = own;
  };
  const sets = CARDS.tighten.entries(job);
  const kindOf = ({ set }: Entry): FastenedSet['kind'] | undefined =>
    set ? setOf(sheet, set.id)?.kind : undefined;
  /** One set after the other. */
  const tighten = (
    isKind: (kind: FastenedSet['kind']) => boolean,
    except: readonly Entry[] = [],
  ): void => {
    for (const set of sets) {
      const kind = kindOf(set);
      if (kind && isKind(kind) && !except.includes(set)) next([set]);
    }
  };
  /** Sets of what goes on only once all is set: on the line before, they would wait for each other. */
  const isLate = ({ set }: Entry): boolean => {
    const kind = set ? setOf(sheet, set.id)?.kind : undefined;
    if (!set || !kind || TOP.includes(kind) || BEFORE_TOP.includes(kind)) return false;
    return looseningsOf(sheet)
      .filter((entry) => entry.set.id === set.id)
      .some(({ clamps }) => clamps.some((id) => goesOnAfterSetting(sheet, id)));
  };
  /** The cards on which what a piece goes on over goes on, where those are done as a whole; else inspection. */
  const servingFirst = ({ set }: Entry): readonly Planned[] => {
    const over = goesOver(sheet, set?.id ?? '');
    const whole = planned.filter(
      (entry) => over?.cards.has(entry.card) || (over?.mainCaps && kindOf(entry) === 'main-caps'),
    );
    return whole.length > 0 ? whole : inspected;
  };
  /** Is this set pulled while pistons are still to go in? */
  const isHeldWithPiston = (set: Entry): boolean =>
    kindOf(set) === 'rod-caps' || (kindOf(set) === 'cylinder-base' && cylinderOverPiston(sheet));
  /** Its wheels are bolted on between two of its steps. */
  const timing = (): void => {
    const before = line;
    const own = put('timing', before);
    const wheels = sets.filter((set) => kindOf(set) === 'timing-wheels');
    if (own.length === 0) return next(wheels);
    line = [...own, ...put(wheels, before)];
  };

  /** Each rod's cap is pulled before the next piston goes in; so is what holds a separate cylinder over it. */
  const pistons = (): void => {
    const before = line;
    const held = sets.filter((set) => isHeldWithPiston(set));
    const own = [...put('pistons', before), ...put(held, before)];
    if (own.length > 0) line = own;
  };

  const dead = put('dead', []);
  // Each is asked for as its piece comes off: the list of them stands behind.
  const strip = put('strip', dead);
  const mark = put('mark', dead);
  // They hang in the frame whatever is done above them.
  const bearings = put('bearings', strip);
  put('parts', []);
  line = [...mark, ...strip];
  next('inspect');
  const inspected = line;
  next('bores');
  next('liners');
  next(sets.filter(({ set }) => set === null));
  next('shells');
  line = [...line, ...bearings];
  tighten((kind) => kind === 'main-caps');
  next('crank');
  pistons();
  const inBlock = !camInHead(sheet);
  if (inBlock) timing();
  next('stand-out');
  next('head-build');
  tighten((kind) => TOP.includes(kind), sets.filter(isHeldWithPiston));
  if (!inBlock) timing();
  for (const entry of CARDS.fit.entries(job)) put([entry], servingFirst(entry));
  const late = sets.filter((entry) => isLate(entry));
  tighten((kind) => !TOP.includes(kind) && !BEFORE_TOP.includes(kind), late);
  next('valves');
  next('pump');
  for (const set of late) next([set]);
  // What shuts these comes off again for them: they ask themselves what has to be on.
  put('recheck', line);
  put(
    'after-heat',
    planned.filter(({ card }) => card === 'tighten' || card === 'valves'),
  );
  put('cause', []);
  return planned;
}

/** Are these the same cards in the same order, each after the same ones? */
export function samePlan(list: readonly Planned[], other: readonly Planned[]): boolean {
  return shapeOf(list) === shapeOf(other);
}

function shapeOf(planned: readonly Planned[]): string {
  const places = planned.map(({ card, set, after }) => [
    card,
    set ?? null,
    after.map((before) => planned.indexOf(before)),
  ]);
  return JSON.stringify(places);
}
