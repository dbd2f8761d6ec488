import type { EngineSheet } from '../engineSheet';
import { memoizeByObject } from '../memoize';
import { SETTING_ACTS, type SettingAct } from '../spec/assembly';
import { assemblyOf } from './assemblyOf';
import { headOf } from './references';

/** A piece that goes on between settings: those it shuts are before it, those that need it after. */
interface SettingOrder {
  readonly before?: string;
  readonly after?: string;
}

/**
 * The pieces that go on between one setting and another: some need them, and others they shut. A cover over
 * all settings is not one of them.
 * @example settingOrder(sheet)['set-brakes'] // { after: 'brake-housing' }
 */
export const settingOrder = memoizeByObject(
  (sheet: EngineSheet): Readonly<Record<SettingAct, SettingOrder>> => {
    const { pieces, acts } = assemblyOf(sheet);
    const shuts = (piece: string, act: SettingAct): boolean =>
      (pieces.find(({ id }) => id === piece)?.shuts ?? []).some((ref) => headOf(ref) === act) ||
      (specOf(act)?.shutBy ?? []).some((ref) => headOf(ref) === piece);
    const specOf = (act: SettingAct) => acts.find((spec) => spec.act === act);
    const needed = (act: SettingAct): readonly string[] => (specOf(act)?.needs ?? []).map(headOf);
    const between = SETTING_ACTS.flatMap(needed).filter((piece) =>
      SETTING_ACTS.some((act) => shuts(piece, act)),
    );
    const orderOf = (act: SettingAct): SettingOrder => {
      const before = between.find((piece) => shuts(piece, act));
      const after = between.find((piece) => needed(act).includes(piece));
      return { ...(before !== undefined && { before }), ...(after !== undefined && { after }) };
    };
    return {
      'set-valves': orderOf('set-valves'),
      'set-injectors': orderOf('set-injectors'),
      'set-brakes': orderOf('set-brakes'),
      'set-actuators': orderOf('set-actuators'),
    };
  },
);
