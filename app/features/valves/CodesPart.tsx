import { writeCodes } from '@cardinex/contract/readings/codesCsv';
import { useState } from 'react';
import { View } from 'react-native';
import { settingItems } from '@cardinex/core/sheet/settingItems';
import { valvesScreen as w } from '@cardinex/words/cards/valves';
import { useInstrument } from '../../device/instrument/useInstrument';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Mark } from '../../ui/Mark';
import { Body, Heading, Small } from '../../ui/Words';
import { saveFile } from '../../ui/saveFile';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';

/** The code off each injector beside its own cylinder: typed, or read by a scanner, whether it types or speaks. */
export function CodesPart() {
  const { sheet, state, jobId, record } = useJob();
  const spec = sheet.overhead?.injectors?.codes;
  const { codes } = state.valves;
  const [chosen, setChosen] = useState<number | null>(null);
  const [text, setText] = useState('');
  const [faulty, setFaulty] = useState(false);
  const cylinders = [...new Set(settingItems(sheet).map(({ cylinder }) => cylinder))].sort(
    (a, b) => a - b,
  );
  const next = chosen ?? cylinders.find((cylinder) => !codes[cylinder]) ?? null;
  const keepCode = useOnce(async (read: string) => {
    if (next === null || read.trim() === '') return;
    const code = read.trim().toUpperCase();
    const problem = await record('injector.coded', { cylinder: next, code });
    setFaulty(problem !== null);
    if (problem !== null) return;
    setText('');
    setChosen(null);
  });
  const save = (): void => keepCode(text);
  useInstrument('scanner', null, ({ code }) => {
    if (code === undefined) return;
    setText(code);
    keepCode(code);
  });
  const download = (): void => {
    const list = cylinders.flatMap((cylinder) => {
      const code = codes[cylinder]?.code;
      return code === undefined ? [] : [{ cylinder, code }];
    });
    saveFile(`injector-codes-${jobId}.csv`, new Blob([writeCodes(list)], { type: 'text/csv' }));
  };
  if (!spec) return null;
  const have = cylinders.filter((cylinder) => codes[cylinder]);
  return (
    <View className="gap-2 border-t border-rule pt-3" testID="codes">
      <Heading level={3}>{w.codes}</Heading>
      <Body>{spec.says}</Body>
      {next === null ? (
        <Mark kind="within" word={w.codesDone} />
      ) : (
        <View className="gap-2">
          <Field
            label={w.codeOf(next)}
            hint={w.codeHint(spec.letters)}
            value={text}
            autoCapitalize="characters"
            onChangeText={(typed) => {
              setText(typed);
              setFaulty(false);
            }}
            onSubmitEditing={save}
            blurOnSubmit={false}
            faulty={faulty}
          />
          <Button label={w.keepCode} onPress={save} />
        </View>
      )}
      {cylinders.map((cylinder) => (
        <View
          key={cylinder}
          className="flex-row items-center justify-between gap-3 border-t border-rule pt-1"
        >
          <Body>{w.cylinderNumber(cylinder)}</Body>
          <Body className="font-strong">{codes[cylinder]?.code ?? '–'}</Body>
          {codes[cylinder] ? (
            <Button
              label={w.codeAgain}
              name={`${w.codeAgain}, ${w.cylinderNumber(cylinder)}`}
              onPress={() => setChosen(cylinder)}
            />
          ) : (
            <Small>{w.codeOpen}</Small>
          )}
        </View>
      ))}
      {have.length > 0 ? <Button label={w.codesFile} onPress={download} /> : null}
    </View>
  );
}
