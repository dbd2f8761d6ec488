import { Text } from 'react-native';
import type { EngineEnd } from '@cardinex/core/sheet/spec/layout';
import { shared } from '@cardinex/words/screens';

/** Marks the cylinder-1 end, at the left of every drawing. */
export function EndMark({ end }: { end: EngineEnd }) {
  return <Text className="font-head text-note uppercase text-ink">◂ {shared.cylinder1(end)}</Text>;
}
