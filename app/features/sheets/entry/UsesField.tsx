import { View } from 'react-native';
import { entryWords as w } from '@cardinex/words/sheets/entry';
import { fieldLabel } from '@cardinex/words/sheets/fields';
import { Choice } from '../../../ui/Choice';
import { useDraftValue } from './DraftContext';
import { Faults } from './Faults';
import { NumberField } from './NumberField';
import type { Path } from '@cardinex/core/sheet/draftPath';

/** Once, until its limit, or so many times at most. */
export function UsesField({ path }: { path: Path }) {
  const { value, change, faults } = useDraftValue<string | { readonly most?: number }>(path);
  const counted = typeof value === 'object';
  return (
    <View className="gap-2">
      <Choice
        label={fieldLabel('uses')}
        value={counted ? 'most' : typeof value === 'string' ? value : null}
        options={[
          { value: 'one', label: w.usedOnce },
          { value: 'until-limit', label: w.usedUntilLimit },
          { value: 'most', label: w.usedSoOften },
        ]}
        onChange={(to) => change(to === 'most' ? { most: 2 } : to)}
      />
      {counted ? <NumberField path={[...path, 'most']} label={w.usedSoOften} /> : null}
      <Faults faults={faults} />
    </View>
  );
}
