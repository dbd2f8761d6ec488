import { cylindersOf, type EngineSheet } from './engineSheet';
import { ownMap } from './ofInstance';
import type { FastenedSet } from './spec/fastening';

/** Cylinders under one instance of a set: its own, those of its bank, or all. */
export function cylindersUnder(
  sheet: EngineSheet,
  set: Pick<FastenedSet, 'instances'> | undefined,
  instance: string,
): readonly number[] {
  const all = cylindersOf(sheet);
  const own = ownMap(set, instance)?.bores?.map(({ cylinder }) => cylinder);
  if (own && own.length > 0) return own;
  const eachHasOwn = all.every((cylinder) => set?.instances.includes(String(cylinder)));
  if (eachHasOwn && all.includes(Number(instance))) return [Number(instance)];
  const bank = sheet.layout.banks.find(({ id, name }) => id === instance || name === instance);
  return bank ? bank.cylinders : all;
}
