import type { CardName } from '@cardinex/core/job/facts/cardName';
import { View } from 'react-native';
import type { ActType } from '@cardinex/core/job/act';
import { Body } from '../../ui/Words';
import { ActLog } from './ActLog';

interface Props {
  readonly says: readonly string[];
  /** The card's own acts, to show what was recorded. */
  readonly acts?: ReadonlySet<ActType>;
  /** Where several cards share their acts: this one. */
  readonly card?: CardName;
}

/** The back of a card: why this is done and what goes wrong, and what was recorded. */
export function BackOfCard({ says, acts, card }: Props) {
  return (
    <View className="gap-2.5">
      {says.map((text) => (
        <Body key={text}>{text}</Body>
      ))}
      {acts ? <ActLog of={acts} card={card} /> : null}
    </View>
  );
}
