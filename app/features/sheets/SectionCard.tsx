import { View } from 'react-native';
import type { SheetRow, SheetSection } from '@cardinex/words/sheets/sections/rows';
import { sheetsWords as w } from '@cardinex/words/sheets/screen';
import { Mark } from '../../ui/Mark';
import { TabbedCard } from '../../ui/TabbedCard';
import { Body, Small } from '../../ui/Words';

/** A value longer than this stands under its label: right-set lines are hard to follow. */
const LONG = 26;

/** A part of the engine: each figure as printed, and where it stands. */
export function SectionCard({ section }: { section: SheetSection }) {
  return (
    <TabbedCard tab={section.title}>
      {section.rows.map((row, place) => (
        <Row key={`${row.label}-${place}`} row={row} first={place === 0} />
      ))}
    </TabbedCard>
  );
}

function Row({ row: { label, value, source, from }, first }: { row: SheetRow; first: boolean }) {
  const guess = from === 'assumed' || from === 'hearsay';
  return (
    <View className={first ? 'pb-1.5' : 'border-t border-rule py-1.5'}>
      {value.length > LONG ? (
        <>
          <Small>{label}</Small>
          <Body className="font-strong">{value}</Body>
        </>
      ) : (
        <View className="flex-row items-baseline justify-between gap-4">
          <Small className="shrink">{label}</Small>
          <Body className="text-right font-strong">{value}</Body>
        </View>
      )}
      {guess ? <Mark kind="waiting" word={w.origins[from]} size={14} /> : null}
      {source === undefined ? null : <Small className="text-fine">{source}</Small>}
    </View>
  );
}
