import {
  createContext,
  useCallback,
  useContext,
  useDeferredValue,
  useEffect,
  useMemo,
  useState,
  type PropsWithChildren,
} from 'react';
import type { DocumentFault } from '@cardinex/contract/faults';
import { readSheet, type SheetRead } from '@cardinex/contract/sheets/readSheet';
import type { FigureOrigin } from '@cardinex/core/quantity/figure';
import { shared } from '@cardinex/words/screens';
import { Notice } from '../../../ui/Notice';
import { useWriting, Written } from '../../../ui/Written';
import { getDraft, keepDraft, type Draft } from '../drafts';
import { placeText, valueAt, withValue, type Path } from '@cardinex/core/sheet/draftPath';

export interface OpenDraft {
  readonly id: string;
  readonly document: Draft['document'];
  readonly read: SheetRead;
  readonly set: (path: Path, to: unknown) => void;
  /** Where the figures now being entered stand: each new one begins with it. */
  readonly source: string;
  readonly setSource: (source: string) => void;
  /** Who says so, for each new figure, until someone says otherwise. */
  readonly origin: FigureOrigin;
}

const DraftContext = createContext<OpenDraft | null>(null);

interface EditedProps {
  readonly id: string;
  readonly document: Draft['document'];
  readonly set: OpenDraft['set'];
  readonly origin: FigureOrigin;
  /** Where figures stand until someone says otherwise. */
  readonly source: string;
}

/** Opens a document for the fields inside: every change is checked at once. */
export function EditedDocument({
  id,
  document,
  set,
  origin,
  source: begins,
  children,
}: PropsWithChildren<EditedProps>) {
  const [source, setSource] = useState<string | null>(null);
  // Typing goes before checking: a slow phone shows the letter first.
  const checked = useDeferredValue(document);
  const read = useMemo(() => readSheet(checked), [checked]);
  const draft = useMemo(
    () => ({ id, document, read, set, source: source ?? begins, setSource, origin }),
    [id, document, read, set, source, begins, origin],
  );
  return <DraftContext.Provider value={draft}>{children}</DraftContext.Provider>;
}

/** Opens a draft for the screens inside, and keeps it on this device as it is typed. */
export function DraftProvider({ id, children }: PropsWithChildren<{ id: string }>) {
  const [document, setDocument] = useState<Draft['document'] | null | undefined>(undefined);
  const { failed, follow } = useWriting();
  useEffect(() => {
    void getDraft(id).then((draft) => setDocument(draft?.document ?? null));
  }, [id]);
  const set = useCallback(
    (path: Path, to: unknown) =>
      setDocument((before) => {
        const changed = (withValue(before ?? {}, path, to) ?? {}) as Draft['document'];
        const next = path[0] === 'name' ? named(before ?? {}, changed) : changed;
        follow(keepDraft(id, next));
        return next;
      }),
    [id, follow],
  );
  if (document === undefined) return <Notice text={shared.loading} />;
  if (!document) return <Notice text={shared.notFound} />;
  const manual = typeof document.manual === 'string' ? document.manual : '';
  return (
    <EditedDocument id={id} document={document} set={set} origin="manual" source={manual}>
      <Written failed={failed}>{children}</Written>
    </EditedDocument>
  );
}

/** The short name follows the name until someone gives one of their own. */
function named(before: Draft['document'], after: Draft['document']): Draft['document'] {
  const own = before.id !== undefined && before.id !== shortName(before.name);
  return own ? after : { ...after, id: shortName(after.name) };
}

/** @example shortName('Tolvane 44') // 'tolvane-44' */
function shortName(name: unknown): string | undefined {
  const short = String(name ?? '')
    .toLowerCase()
    .replaceAll(/[^a-z0-9]+/g, '-')
    .replaceAll(/^-+|-+$/g, '')
    .slice(0, 60);
  return short === '' ? undefined : short;
}

export function useDraft(): OpenDraft {
  const draft = useContext(DraftContext);
  if (!draft) throw new Error('no draft is open here');
  return draft;
}

/** A place of the draft: its value, how to change it, and what is wrong just there. */
export function useDraftValue<T>(path: Path) {
  const { document, read, set } = useDraft();
  const place = placeText(path);
  return {
    value: valueAt(document, path) as T | undefined,
    change: (to: T | undefined) => set(path, to),
    faults: faultsAt(read.faults, place),
  };
}

/** Faults at exactly this place; those of places inside stand beside their own fields. */
function faultsAt(faults: readonly DocumentFault[], place: string): readonly DocumentFault[] {
  return faults.filter((fault) => fault.at === place);
}
