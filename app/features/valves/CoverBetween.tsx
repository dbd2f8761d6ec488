import type { CardName } from '@cardinex/core/job/facts/cardName';
import { router } from 'expo-router';
import { View } from 'react-native';
import { entryOf } from '@cardinex/core/job/kit/entryOf';
import { assemblyOf } from '@cardinex/core/sheet/assembly/assemblyOf';
import type { OverheadView } from '@cardinex/core/job/cards/valves/view';
import { itemName } from '@cardinex/words/itemNames';
import { hiddenSentence, jointSentence } from '@cardinex/words/pieceLines';
import { pieceNamed } from '@cardinex/words/pieces';
import { valvesScreen as w } from '@cardinex/words/cards/valves';
import { listed } from '@cardinex/words/quantity';
import { Mark } from '../../ui/Mark';
import { Body } from '../../ui/Words';
import { entryHref } from '../job/entryHref';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';
import { SettingFrame } from './SettingFrame';

/** What can be set without it is set: now the cover goes on, and the rest is set from outside. */
export function CoverBetween({
  card,
  view,
  cover,
}: {
  readonly card: CardName;
  readonly view: OverheadView;
  readonly cover: string;
}) {
  const { sheet, tray, jobId, record } = useJob();
  const name = pieceNamed(sheet, cover);
  const piece = assemblyOf(sheet).pieces.find(({ id }) => id === cover);
  const own = entryOf(tray, { card: 'fit', set: cover });
  const hasOwnCard = own !== undefined && own.status !== 'done';
  const on = useOnce(async () => {
    if (hasOwnCard) router.replace(entryHref(jobId, own));
    else await record('cover.on', { cover });
  });
  const then = view.items.filter(({ item, done }) => item.after === cover && !done);
  return (
    <SettingFrame
      card={card}
      view={view}
      title={w.coverNow(name)}
      confirm={{
        label: hasOwnCard ? w.coverPutOn(name) : w.coverOn(name),
        hint: w.thenSetItems(then.length),
        onPress: on,
      }}
    >
      <View className="gap-2 p-3.5">
        <Mark kind="now" word={w.coverWhy} />
        {piece?.hides?.map((line) => (
          <Body key={line.what}>· {hiddenSentence(line)}</Body>
        ))}
        {piece?.joints?.map((joint) => (
          <Body key={jointSentence(joint)} className="font-strong">
            {jointSentence(joint)}
          </Body>
        ))}
        <Body>{w.afterCover(listed(then.map(({ item }) => itemName(sheet, item))))}</Body>
      </View>
    </SettingFrame>
  );
}
