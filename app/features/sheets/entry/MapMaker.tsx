import { useState } from 'react';
import { View } from 'react-native';
import { valueIn } from '@cardinex/core/quantity/readQuantity';
import { ReckoningFault } from '@cardinex/core/quantity/reckoningFault';
import { mapFromCircle, mapFromRows, type MadeMap } from '@cardinex/core/sheet/makeMap';
import type { MapBore, SheetFastener } from '@cardinex/core/sheet/spec/fastening';
import { faultInWords } from '@cardinex/words/faults';
import { entryWords as w } from '@cardinex/words/sheets/entry';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Field } from '../../../ui/Field';
import { Heading, Small } from '../../../ui/Words';
import { HeadMap } from '../../tighten/HeadMap';
import { useDraft, useDraftValue } from './DraftContext';
import { Faults } from './Faults';
import { draftCylinders } from './FiringTaps';
import { MapEdit } from './MapEdit';
import { InnerField } from './InnerField';
import { drawable } from './draftSet';
import { placeText, type Path } from '@cardinex/core/sheet/draftPath';
import { resolved, type SchemaNode } from '@cardinex/contract/sheets/schemaNodes';

/** Where the fasteners stand: made from rows and columns or a circle, then moved, numbered, grouped. */
export function MapMaker({ set: path, node }: { set: Path; node: SchemaNode }) {
  const { document, read, set } = useDraft();
  const { value } = useDraftValue<Readonly<Record<string, unknown>>>(path);
  const [making, setMaking] = useState(false);
  const drawn = drawable(value);
  const faults = read.faults.filter(
    ({ at }) =>
      at.startsWith(`${placeText(path)}.map`) || at.startsWith(`${placeText(path)}.fasteners`),
  );
  const save = ({ map, fasteners }: MadeMap, bores: readonly MapBore[]): void => {
    const seenFrom = drawn?.map.seenFrom || 'from above';
    set(path, {
      ...value,
      map: { ...map, seenFrom, ...(bores.length > 0 && { bores }) },
      fasteners,
    });
    setMaking(false);
  };
  return (
    <View className="gap-3">
      <Heading level={3}>{w.map}</Heading>
      <Faults faults={faults} />
      {drawn && !making ? (
        <>
          <MapEdit path={path} drawn={drawn} />
          <Field
            label={w.seenFrom}
            value={drawn.map.seenFrom}
            onChangeText={(text) =>
              set([...path, 'map', 'seenFrom'], text === '' ? undefined : text)
            }
          />
          <Drawing node={node} path={[...path, 'map']} />
          <Button label={w.remake} hint={w.remakeHint} onPress={() => setMaking(true)} />
        </>
      ) : (
        <MakeMap cylinders={draftCylinders(document)} onMade={save} />
      )}
    </View>
  );
}

/** The drawing's own size, and the bores in it: opened by whoever wants them exact. */
function Drawing({ node, path }: { node: SchemaNode; path: Path }) {
  const [open, setOpen] = useState(false);
  const { properties = {} } = resolved(node);
  if (!open) return <Button label={w.drawing} hint={w.drawingHint} onPress={() => setOpen(true)} />;
  return (
    <View className="gap-3 border-l-2 border-rule pl-2.5">
      {(['widthMm', 'heightMm', 'bores'] as const).map((key) => (
        <InnerField key={key} node={properties[key] ?? {}} path={[...path, key]} />
      ))}
    </View>
  );
}

interface MakeProps {
  readonly cylinders: readonly number[];
  readonly onMade: (map: MadeMap, bores: readonly MapBore[]) => void;
}

function MakeMap({ cylinders, onMade }: MakeProps) {
  const [by, setBy] = useState<'rows' | 'circle'>('rows');
  const [entered, setEntered] = useState<Readonly<Record<string, string>>>({});
  const number = (key: string): number =>
    valueIn(entered[key] ?? '', /Mm$/.test(key) ? 'mm' : '') ?? NaN;
  const made = tryToMake(by, number);
  const [tried, setTried] = useState(false);
  const field = (key: string, label: string) => (
    <Field
      label={label}
      inputMode="decimal"
      value={entered[key] ?? ''}
      onChangeText={(text) => setEntered({ ...entered, [key]: text })}
    />
  );
  return (
    <View className="gap-3">
      <Choice
        label={w.map}
        value={by}
        options={[
          { value: 'rows', label: w.byRows },
          { value: 'circle', label: w.byCircle },
        ]}
        onChange={setBy}
      />
      {by === 'rows' ? (
        <>
          {field('rows', w.rows)}
          {field('columns', w.columns)}
          {field('alongMm', w.along)}
          {field('acrossMm', w.across)}
        </>
      ) : (
        <>
          {field('count', w.count)}
          {field('diaMm', w.diameter)}
          {field('fromDeg', w.firstAt)}
        </>
      )}
      {made instanceof ReckoningFault ? (
        tried ? (
          <Faults faults={[{ at: '', says: faultInWords(made), bars: true }]} />
        ) : null
      ) : (
        <HeadMap
          set={{ ...made, map: { ...made.map, seenFrom: '' }, instances: ['1'] }}
          bolts={[]}
          currentId={null}
          nextId={null}
          label={w.map}
        />
      )}
      <Button
        label={w.make}
        onPress={() => {
          setTried(true);
          if (made instanceof ReckoningFault) return;
          onMade(made, by === 'rows' ? boresBetween(made.fasteners, cylinders) : []);
        }}
      />
      <Small>{w.nudgeHint}</Small>
    </View>
  );
}

function tryToMake(
  by: 'rows' | 'circle',
  number: (key: string) => number,
): MadeMap | ReckoningFault {
  try {
    return by === 'rows'
      ? mapFromRows({
          rows: number('rows'),
          columns: number('columns'),
          alongMm: number('alongMm'),
          acrossMm: number('acrossMm'),
        })
      : mapFromCircle({
          count: number('count'),
          diaMm: number('diaMm'),
          fromDeg: number('fromDeg') || 0,
        });
  } catch (error) {
    if (error instanceof ReckoningFault) return error;
    throw error;
  }
}

/** With a column of fasteners between each bore and its neighbour, the bores stand in the gaps. */
function boresBetween(
  fasteners: readonly SheetFastener[],
  cylinders: readonly number[],
): readonly MapBore[] {
  const columns = [...new Set(fasteners.map((f) => f.xMm))].sort((a, b) => a - b);
  const ys = fasteners.map((f) => f.yMm);
  if (columns.length !== cylinders.length + 1) return [];
  const yMm = (Math.min(...ys) + Math.max(...ys)) / 2;
  return cylinders.map((cylinder, place) => {
    const [from = 0, to = 0] = [columns[place], columns[place + 1]];
    return { cylinder, xMm: (from + to) / 2, yMm, diaMm: Math.round((to - from) * 0.8) };
  });
}
