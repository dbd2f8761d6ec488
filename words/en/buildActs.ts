import type { ActLine } from './actLine';
import type { ActOf } from '@cardinex/core/job/act';
import type { JobSheet } from '@cardinex/core/job/scope';
import { setOf } from '@cardinex/core/sheet/programmeOf';
import { checkItemName } from './checkNames';
import { mass } from './mass';
import { METRIC, length, listed, type ReaderUnits } from './quantity';

type BuildType =
  'liners.placed' | 'liner.sealed' | 'cap.turned' | 'piece.weighed' | 'gasket.chosen';

/** One line of the record for an act made as bores, liners, crank and pistons go together. */
export function buildLine(
  act: { [T in BuildType]: ActOf<T> }[BuildType],
  sheet: JobSheet,
  units: ReaderUnits = METRIC,
): ActLine {
  switch (act.type) {
    case 'liners.placed': {
      const moves = act.data.placement
        .filter(({ bore, liner }) => bore !== liner)
        .map(({ bore, liner }) => `${liner} to bore ${bore}`);
      const shims = act.data.placement
        .filter(({ shimsMm }) => shimsMm.length > 0)
        .map(
          ({ bore, shimsMm }) =>
            `bore ${bore} on ${shimsMm.map((mm) => length(mm, units)).join(' + ')}`,
        );
      const said = [moves.length > 0 ? `liner ${listed(moves)}` : '', listed(shims)];
      return { what: 'Liners placed', words: said.filter(Boolean).join('; ') || 'all stay' };
    }
    case 'liner.sealed':
      return {
        what: `Liner ${act.data.bore}: seals`,
        value: `${act.data.out} out, ${act.data.in} in`,
      };
    case 'cap.turned': {
      const { run, fasteners, found, words } = act.data;
      const set = setOf(sheet, run.set);
      const numbers = fasteners.map((id) => set?.fasteners.find((f) => f.id === id)?.number ?? id);
      const where = (set?.instances.length ?? 1) > 1 ? `, number ${run.instance}` : '';
      return {
        what: `Turned by hand after ${listed(numbers)} of ${(set?.name ?? run.set).toLowerCase()}${where}`,
        value: found === 'free' ? 'free' : 'binds',
        ...(words && { words }),
      };
    }
    case 'piece.weighed': {
      const { check, item, grams } = act.data;
      return { what: checkItemName(sheet, check, item), value: mass(grams) };
    }
    case 'gasket.chosen': {
      const { mark, by, words } = act.data;
      const why = { 'stand-out': 'by stand-out', 'old-gasket': 'as the one that came off' };
      return { what: `Gasket: ${mark}`, value: why[by], ...(words && { words }) };
    }
  }
}
