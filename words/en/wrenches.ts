import { fixed } from './kit';
import type { WrenchSetting } from '@cardinex/core/tightening/wrenchChoose';
import { METRIC, torque, type ReaderUnits } from './quantity';

/** Below this share of its range a wrench is a poor judge. */
const POOR_BELOW = 0.2;

/** What to set a wrench to, and what stands against taking it. */
export function wrenchSentence(wrench: WrenchSetting, units: ReaderUnits = METRIC): string {
  const set = `Set ${wrench.id} to ${exact(wrench.settingNm, units)}${left(wrench, units)}`;
  const against = objections(wrench);
  return against.length === 0 ? `${set}.` : `${set}; ${against.join(', ')}.`;
}

/** Why none of the wrenches is to be taken. */
export function noWrenchSentence(wrenches: readonly WrenchSetting[]): string {
  const [best] = wrenches;
  if (!best) return 'There is no wrench to choose from.';
  return `No wrench will do: of the nearest, ${best.id}, it is ${objections(best).join(', ')}.`;
}

function objections(wrench: WrenchSetting): string[] {
  return [
    wrench.inRange ? '' : 'out of its range',
    { 'in-date': '', 'out-of-date': 'out of date', unknown: 'without a date of its last check' }[
      wrench.dates
    ],
    wrench.inRange && wrench.shareOfRange < POOR_BELOW ? 'low in its range' : '',
    wrench.beyondPoints ? 'beyond what it was checked at' : '',
  ].filter((words) => words !== '');
}

function left({ errorNm }: WrenchSetting, units: ReaderUnits): string {
  if (Math.abs(errorNm) < 0.05) return '';
  return `, which gives ${exact(Math.abs(errorNm), units)} too ${errorNm > 0 ? 'much' : 'little'}`;
}

/** A setting or an error: tenths where the wrench has them. */
function exact(nm: number, units: ReaderUnits): string {
  return Math.abs(nm - Math.round(nm)) < 0.05 || units.torque !== 'N·m'
    ? torque(nm, units)
    : `${fixed(nm, 1)} N·m`;
}
