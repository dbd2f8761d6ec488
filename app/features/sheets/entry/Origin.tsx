import { useState } from 'react';
import { Pressable, Text, View } from 'react-native';
import type { FigureOrigin } from '@cardinex/core/quantity/figure';
import { entryWords as w } from '@cardinex/words/sheets/entry';
import { sheetsWords } from '@cardinex/words/sheets/screen';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { useDraft, useDraftValue } from './DraftContext';
import { Faults } from './Faults';
import type { Path } from '@cardinex/core/sheet/draftPath';

const ORIGINS: readonly FigureOrigin[] = ['manual', 'leaflet', 'shop', 'hearsay', 'assumed'];

/** Who says so, and where: one line, opened by a tap. What is entered here is offered for the next. */
export function Origin({ path }: { path: Path }) {
  const [open, setOpen] = useState(false);
  const { setSource } = useDraft();
  const from = useDraftValue<FigureOrigin>([...path, 'from']);
  const source = useDraftValue<string>([...path, 'source']);
  const wrong = from.faults.length + source.faults.length > 0;
  return (
    <View className="gap-1">
      <Pressable
        role="button"
        aria-expanded={open || wrong}
        onPress={() => setOpen(!open)}
        className="min-h-[36px] justify-center"
      >
        <Text className="font-text text-small text-soft underline">
          {w.source}: {sheetsWords.origins[from.value ?? 'manual']}, {source.value ?? ''}
        </Text>
      </Pressable>
      {open || wrong ? (
        <View className="gap-2 border-l-4 border-rule pl-3">
          <Choice
            label={w.source}
            value={from.value ?? null}
            options={ORIGINS.map((value) => ({ value, label: sheetsWords.origins[value] }))}
            onChange={from.change}
          />
          <Field
            label={w.source}
            hint={w.sourceHint}
            value={source.value ?? ''}
            onChangeText={(text) => {
              source.change(text === '' ? undefined : text);
              if (text !== '') setSource(text);
            }}
          />
          <Faults faults={[...from.faults, ...source.faults]} />
        </View>
      ) : null}
    </View>
  );
}
