import { valueAt, type Path } from '@cardinex/core/sheet/draftPath';
import { labelOf } from '@cardinex/words/sheets/entry';
import { Choice } from '../../../ui/Choice';
import { useDraft, useDraftValue } from './DraftContext';

/** The line of the kit list that a joint is of; nothing where the list is empty. */
export function KitLineField({ path }: { readonly path: Path }) {
  const { document } = useDraft();
  const { value, change } = useDraftValue<string>(path);
  const list = valueAt(document, ['renew']);
  const parts = (Array.isArray(list) ? list : []).flatMap((entry: unknown) => {
    const { part } = (entry ?? {}) as { part?: unknown };
    return typeof part === 'string' ? [part] : [];
  });
  if (parts.length === 0) return null;
  return (
    <Choice
      label={labelOf(path)}
      value={value ?? null}
      options={[...new Set(parts)].map((part) => ({ value: part, label: part }))}
      onChange={(to) => change(to === value ? undefined : to)}
    />
  );
}
