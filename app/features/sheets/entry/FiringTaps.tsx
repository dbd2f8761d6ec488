import { View } from 'react-native';
import { cylindersOf, type EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { entryWords as w } from '@cardinex/words/sheets/entry';
import { fieldLabel } from '@cardinex/words/sheets/fields';
import { Button } from '../../../ui/Button';
import { Body } from '../../../ui/Words';
import { LayoutDrawing } from '../LayoutDrawing';
import { useDraft, useDraftValue } from './DraftContext';
import { TextListField } from './TextListField';
import type { Path } from '@cardinex/core/sheet/draftPath';

/** The firing order, tapped cylinder by cylinder on the engine, or typed. */
export function FiringTaps({ path }: { path: Path }) {
  const { document, source, origin, set } = useDraft();
  const { value = [] } = useDraftValue<readonly number[]>(path);
  const layout = drawableLayout(document);
  const order = Array.isArray(value) ? (value as readonly number[]) : [];
  const change = (to: readonly number[]): void => {
    const firing = (document.firing ?? {}) as Readonly<Record<string, unknown>>;
    const { from = origin, source: stands = source || undefined } = firing;
    set(
      path.slice(0, -1),
      to.length === 0 ? undefined : { ...firing, order: to, from, source: stands },
    );
  };
  return (
    <View className="gap-2">
      {layout ? (
        <>
          <Body>{w.tapFiring}</Body>
          <LayoutDrawing
            sheet={layout}
            marked={order}
            onPress={(cylinder) => {
              if (!order.includes(cylinder)) change([...order, cylinder]);
            }}
          />
          <View className="flex-row gap-3">
            <Button
              label={w.undoTap}
              onPress={() => change(order.slice(0, -1))}
              className="flex-1"
            />
            <Button label={w.clearTaps} onPress={() => change([])} className="flex-1" />
          </View>
        </>
      ) : null}
      <TextListField path={path} label={fieldLabel('order')} numbers />
    </View>
  );
}

/** The layout, once it holds cylinders that can be drawn. */
function drawableLayout(
  document: Readonly<Record<string, unknown>>,
): Pick<EngineSheet, 'layout' | 'cylinder1End'> | null {
  const layout = document.layout as EngineSheet['layout'] | undefined;
  const banks = Array.isArray(layout?.banks) ? layout.banks : [];
  const whole = banks.every(
    (bank) =>
      Array.isArray(bank?.cylinders) &&
      bank.cylinders.length > 0 &&
      bank.cylinders.every((cylinder: unknown) => typeof cylinder === 'number'),
  );
  if (!layout || banks.length === 0 || !whole) return null;
  const end = typeof document.cylinder1End === 'string' ? document.cylinder1End : '?';
  return { layout, cylinder1End: end as EngineSheet['cylinder1End'] };
}

/** Every cylinder the draft's layout names; empty while it names none. */
export function draftCylinders(document: Readonly<Record<string, unknown>>): readonly number[] {
  const layout = drawableLayout(document);
  return layout ? cylindersOf(layout) : [];
}
