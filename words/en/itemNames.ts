import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { settingItems, type ItemKind, type SettingItem } from '@cardinex/core/sheet/settingItems';

const SHORT: Readonly<Record<Exclude<ItemKind, 'intake' | 'exhaust'>, string>> = {
  injector: 'Inj',
  brake: 'Br',
  actuator: 'Act',
};

/** What is set, as it stands under its mark: a valve's own number, "Inj 3". */
export function itemShort({ id, kind, cylinder }: SettingItem): string {
  return kind === 'intake' || kind === 'exhaust' ? id : `${SHORT[kind]} ${cylinder}`;
}

/** What is set, in words: "E3", "injector 3", "brake slave 3" as the sheet calls it. */
export function itemName({ overhead }: EngineSheet, item: SettingItem): string {
  const { kind, id, cylinder } = item;
  switch (kind) {
    case 'injector':
      return `injector ${cylinder}`;
    case 'brake':
      return `${overhead?.brakes?.name ?? 'brake'} ${cylinder}`;
    case 'actuator':
      return `${overhead?.actuators?.name ?? 'actuator'} ${cylinder}`;
    case 'intake':
    case 'exhaust':
      return id;
  }
}

/** The same by its id; the id itself for what the sheet does not know any more. */
export function itemNamed(sheet: EngineSheet, id: string): string {
  const item = settingItems(sheet).find((entry) => entry.id === id);
  return item ? itemName(sheet, item) : id;
}
