import { wholesOf } from '../../assembly/reachGraph';
import { assemblyGraph } from '../../sheet/assembly/assemblyGraph';
import { reached } from '../../sheet/assembly/reached';
import type { EngineSheet } from '../../sheet/engineSheet';
import type { Scope } from '../facts/scope';
import { keptOn } from './kept';
import { scopeTargets } from './scopeTargets';

/** What a job takes off its engine, by instances of pieces: `head/1`. */
export interface ComesOff {
  /** In the order they come off. */
  readonly order: readonly string[];
  /** In the order they go on again. */
  readonly back: readonly string[];
  /** Why each comes off: the pieces off that it rests on or shuts. None for what the job is out to get at. */
  readonly because: ReadonlyMap<string, readonly string[]>;
  /** By instance: those that are off before it. */
  readonly before: ReadonlyMap<string, readonly string[]>;
  /** By instance: those that go on before it, and what it closes the way to, which is done before. */
  readonly backAfter: ReadonlyMap<string, readonly string[]>;
  readonly shutsActs: ReadonlyMap<string, readonly string[]>;
  /** What stays and is eased, by the pieces off that ask for it. */
  readonly eased: ReadonlyMap<string, readonly string[]>;
  /** What goes as one with the piece it stands on, by instance. */
  readonly kept: ReadonlyMap<string, string>;
}

/**
 * What comes off an engine for a scope, and in which order.
 * @example comesOffFor(sheet, { kind: 'gasket' }).order[0] // 'rocker-cover/1'
 */
export function comesOffFor(sheet: EngineSheet, scope: Scope): ComesOff {
  const kept = keptOn(sheet, scope);
  const found = reached(sheet, scopeTargets(sheet, scope), kept);
  if (!found) {
    // What is kept has to come off by itself by now; or a leaflet has turned the order into a circle: then what is
    // usual for its family.
    const { keep, ...all } = scope;
    if (keep) return comesOffFor(sheet, all);
    return sheet.assembly ? comesOffFor(withoutAssembly(sheet), scope) : NOTHING;
  }
  const wholeOf = wholesOf(kept);
  const off = new Set(found.order);
  const sets = (): Map<string, Set<string>> => new Map(found.order.map((id) => [id, new Set()]));
  const before = sets();
  const backAfter = sets();
  const shutsActs = sets();
  const { pieces, acts } = assemblyGraph(sheet);
  const isAct = new Set(acts.map(({ id }) => id));
  for (const piece of pieces) {
    const id = wholeOf(piece.id);
    if (!off.has(id)) continue;
    const others = (list: readonly string[] = []): readonly string[] =>
      list.map(wholeOf).filter((other) => other !== id && off.has(other));
    const { restsOn, shuts = [], offAfter, onAfter } = piece;
    for (const other of [...others(restsOn), ...others(shuts)]) before.get(other)?.add(id);
    for (const other of others(offAfter)) before.get(id)?.add(other);
    for (const other of [...others(restsOn), ...others(shuts), ...others(onAfter)])
      backAfter.get(id)?.add(other);
    for (const act of shuts.filter((other) => isAct.has(other))) shutsActs.get(id)?.add(act);
  }
  const lists = (map: ReadonlyMap<string, ReadonlySet<string>>) =>
    new Map([...map].map(([id, others]) => [id, [...others]] as const));
  return {
    order: found.order,
    back: found.back,
    because: new Map(found.off.map(({ id, because }) => [id, because])),
    before: lists(before),
    backAfter: lists(backAfter),
    shutsActs: lists(shutsActs),
    eased: new Map(found.eased.map(({ id, because }) => [id, because])),
    kept: new Map(kept.map(({ id, on }) => [id, on])),
  };
}

function withoutAssembly({ assembly: _, ...sheet }: EngineSheet): EngineSheet {
  return sheet;
}

const NOTHING: ComesOff = {
  order: [],
  back: [],
  because: new Map(),
  before: new Map(),
  backAfter: new Map(),
  shutsActs: new Map(),
  eased: new Map(),
  kept: new Map(),
};
