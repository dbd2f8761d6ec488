import { View } from 'react-native';
import { partsUnder, temporaryPartName } from '@cardinex/core/job/register';
import { registerWords as w } from '@cardinex/words/register';
import { Button } from '../../ui/Button';
import { Body } from '../../ui/Words';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';

/** What must come out before a piece goes on, each taken out here. */
export function StillIn({ under }: { readonly under: { readonly kind: string } }) {
  const { state } = useJob();
  const parts = partsUnder(state, under);
  if (parts.length === 0) return null;
  return (
    <View className="gap-2 border-b border-rule bg-tab px-3.5 py-2.5" testID="still-in">
      <Body className="font-strong">{w.takeOutFirst}</Body>
      {parts.map((part) => (
        <TakeOut key={part.id} part={part.id} name={temporaryPartName(part)} />
      ))}
    </View>
  );
}

function TakeOut({ part, name }: { part: string; name: string }) {
  const { record } = useJob();
  const take = useOnce(() => record('temporary-part.taken-out', { part }));
  return <Button label={w.takeOutOf(name)} onPress={take} />;
}
