import { View } from 'react-native';
import { INSTRUMENT_KINDS, type InstrumentKind } from '@cardinex/contract/instruments/kinds';
import { deviceWords as w } from '@cardinex/words/screens';
import { setPreferences, usePreferences } from '../../device/preferences';
import { useInstrument } from '../../device/instrument/useInstrument';
import { Field } from '../../ui/Field';
import { Mark } from '../../ui/Mark';
import { Heading, Small } from '../../ui/Words';

/** Where the instruments of this device are reached, and whether they answer. */
export function InstrumentFields() {
  return (
    <View className="gap-3">
      <Heading level={3}>{w.instruments}</Heading>
      <Small>{w.instrumentsHint}</Small>
      {INSTRUMENT_KINDS.map((kind) => (
        <OneField key={kind} kind={kind} />
      ))}
    </View>
  );
}

function OneField({ kind }: { kind: InstrumentKind }) {
  const { instruments } = usePreferences();
  const { standing, name } = useInstrument(kind, null, () => undefined);
  return (
    <View className="gap-1">
      <Field
        label={w.instrumentAt[kind]}
        hint={`127.0.0.1:4705/${kind}`}
        value={instruments[kind]}
        autoCapitalize="none"
        inputMode="url"
        onChangeText={(text) => setPreferences({ instruments: { ...instruments, [kind]: text } })}
      />
      {standing === null ? null : standing === 'connected' ? (
        <Mark kind="within" word={w.instrumentAnswers(name)} />
      ) : (
        <Mark kind="waiting" word={w.instrumentSilent} />
      )}
    </View>
  );
}
