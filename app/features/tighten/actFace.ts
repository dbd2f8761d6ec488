import type { TightenAct } from '@cardinex/core/tightening/tightenPlan';
import { stripWords as strip } from '@cardinex/words/cards/strip';
import { tightenScreen as w } from '@cardinex/words/cards/tighten';
import {
  SPOKEN_PRESSURE,
  SPOKEN_TORQUE,
  pressureFigure,
  torqueFigure,
  type ReaderUnits,
} from '@cardinex/words/quantity';

/** How one pull shows: the figure that matters, its unit, and how it is spoken. */
interface ActFace {
  readonly value: string;
  readonly unit: string;
  readonly spoken: string;
  /** Whose unit the reader may change. */
  readonly quantity?: keyof ReaderUnits;
}

/**
 * What is asked for one pull and how its being done is answered: let go, pulled again after a pause, or
 * pulled as its stage says.
 */
export function askOf(
  { kind }: TightenAct,
  { slackens, again }: { readonly slackens: boolean; readonly again: boolean },
): { readonly ask: string; readonly did: string } {
  if (slackens && kind === 'hydraulic') return { ask: strip.runBackAsk, did: strip.runBack };
  if (slackens && kind === 'draw-down') return { ask: strip.letUpAsk, did: strip.letUp };
  return { ask: (again ? w.again[kind] : undefined) ?? w.ask[kind], did: w.did[kind] };
}

/** A pull in its reader's units, whatever kind of stage it belongs to. */
export function actFace(act: TightenAct, number: string, units: ReaderUnits): ActFace {
  switch (act.kind) {
    case 'torque':
    case 'check': {
      const value = torqueFigure(act.nm ?? 0, units.torque);
      const spoken = w.spoken(number, value, SPOKEN_TORQUE[units.torque]);
      return { value, unit: units.torque, spoken, quantity: 'torque' };
    }
    case 'angle': {
      const value = `${Math.round((act.deg ?? 0) * 10) / 10}`;
      return { value: `${value}°`, unit: '', spoken: w.spokenAngle(number, value) };
    }
    case 'slacken':
      return {
        value: act.deg === undefined ? w.rightOff : `${act.deg}°`,
        unit: '',
        spoken: w.spokenEase(number),
      };
    case 'hydraulic':
    case 'hydraulic-check': {
      const value = pressureFigure(act.bar ?? 0, units.pressure);
      const spoken = w.spokenPressure(number, value, SPOKEN_PRESSURE[units.pressure]);
      return { value, unit: units.pressure, spoken, quantity: 'pressure' };
    }
    case 'wait':
      return act.minutes === undefined
        ? { value: w.noTime, unit: '', spoken: w.ask.wait }
        : {
            value: String(act.minutes),
            unit: 'min',
            spoken: `${w.ask.wait}. ${act.minutes} minutes.`,
          };
    case 'draw-down':
      return { value: `${act.deg ?? 0}°`, unit: '', spoken: w.spokenRound(act.deg ?? 0) };
    case 'turn-crank':
      return { value: w.byHand, unit: '', spoken: w.ask['turn-crank'] };
  }
}
