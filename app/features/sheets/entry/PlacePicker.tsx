import { useState } from 'react';
import { View } from 'react-native';
import { placesOverlap } from '@cardinex/core/sheet/place';
import { layerWords as w } from '@cardinex/words/jobSheet';
import { entrySteps } from '@cardinex/words/sheets/entry';
import { saidShort } from '@cardinex/words/sheets/places';
import { Button } from '../../../ui/Button';
import { Field } from '../../../ui/Field';
import { Small } from '../../../ui/Words';
import type { SheetPlace } from './places';

/** More than this on a phone is scrolled past, not read. */
const MOST_SHOWN = 24;

interface Props {
  readonly places: readonly SheetPlace[];
  /** Places taken already are not offered again, nor what is part of them. */
  readonly taken: readonly string[];
  /** Whether a place is likely: shown before anything is typed. */
  readonly likely: (place: SheetPlace) => boolean;
  readonly onPick: (place: SheetPlace) => void;
}

/** Finds a figure of the sheet by a few letters of its name, or part by part. */
export function PlacePicker({ places, taken, likely, onPick }: Props) {
  const [words, setWords] = useState('');
  const [part, setPart] = useState<string | null>(null);
  const free = places.filter(({ place }) => !taken.some((item) => placesOverlap(item, place)));
  const looked = words.trim().toLowerCase().split(/\s+/).filter(Boolean);
  const found = free.filter((entry) =>
    looked.length > 0
      ? looked.every((word) => entry.label.toLowerCase().includes(word))
      : part === null
        ? likely(entry)
        : entry.part === part,
  );
  const shown = found.slice(0, MOST_SHOWN);
  return (
    <View className="gap-2" testID="places">
      <Field label={w.search} hint={w.searchHint} value={words} onChangeText={setWords} />
      {looked.length > 0 && found.length === 0 ? <Small>{w.noMatch}</Small> : null}
      {shown.map((each) => (
        <Button
          key={each.place}
          label={each.label}
          hint={each.value === undefined ? w.silent : saidShort(each.value)}
          onPress={() => onPick(each)}
        />
      ))}
      {found.length > shown.length ? (
        <Small>{w.moreMatches(found.length - shown.length)}</Small>
      ) : null}
      {looked.length > 0 ? null : part === null ? (
        <View className="flex-row flex-wrap gap-3">
          {entrySteps
            .filter(({ id }) => free.some((one) => one.part === id))
            .map(({ id, title }) => (
              <Button
                key={id}
                label={title}
                onPress={() => setPart(id)}
                className="min-w-[45%] flex-1"
              />
            ))}
        </View>
      ) : (
        <Button label={w.parts} onPress={() => setPart(null)} />
      )}
    </View>
  );
}
