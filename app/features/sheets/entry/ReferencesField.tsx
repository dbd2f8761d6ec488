import { useState } from 'react';
import { View } from 'react-native';
import { headOf, isAll } from '@cardinex/core/sheet/assembly/references';
import { valueAt, type Path } from '@cardinex/core/sheet/draftPath';
import { ASSEMBLY_ACTS, type AssemblyAct } from '@cardinex/core/sheet/spec/assembly';
import type { Reference } from '@cardinex/core/sheet/spec/reference';
import { entryWords as w } from '@cardinex/words/sheets/entry';
import { labelOf } from '@cardinex/words/sheets/fields';
import { assemblyActName } from '@cardinex/words/pieces';
import { atStart } from '@cardinex/words/kit';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Body, Small } from '../../../ui/Words';
import { useDraft, useDraftValue } from './DraftContext';
import { Faults } from './Faults';

interface Props {
  readonly path: Path;
  /** Acts may be named beside pieces. */
  readonly acts?: boolean;
  /** One, and not a list. */
  readonly single?: boolean;
}

/** Pieces of the assembly by their names; of a piece there are several of: those beside it, all, or one. */
export function ReferencesField({ path, acts = false, single = false }: Props) {
  const { document } = useDraft();
  const { value, change, faults } = useDraftValue<Reference | readonly Reference[]>(path);
  const [open, setOpen] = useState(false);
  const chosen = typeof value === 'string' ? [value] : (value ?? []);
  const options = named(document, acts);
  const choose = (to: readonly Reference[]): void => {
    if (to.length === 0) change(undefined);
    else change(single ? to.at(-1) : to);
  };
  const label = labelOf(path);
  if (options.length === 0) return <Body>{w.enterFirst(labelOf(['assembly', 'pieces']))}</Body>;
  return (
    <View className="gap-2" role="group" aria-label={label}>
      <Small>{label}</Small>
      {chosen.map((reference, place) => (
        <Chosen
          key={reference}
          reference={reference}
          option={options.find(({ id }) => id === headOf(reference))}
          onChange={(to) => choose(chosen.map((other, n) => (n === place ? to : other)))}
          onTakeOut={() => choose(chosen.filter((_, n) => n !== place))}
        />
      ))}
      {open ? (
        <View className="flex-row flex-wrap gap-3">
          {options
            .filter(({ id }) => !chosen.some((reference) => headOf(reference) === id))
            .map(({ id, name }) => (
              <Button
                key={id}
                label={name}
                onPress={() => {
                  choose(single ? [id] : [...chosen, id]);
                  if (single) setOpen(false);
                }}
              />
            ))}
          <Button label={w.enough} kind="expected" onPress={() => setOpen(false)} />
        </View>
      ) : (
        <Button
          label={single && chosen.length > 0 ? w.another : w.choosePieces}
          name={w.chooseFor(label)}
          onPress={() => setOpen(true)}
        />
      )}
      <Faults faults={faults} />
    </View>
  );
}

/** One that is named, and which of it where there are several. */
function Chosen({
  reference,
  option,
  onChange,
  onTakeOut,
}: {
  readonly reference: Reference;
  readonly option: Option | undefined;
  readonly onChange: (to: Reference) => void;
  readonly onTakeOut: () => void;
}) {
  const of = headOf(reference);
  const name = option?.name ?? of;
  const which = reference === of ? BESIDE : isAll(reference) ? ALL : reference.slice(of.length + 1);
  const named = which !== BESIDE && which !== ALL ? [{ value: which, label: which }] : [];
  return (
    <View className="gap-1 border-l-2 border-rule pl-2.5">
      <View className="flex-row items-center justify-between gap-2">
        <Body className="shrink font-strong">{name}</Body>
        <Button label={w.remove} name={w.takeOutPart(name)} onPress={onTakeOut} />
      </View>
      {option?.several ? (
        <Choice
          label={w.whichOf(name)}
          value={which}
          options={[
            { value: BESIDE, label: w.besideIt },
            { value: ALL, label: w.allOfThem },
            ...(named.length > 0 ? named : option.places.map((value) => ({ value, label: value }))),
          ]}
          onChange={(to) => onChange(to === BESIDE ? of : `${of}/${to}`)}
        />
      ) : null}
    </View>
  );
}

const BESIDE = 'beside';
const ALL = '*';

interface Option {
  readonly id: string;
  readonly name: string;
  readonly several: boolean;
  /** The places its own lines name. */
  readonly places: readonly string[];
}

function named(document: unknown, acts: boolean): readonly Option[] {
  const pieces = valueAt(document, ['assembly', 'pieces']);
  const known = (Array.isArray(pieces) ? pieces : []).flatMap((entry: unknown): Option[] => {
    const { id, name, per, covers } = (entry ?? {}) as Readonly<Record<string, unknown>>;
    if (typeof id !== 'string') return [];
    const lines = Array.isArray(covers) ? (covers as readonly { place?: unknown }[]) : [];
    return [
      {
        id,
        name: typeof name === 'string' ? name : id,
        several: per !== undefined && per !== 'engine',
        places: lines.flatMap(({ place }) => (typeof place === 'string' ? [place] : [])),
      },
    ];
  });
  const all = acts ? ASSEMBLY_ACTS : [];
  return [...known, ...all.map((act: AssemblyAct) => actOption(act))];
}

function actOption(act: AssemblyAct): Option {
  return { id: act, name: atStart(assemblyActName(act)), several: false, places: [] };
}
