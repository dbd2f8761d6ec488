import type { CardName } from '@cardinex/core/job/facts/cardName';
import { View } from 'react-native';
import { cardTitle } from '@cardinex/words/cards/names';
import { trayWords } from '@cardinex/words/screens';
import { Body } from '../../ui/Words';
import { CardFrame } from './CardFrame';
import { ToTrayButton } from './ToTrayButton';

/** A card somebody came to by an old link, or that a change of scope or variant took out of the tray. */
export function NoSuchCard({ card }: { card: CardName }) {
  return (
    <CardFrame card={card} title={cardTitle(card)} actBar={<ToTrayButton done />}>
      <View className="p-3.5">
        <Body>{trayWords.noSuchCard}</Body>
      </View>
    </CardFrame>
  );
}
