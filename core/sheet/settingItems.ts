import type { EngineSheet } from './engineSheet';
import { settingOrder } from './assembly/settingOrder';
import { memoizeByObject } from './memoize';
import type { CycleWindow, ValveKind } from './spec/overhead';

export type ItemKind = ValveKind | 'injector' | 'brake' | 'actuator';

/** Is this a valve, and not what is set beside the valves? */
export function isValve<Kind extends string>({ kind }: { readonly kind: Kind }): boolean {
  return kind === 'intake' || kind === 'exhaust';
}

/** One thing of the overhead that is set at its own place of the crank. */
export interface SettingItem {
  readonly id: string;
  readonly cylinder: number;
  readonly kind: ItemKind;
  /** Its place along its head, where the book counts so. */
  readonly alongHead?: number;
  /** The piece that closes the way to it. */
  readonly before?: string;
  /** The piece that must be on first. */
  readonly after?: string;
}

/**
 * Everything of the overhead that is set: valves, and the injectors, brake slaves and intake actuators for
 * which the sheet says how and in which part of the cycle. Cylinder by cylinder of the valves in hand.
 */
export const settingItems = memoizeByObject((sheet: EngineSheet): readonly SettingItem[] => {
  const { overhead } = sheet;
  if (!overhead) return [];
  const order = settingOrder(sheet);
  const { valves, injectors, brakes, actuators } = overhead;
  const cylinders = [...new Set(valves.map(({ cylinder }) => cylinder))].sort((a, b) => a - b);
  const each = (
    kind: Exclude<ItemKind, ValveKind>,
    spec: { readonly window?: CycleWindow; readonly cylinders?: readonly number[] },
  ): readonly SettingItem[] => {
    if (!spec.window) return [];
    return cylinders
      .filter((cylinder) => spec.cylinders?.includes(cylinder) ?? true)
      .map((cylinder) => ({
        id: `${kind}-${cylinder}`,
        cylinder,
        kind,
        ...order[`set-${kind}s`],
      }));
  };
  return [
    ...valves.map((valve) => ({ ...valve, ...order['set-valves'] })),
    ...(injectors?.setting ? each('injector', injectors) : []),
    ...(brakes ? each('brake', brakes) : []),
    ...(actuators ? each('actuator', actuators) : []),
  ];
});
