import type { SettingItem } from './settingItems';
import type { Bank } from './spec/layout';

/**
 * The items of a bank as they lie from the cylinder-1 end, also where the book counts its valves from the
 * other end.
 */
export function alongBank<One extends { readonly item: SettingItem }>(
  items: readonly One[],
  { cylinders }: Bank,
): readonly One[] {
  const groups = cylinders
    .map((cylinder) => items.filter(({ item }) => item.cylinder === cylinder))
    .filter((group) => group.length > 0);
  const firstOf = (group: readonly One[] = []): number =>
    Math.min(...group.map(({ item }) => item.alongHead ?? 0));
  const way = firstOf(groups[0]) > firstOf(groups.at(-1)) ? -1 : 1;
  return groups.flatMap((group) =>
    [...group].sort((a, b) => way * ((a.item.alongHead ?? 0) - (b.item.alongHead ?? 0))),
  );
}
