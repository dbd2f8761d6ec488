import { View } from 'react-native';
import { stackWords as w, type OrderRow, type StackReach } from '@cardinex/words/stack';
import { Body, Heading, Small } from '../../ui/Words';

/** What comes off to get at something, why, what that does to the rest, and how it goes on again. */
export function StackOrders({ found }: { readonly found: StackReach }) {
  return (
    <>
      <Heading level={3}>{found.title}</Heading>
      <Order title={w.off} rows={found.off} />
      <Named title={w.eased} names={found.eased} />
      <Named title={w.unclamped} names={found.unclamped} hint={w.unclampedHint} />
      <Order title={w.on} rows={found.on} />
    </>
  );
}

function Order({ title, rows }: { readonly title: string; readonly rows: readonly OrderRow[] }) {
  return (
    <View role="list" aria-label={title}>
      <Small className="font-strong">{title}</Small>
      {rows.map(({ piece, name, places, why }, place) => (
        <View
          key={`${piece}-${place}`}
          role="listitem"
          className="flex-row gap-2 border-t border-rule py-1"
        >
          <Body className="w-[28px] text-right font-strong">{place + 1}</Body>
          <View className="shrink">
            <Body className="font-strong">{places === '' ? name : `${name} ${places}`}</Body>
            {why === '' ? null : <Small>{why}</Small>}
          </View>
        </View>
      ))}
    </View>
  );
}

function Named({
  title,
  names,
  hint,
}: {
  readonly title: string;
  readonly names: readonly string[];
  readonly hint?: string;
}) {
  if (names.length === 0) return null;
  return (
    <View role="list" aria-label={title}>
      <Small className="font-strong">{title}</Small>
      {names.map((name) => (
        <View key={name} role="listitem">
          <Body>{name}</Body>
        </View>
      ))}
      {hint === undefined ? null : <Small>{hint}</Small>}
    </View>
  );
}
