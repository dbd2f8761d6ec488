import { memoizeByObject } from './memoize';
import { groupOf } from './programmeOf';
import type { FastenedSet, TreatmentKind } from './spec/fastening';

/** What goes on thread and head of a set's fasteners, group by group where they differ. */
export function treatmentOf({ groups }: FastenedSet): string {
  const sentences = [...new Set(groups.map((group) => group.treatment.says))];
  if (sentences.length === 1) return sentences[0] ?? '';
  const each = groups.map(({ name, treatment }) => `${name}: ${treatment.says}`);
  return each.join('. ').slice(0, 200);
}

/** What goes on each fastener, by its id; empty where all are treated alike. */
export const treatmentsOf = memoizeByObject(
  (set: Pick<FastenedSet, 'groups' | 'fasteners'>): ReadonlyMap<string, TreatmentKind> => {
    const kinds = new Set(set.groups.map(({ treatment }) => treatment.kind));
    if (kinds.size < 2) return new Map();
    return new Map(
      set.fasteners.flatMap((fastener) => {
        const group = groupOf(set, fastener);
        return group ? [[fastener.id, group.treatment.kind] as const] : [];
      }),
    );
  },
);
