import type { CardName } from '@cardinex/core/job/facts/cardName';
import { View } from 'react-native';
import { hotShifts } from '@cardinex/core/job/cards/recheck/hotShifts';
import type { OverheadView } from '@cardinex/core/job/cards/valves/view';
import type { ItemView } from '@cardinex/core/job/cards/valves/item';
import { hotOddSentence, hotShiftSentence, valvesScreen as w } from '@cardinex/words/cards/valves';
import { itemName, itemShort } from '@cardinex/words/itemNames';
import { degrees, length, listed } from '@cardinex/words/quantity';
import { useUnits } from '../../device/preferences';
import { Mark } from '../../ui/Mark';
import { Marked } from '../../ui/Marked';
import { Body } from '../../ui/Words';
import { CardFrame } from '../job/CardFrame';
import { useJob } from '../job/JobProvider';
import { LeadOn } from '../job/LeadOn';
import { AdjustersPart } from './adjusters/AdjustersPart';
import { CodesPart } from './CodesPart';
import { ValveRow } from './ValveRow';
import { ValvesBack } from './ValvesBack';

/** Every gap done: what each was left at. */
export function ValvesDone({ card, view }: { card: CardName; view: OverheadView }) {
  const { sheet } = useJob();
  const units = useUnits();
  const text =
    card === 'recheck' ? w.allChecked : view.provisional ? w.allSetProvisional : w.allSet;
  const { shifts, found } = hotShifts(view);
  const odd = card === 'recheck' && found ? hotOddSentence(found, units) : null;
  /** What it was left at; at the recheck what heat did to it. */
  const leftAt = ({ item, verdict, setting }: ItemView): string => {
    const shift = card === 'recheck' ? shifts.find(({ id }) => id === item.id) : undefined;
    if (shift) return hotShiftSentence(shift, units);
    if (verdict.counts) return length(verdict.counts.mm, units);
    if (setting?.turns !== undefined) return degrees(setting.turns * 360);
    return setting?.heightMm === undefined ? '' : length(setting.heightMm, units);
  };
  const left = view.items.filter(({ done }) => !done).map(({ item }) => itemName(sheet, item));
  return (
    <CardFrame
      card={card}
      title={left.length > 0 ? w.someLeft : card === 'recheck' ? w.allChecked : w.allSet}
      back={<ValvesBack view={view} />}
      actBar={<LeadOn from={{ card }} done={left.length === 0} />}
    >
      <View className="gap-3 p-3.5">
        {left.length > 0 ? (
          <Mark kind="out" word={w.neverSettable(listed(left))} />
        ) : (
          <Mark kind={card !== 'recheck' && view.provisional ? 'waiting' : 'within'} word={text} />
        )}
        {odd === null ? null : (
          <Marked kind="out" testID="odd-hot">
            {odd}
          </Marked>
        )}
        <ValveRow view={view} sheet={sheet} settable={new Set()} current={null} />
        {view.items.map((entry) => (
          <View
            key={entry.item.id}
            className="flex-row justify-between gap-3 border-t border-rule pt-1.5"
          >
            <Body>
              {itemShort(entry.item)} · {w.kind(entry.item.kind)}
            </Body>
            <Body className="shrink text-right font-strong">{leftAt(entry)}</Body>
          </View>
        ))}
        {card === 'recheck' ? null : (
          <>
            <AdjustersPart view={view} />
            <CodesPart />
          </>
        )}
      </View>
    </CardFrame>
  );
}
