import type { EngineSheet } from './engineSheet';
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
  /** The cover that closes the way to it. */
  readonly before?: string;
  /** The cover that must be on first. */
  readonly after?: string;
}

/**
 * Everything of the overhead that is set: valves, and the injectors, brake slaves and intake actuators for
 * which the sheet says how and in which part of the cycle. Cylinder by cylinder of the valves in hand.
 */
export const settingItems = memoizeByObject(({ overhead }: EngineSheet): readonly SettingItem[] => {
  if (!overhead) return [];
  const { valves, injectors, brakes, actuators } = overhead;
  const cylinders = [...new Set(valves.map(({ cylinder }) => cylinder))].sort((a, b) => a - b);
  const each = (
    kind: ItemKind,
    spec: {
      readonly window?: CycleWindow;
      readonly cylinders?: readonly number[];
      readonly before?: string;
      readonly after?: string;
    },
  ): readonly SettingItem[] => {
    if (!spec.window) return [];
    const { before, after } = spec;
    return cylinders
      .filter((cylinder) => spec.cylinders?.includes(cylinder) ?? true)
      .map((cylinder) => ({
        id: `${kind}-${cylinder}`,
        cylinder,
        kind,
        ...(before !== undefined && { before }),
        ...(after !== undefined && { after }),
      }));
  };
  return [
    ...valves,
    ...(injectors?.setting ? each('injector', injectors) : []),
    ...(brakes ? each('brake', brakes) : []),
    ...(actuators ? each('actuator', actuators) : []),
  ];
});
