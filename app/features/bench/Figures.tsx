import { View } from 'react-native';
import { benchWords } from '@cardinex/words/bench';
import { useUnits } from '../../device/preferences';
import { Field } from '../../ui/Field';
import { isList, unitOf, type FigureField, type ReadFigures } from './readFigures';
import type { Values } from './useBenchValues';

interface Props {
  readonly fields: readonly FigureField[];
  readonly values: Values;
  readonly read: ReadFigures;
  readonly onChange: (key: string, text: string) => void;
}

/** The figures a calculator asks for, two to a row where they fit. */
export function Figures({ fields, values, read, onChange }: Props) {
  const units = useUnits();
  return (
    <View className="flex-row flex-wrap items-end gap-3">
      {fields.map(({ key, label, kind, unit, optional, hint }) => (
        <View key={key} className={isList(kind) ? 'w-full' : 'min-w-[150px] flex-1'}>
          <Field
            label={label}
            unit={unitOf({ kind, ...(unit !== undefined && { unit }) }, units)}
            inputMode={isList(kind) ? 'text' : 'decimal'}
            value={values[key] ?? ''}
            hint={hint ?? (optional ? benchWords.optional : '')}
            onChangeText={(text) => onChange(key, text)}
            fault={read.faults[key]}
          />
        </View>
      ))}
    </View>
  );
}
