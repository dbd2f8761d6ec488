import { createStore, del, entries, get, set } from 'idb-keyval';
import { v7 as uuidv7 } from 'uuid';
import { SHEET_FORMAT, type EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { FAMILIES, banksFor, type Family } from '@cardinex/core/sheet/families';

/** A sheet being entered, kept on this device as it is typed. */
export interface Draft {
  readonly id: string;
  /** As far as it has got: any part of a sheet, maybe wrong. */
  readonly document: Readonly<Record<string, unknown>>;
  readonly changedAt: string;
}

const store = createStore('cardinex.drafts', 'drafts');

export function getDraft(id: string): Promise<Draft | undefined> {
  return get<Draft>(id, store);
}

export function keepDraft(id: string, document: Draft['document']): Promise<void> {
  return set(id, { id, document, changedAt: new Date().toISOString() } satisfies Draft, store);
}

export function dropDraft(id: string): Promise<void> {
  return del(id, store);
}

/** Newest first. */
export async function allDrafts(): Promise<readonly Draft[]> {
  const stored = await entries<string, Draft>(store);
  return stored.map(([, draft]) => draft).sort((a, b) => b.changedAt.localeCompare(a.changedAt));
}

/** Begins the next revision of a sheet, or a sheet of its own that starts as a copy. */
export async function beginDraft(sheet: EngineSheet, as: 'revision' | 'copy'): Promise<string> {
  const { note: _note, ...rest } = sheet;
  const document =
    as === 'revision'
      ? { ...rest, revision: sheet.revision + 1 }
      : { ...rest, revision: 1, id: `${sheet.id}-copy`, name: `${sheet.name} (copy)`.slice(0, 60) };
  return begin(document);
}

/** Begins a sheet from a family: its shape, and no figure. */
export function beginFromFamily(family: Family, cylinders: number): Promise<string> {
  const { form, gear, actsOn, adjust, ...start } = FAMILIES[family];
  return begin({
    format: SHEET_FORMAT,
    revision: 1,
    ...start,
    layout: { form, banks: banksFor(form, cylinders) },
    overhead: { gear, actsOn, adjust },
  });
}

/** Begins from a document of any kind: one that would not import, to be put right here. */
export async function begin(document: Draft['document']): Promise<string> {
  const id = uuidv7();
  await keepDraft(id, document);
  return id;
}
