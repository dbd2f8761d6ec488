import { View } from 'react-native';
import type { DocumentFault } from '@cardinex/contract/faults';
import { entryWords as w } from '@cardinex/words/sheets/entry';
import { Mark } from '../../../ui/Mark';
import { Small } from '../../../ui/Words';

/** Nobody has got to this field yet: asked for, not complained of. */
function isMissing({ says }: DocumentFault): boolean {
  return says.startsWith('is missing');
}

/** What the live checks say of one field, right under it. */
export function Faults({ faults }: { faults: readonly DocumentFault[] }) {
  if (faults.length === 0) return null;
  return (
    <View className="gap-0.5">
      {faults.some(isMissing) ? <Small>{w.needed}</Small> : null}
      {faults
        .filter((fault) => !isMissing(fault))
        .map(({ at, says, bars }) => (
          <View key={at + says} className="flex-row gap-2" role="note">
            <Mark kind={bars ? 'out' : 'waiting'} size={16} />
            <Small className={bars ? 'flex-1 text-red' : 'flex-1 text-brass'}>{says}</Small>
          </View>
        ))}
    </View>
  );
}
