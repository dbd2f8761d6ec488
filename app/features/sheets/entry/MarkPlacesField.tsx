import { View } from 'react-native';
import type { TimingSpec } from '@cardinex/core/sheet/spec/timing';
import { entryWords as w } from '@cardinex/words/en/sheets/entry';
import { LazyWheelsDrawing } from '../../cards/LazyCards';
import { useDraft } from './DraftContext';
import { ListField } from './ListField';
import type { FieldProps } from './fieldProps';
import type { SchemaNode } from '@cardinex/contract/sheets/schemaNodes';

/** Where the marks are seen, with the wheels drawn as they are entered: held beside the book's figure. */
export function MarkPlacesField({ node, path, label }: FieldProps & { node: SchemaNode }) {
  const { document, read } = useDraft();
  const timing = document.timing as TimingSpec | undefined;
  const wheelsSound = !read.faults.some(({ at }) => /^timing\.(wheels|markPlaces|drive)/.test(at));
  return (
    <View className="gap-2">
      <ListField node={node} path={path} label={label} />
      {timing?.wheels && wheelsSound ? (
        <LazyWheelsDrawing timing={timing} standing={() => 'open'} said={w.wheelsSoFar} />
      ) : null}
    </View>
  );
}
