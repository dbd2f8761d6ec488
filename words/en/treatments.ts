import { atStart } from './kit';
import { treatmentsOf } from '@cardinex/core/sheet/treatmentOf';
import type { FastenedSet, TreatmentKind } from '@cardinex/core/sheet/spec/fastening';
import { listed } from './quantity';

/** What goes on a thread and under its head, in a word or two. */
export const treatmentNames: Readonly<Record<TreatmentKind, string>> = {
  oil: 'oil',
  dry: 'dry',
  coated: 'its own coating, nothing else',
  paste: 'paste',
  sealant: 'sealant',
  'as-leaflet': 'as the leaflet says',
};

/** Which fasteners get what, where they differ: "Sealant: 1, 2 and 3. Oil: 4 and 5."; else nothing. */
export function treatmentsSaid(set: Pick<FastenedSet, 'groups' | 'fasteners'>): string {
  const treated = treatmentsOf(set);
  return [...new Set(treated.values())]
    .map((kind) => {
      const name = treatmentNames[kind];
      const own = set.fasteners.filter(({ id }) => treated.get(id) === kind);
      return `${atStart(name)}: ${listed(own.map(({ number }) => number))}.`;
    })
    .join(' ');
}
