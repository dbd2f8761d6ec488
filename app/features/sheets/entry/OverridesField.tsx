import { View } from 'react-native';
import { layerWords as lw } from '@cardinex/words/jobSheet';
import { entryWords as w } from '@cardinex/words/sheets/entry';
import { placeLabel, saidShort } from '@cardinex/words/sheets/places';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { pointerOf, valueAt as valueAtPointer, withValueAt } from '@cardinex/core/sheet/pointer';
import type { Override } from '@cardinex/core/sheet/spec/variants';
import { Button } from '../../../ui/Button';
import { Heading, Small } from '../../../ui/Words';
import { EditedDocument, useDraft, useDraftValue } from './DraftContext';
import { Faults } from './Faults';
import { InnerField } from './InnerField';
import { PlacePicker } from './PlacePicker';
import { placeText, withValue, type Path } from '@cardinex/core/sheet/draftPath';
import { placesOf } from './places';

/** The single figures in which engines with one answer differ from the sheet, picked by name. */
export function OverridesField({ path }: { path: Path }) {
  const { id, document, source, origin, read, set } = useDraft();
  const { value, faults } = useDraftValue<readonly Override[]>(path);
  const overrides = value ?? [];
  const sheet = document as unknown as EngineSheet;
  const places = placesOf(sheet).filter((place) => place.value !== undefined);
  const change = (to: readonly Override[]): void => set(path, to);
  return (
    <View className="gap-3">
      <Heading level={3}>{w.overrides}</Heading>
      <Faults faults={faults} />
      <EditedDocument
        id={id}
        document={overrides.reduce(laidOver, document)}
        set={(inside, to) =>
          change(
            overrides.map((override) => {
              const changed = withValue(laidOver(document, override), inside, to);
              return { at: override.at, to: valueAtPointer(changed, override.at) };
            }),
          )
        }
        origin={origin}
        source={source}
      >
        {overrides.map((override, n) => {
          const place = places.find((entry) => pointerOf(entry.path) === override.at);
          const label = placeLabel(document, override.at);
          const current = placeText([...path, n]);
          return (
            <View key={override.at} className="gap-2 rounded-lg border border-rule p-2.5">
              <View className="flex-row items-center justify-between gap-2">
                <Heading level={3} className="shrink">
                  {label}
                </Heading>
                <Button
                  label={w.remove}
                  name={`${w.remove}: ${label}`}
                  onPress={() => change(overrides.filter((_, other) => other !== n))}
                />
              </View>
              <Small>
                {lw.sheetSays}: {saidShort(valueAtPointer(document, override.at))}
              </Small>
              {place ? <InnerField node={place.node} path={place.path} /> : null}
              <Faults faults={read.faults.filter(({ at }) => at.startsWith(current))} />
            </View>
          );
        })}
      </EditedDocument>
      <PlacePicker
        places={places}
        taken={overrides.flatMap(
          ({ at }) => places.find((item) => pointerOf(item.path) === at)?.place ?? [],
        )}
        likely={() => false}
        onPick={(picked) =>
          change([...overrides, { at: pointerOf(picked.path), to: picked.value }])
        }
      />
    </View>
  );
}

function laidOver(
  document: Readonly<Record<string, unknown>>,
  { at, to }: Override,
): Readonly<Record<string, unknown>> {
  return valueAtPointer(document, at) === undefined ? document : withValueAt(document, at, to);
}
