import { definedFields } from '@cardinex/core/definedFields';
import { View } from 'react-native';
import { valvesFor } from '@cardinex/core/sheet/families';
import { entryWords as w } from '@cardinex/words/sheets/entry';
import { fieldLabel } from '@cardinex/words/sheets/fields';
import { Button } from '../../../ui/Button';
import { Heading } from '../../../ui/Words';
import { useDraft, useDraftValue } from './DraftContext';
import { Faults } from './Faults';
import { draftCylinders } from './FiringTaps';
import { TextField } from './TextField';
import { placeText, type Path } from '@cardinex/core/sheet/draftPath';

interface Entered {
  readonly id?: string;
  readonly cylinder?: number;
  readonly kind?: string;
  readonly alongHead?: number;
}

/** The gaps of the engine: made from its cylinders, then put in the order they stand along the head. */
export function ValvesField({ path }: { path: Path }) {
  const { document, read } = useDraft();
  const { value, change, faults } = useDraftValue<readonly Entered[]>(path);
  const valves = Array.isArray(value) ? (value as readonly Entered[]) : [];
  const cylinders = draftCylinders(document);
  const inside = read.faults.filter((fault) => fault.at.startsWith(`${placeText(path)}[`));
  const strokes = document.strokes === 2 ? 2 : 4;
  return (
    <View className="gap-2">
      <Heading level={3}>{fieldLabel('valves')}</Heading>
      <Faults faults={[...faults, ...inside]} />
      <Button
        label={w.makeValves}
        hint={w.valvesMade}
        disabled={cylinders.length === 0}
        onPress={() => change(valvesFor(strokes, cylinders))}
      />
      {valves.length > 0 ? (
        <TextField
          label={w.alongHead}
          hint={w.alongHeadHint}
          value={valves.map((valve) => valve.id ?? '').join(' ')}
          onChange={(text) => change(alongHead(text, valves))}
        />
      ) : null}
      {valves.some((valve) => valve.alongHead === undefined) ? (
        <Button
          label={w.standSo}
          hint={w.standSoHint}
          onPress={() => change(valves.map((valve, n) => ({ ...valve, alongHead: n + 1 })))}
        />
      ) : null}
    </View>
  );
}

/** Names typed in the order they stand: each takes its place along the head from it. */
function alongHead(text: string, valves: readonly Entered[]): readonly Entered[] {
  const names = text.split(/[\s,;]+/).filter(Boolean);
  return names.map((name, place) => {
    const id = name.toUpperCase();
    const known = valves.find((valve) => valve.id === id);
    const [, kind = '', cylinder = ''] = /^([EI])(\d+)$/.exec(id) ?? [];
    return definedFields({
      id,
      cylinder: known?.cylinder ?? (Number(cylinder) || undefined),
      kind: known?.kind ?? (kind === 'E' ? 'exhaust' : kind === 'I' ? 'intake' : undefined),
      alongHead: place + 1,
    });
  });
}
