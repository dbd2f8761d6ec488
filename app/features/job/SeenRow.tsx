import type { CheckSeen } from '@cardinex/core/job/facts/checks';
import { Pressable, View } from 'react-native';
import { Mark } from '../../ui/Mark';
import { cn } from '../../ui/cn';
import { Body, Small } from '../../ui/Words';

interface Props {
  readonly name: string;
  readonly found: CheckSeen['found'] | undefined;
  /** What was said of it. */
  readonly words?: string | undefined;
  /** It is the one being looked at. */
  readonly here: boolean;
  readonly onPress: () => void;
}

/** One of a list that is looked at item by item; tap it to look at it (again). */
export function SeenRow({ name, found, words, here, onPress }: Props) {
  return (
    <Pressable
      role="button"
      aria-pressed={here}
      onPress={onPress}
      className={cn(
        'min-h-[56px] flex-row items-center gap-3 border-t border-rule px-3.5 py-2',
        here && 'bg-tab',
      )}
    >
      <Mark kind={markOf(found, here)} />
      <View className="flex-1">
        <Body>{name}</Body>
        {words ? <Small>{words}</Small> : null}
      </View>
    </Pressable>
  );
}

function markOf(found: CheckSeen['found'] | undefined, here: boolean) {
  if (found) return found === 'not-good' ? 'out' : 'within';
  return here ? 'now' : 'ahead';
}
