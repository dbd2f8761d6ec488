import type { FastenedSet } from './spec/fastening';

/** What goes on thread and head of a set's fasteners, group by group where they differ. */
export function treatmentOf({ groups }: FastenedSet): string {
  const says = [...new Set(groups.map((group) => group.treatment.says))];
  if (says.length === 1) return says[0] ?? '';
  const each = groups.map(({ name, treatment }) => `${name}: ${treatment.says}`);
  return each.join('. ').slice(0, 200);
}
