import type { ActLine } from './actLine';
import type { ActOf } from '@cardinex/core/job/act';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { capital } from './capital';
import { bridgeStepName, schoolName } from './overheadNames';
import { coverNamed, itemNamed } from './itemNames';
import { nutPulledLine } from './cards/lockNut';
import { METRIC, degrees, length, type ReaderUnits } from './quantity';

type OverheadType =
  | 'push-rod.seen'
  | 'gaps.turned'
  | 'top.found'
  | 'crank.marked'
  | 'crank.overshot'
  | 'barring.chosen'
  | 'screw.set'
  | 'bridge.seen'
  | 'shim.read'
  | 'shims.chosen'
  | 'cover.on'
  | 'adjuster.read'
  | 'injector.coded';

/** One line of the record for an act made as the overhead is set, besides its gaps. */
export function overheadLine(
  act: { [T in OverheadType]: ActOf<T> }[OverheadType],
  sheet: EngineSheet,
  units: ReaderUnits = METRIC,
): ActLine {
  switch (act.type) {
    case 'push-rod.seen':
      return {
        what: `Push rod of ${act.data.valve} in`,
        value: act.data.found === 'seated' ? 'in its pocket' : 'not in its pocket',
      };
    case 'gaps.turned':
      return act.data.leftOut === undefined
        ? { what: 'Two turns by hand, to feel every gap once more' }
        : { what: 'Gaps not felt once more', words: act.data.leftOut };
    case 'top.found': {
      const { data } = act;
      return {
        what: 'Cylinder 1 against the stop, from both sides',
        value:
          'arcMm' in data
            ? `${length(data.arcMm, units)} apart`
            : `${degrees(data.stopForwardDeg)} and ${degrees(data.stopBackDeg)}`,
      };
    }
    case 'crank.marked':
      return { what: 'Top mark made', words: act.data.words };
    case 'crank.overshot':
      return {
        what: 'Crank turned past its stop',
        ...(act.data.words && { words: act.data.words }),
      };
    case 'barring.chosen':
      return { what: 'Gone round by', value: schoolName(act.data.school).toLowerCase() };
    case 'screw.set': {
      const { item, turns, heightMm, nut } = act.data;
      const value = turns !== undefined ? degrees(turns * 360) : length(heightMm ?? 0, units);
      const more = nut ? { words: nutPulledLine(nut, units) } : {};
      return { what: `${capital(itemNamed(sheet, item))} set`, value, ...more };
    }
    case 'bridge.seen':
      return {
        what: `Bridge of ${act.data.valve}: ${bridgeStepName(act.data.step).toLowerCase()}`,
        value: act.data.found === 'good' ? 'good' : 'it turns',
      };
    case 'shim.read':
      return { what: `Shim out of ${act.data.valve}`, value: length(act.data.mm, units) };
    case 'shims.chosen': {
      const said = act.data.shims.map(({ valve, mm, from }) => {
        const where = from === undefined ? 'stock' : from === valve ? 'stays' : `out of ${from}`;
        return `${valve} ${length(mm, units)} (${where})`;
      });
      return { what: 'Shims in', words: said.join(', ') };
    }
    case 'cover.on':
      return { what: `${coverNamed(sheet, act.data.cover)} on` };
    case 'adjuster.read':
      return {
        what: `Adjuster of ${itemNamed(sheet, act.data.item)} stands out`,
        value: length(act.data.mm, units),
      };
    case 'injector.coded':
      return { what: `Injector code, cylinder ${act.data.cylinder}`, value: act.data.code };
  }
}
