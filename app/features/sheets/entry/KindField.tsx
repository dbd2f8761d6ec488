import type { Path } from '@cardinex/core/sheet/draftPath';
import { PIECE_KINDS } from '@cardinex/core/sheet/spec/assembly';
import { choiceLabel, labelOf } from '@cardinex/words/sheets/entry';
import { Choice } from '../../../ui/Choice';
import { useDraftValue } from './DraftContext';
import { Faults } from './Faults';

/** How a piece is drawn: one of the kinds that are known, or the word that an import brought. */
export function KindField({ path }: { readonly path: Path }) {
  const { value, change, faults } = useDraftValue<string>(path);
  const known: readonly string[] = PIECE_KINDS;
  const kinds = value === undefined || known.includes(value) ? known : [...known, value];
  return (
    <>
      <Choice
        label={labelOf(path)}
        value={value ?? null}
        options={kinds.map((kind) => ({ value: kind, label: choiceLabel(kind) }))}
        onChange={change}
      />
      <Faults faults={faults} />
    </>
  );
}
