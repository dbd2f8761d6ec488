import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { FAMILIES, type Family } from '@cardinex/core/sheet/families';
import { entryWords as w, familyWords } from '@cardinex/words/sheets/entry';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { PageBar } from '../../../ui/PageBar';
import { Mark } from '../../../ui/Mark';
import { Screen } from '../../../ui/Screen';
import { ScreenHeader } from '../../../ui/ScreenHeader';
import { beginFromFamily } from '../drafts';

/** A new sheet: the kind of engine, and how many cylinders; everything else follows. */
export function BeginSheet() {
  const [family, setFamily] = useState<Family | null>(null);
  const [typed, setTyped] = useState('');
  const [tried, setTried] = useState(false);
  const cylinders = Number(typed);
  const counted = Number.isInteger(cylinders) && cylinders >= 1 && cylinders <= 24;
  const begin = (): void => {
    setTried(true);
    if (family === null || !counted) return;
    void beginFromFamily(family, cylinders).then((draft) =>
      router.replace(`/sheets/draft/${draft}?step=engine`),
    );
  };
  return (
    <Screen
      header={<ScreenHeader title={w.begin} hint={w.beginHint} />}
      actBar={
        <PageBar
          onBack={() => router.replace('/sheets')}
          confirm={{ label: w.start, onPress: begin }}
        />
      }
    >
      <View className="gap-4 rounded-lg bg-card p-4">
        <Choice
          label={w.family}
          value={family}
          options={(Object.keys(FAMILIES) as Family[]).map((value) => ({
            value,
            label: familyWords[value],
          }))}
          onChange={setFamily}
        />
        {tried && family === null ? <Mark kind="out" word={w.needFamily} /> : null}
        <Field
          label={w.cylinders}
          inputMode="numeric"
          value={typed}
          onChangeText={setTyped}
          onSubmitEditing={begin}
          fault={tried && !counted ? w.needCylinders : undefined}
        />
      </View>
    </Screen>
  );
}
