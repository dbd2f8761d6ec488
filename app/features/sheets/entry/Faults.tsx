import { View } from 'react-native';
import type { SheetFault } from '@cardinex/contract/sheets/readSheet';
import { Mark } from '../../../ui/Mark';
import { Small } from '../../../ui/Words';

/** What the live checks say of one field, right under it. */
export function Faults({ faults }: { faults: readonly SheetFault[] }) {
  if (faults.length === 0) return null;
  return (
    <View className="gap-0.5">
      {faults.map(({ at, says, bars }) => (
        <View key={at + says} className="flex-row gap-2" role="note">
          <Mark kind={bars ? 'out' : 'waiting'} size={16} />
          <Small className={bars ? 'flex-1 text-red' : 'flex-1 text-brass'}>{says}</Small>
        </View>
      ))}
    </View>
  );
}
