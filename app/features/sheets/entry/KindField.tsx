import type { Path } from '@cardinex/core/sheet/draftPath';
import { PIECE_KINDS } from '@cardinex/core/sheet/spec/assembly';
import { labelOf } from '@cardinex/words/sheets/fields';
import { useDraftValue } from './DraftContext';
import { OneOfValues } from './PlainFields';

/** How a piece is drawn: one of the kinds that are known, or the word that an import brought. */
export function KindField({ path }: { readonly path: Path }) {
  const { value } = useDraftValue<string>(path);
  const known: readonly string[] = PIECE_KINDS;
  const kinds = value === undefined || known.includes(value) ? known : [...known, value];
  return <OneOfValues path={path} label={labelOf(path)} values={kinds} />;
}
