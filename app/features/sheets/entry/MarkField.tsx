import { View } from 'react-native';
import { entryWords as w } from '@cardinex/words/sheets/entry';
import { fieldLabel, labelOf } from '@cardinex/words/sheets/fields';
import { Choice } from '../../../ui/Choice';
import { Body } from '../../../ui/Words';
import { useDraft, useDraftValue } from './DraftContext';
import { Faults } from './Faults';
import { valueAt, type Path } from '@cardinex/core/sheet/draftPath';

/** One of the timing marks in the book's words; kept as its place in the list, counted from 1. */
export function MarkField({ path }: { path: Path }) {
  const { document } = useDraft();
  const { value, change, faults } = useDraftValue<number>(path);
  const list = valueAt(document, ['timing', 'marks']);
  const marks = Array.isArray(list) ? (list as readonly unknown[]) : [];
  return (
    <View className="gap-1">
      {marks.length === 0 ? (
        <Body>{w.enterFirst(fieldLabel('marks'))}</Body>
      ) : (
        <Choice
          label={labelOf(path)}
          value={value === undefined ? null : String(value)}
          options={marks.map((mark, place) => ({ value: String(place + 1), label: String(mark) }))}
          onChange={(to) => change(Number(to))}
        />
      )}
      <Faults faults={faults} />
    </View>
  );
}
