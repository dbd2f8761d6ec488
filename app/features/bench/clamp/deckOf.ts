import { mapFromRows, type MadeMap } from '@cardinex/core/sheet/makeMap';
import type { FastenedSet } from '@cardinex/core/sheet/spec/fastening';
import { clampBench as w } from '@cardinex/words/clampBench';
import type { FigureField } from '../readFigures';

/** A deck of rows, as most heads have them. */
export const DECK_FIELDS: readonly FigureField[] = [
  { key: 'rows', label: w.rows, kind: 'number' },
  { key: 'columns', label: w.columns, kind: 'number' },
  { key: 'alongMm', label: w.along, kind: 'mm' },
  { key: 'acrossMm', label: w.across, kind: 'mm' },
];

export const DECK_STARTING = { rows: '2', columns: '5', alongMm: '125', acrossMm: '190' };

/** The deck that was typed. */
export function deckOf(figures: Readonly<Record<string, number>>): MadeMap {
  const { rows = 0, columns = 0, alongMm = 0, acrossMm = 0 } = figures;
  return mapFromRows({ rows, columns, alongMm, acrossMm });
}

/** That deck as a set of its own, as drawings take it. */
export function typedSet({
  map,
  fasteners,
}: MadeMap): Pick<FastenedSet, 'map' | 'fasteners' | 'instances'> {
  return { map: { ...map, seenFrom: '' }, fasteners, instances: ['1'] };
}
