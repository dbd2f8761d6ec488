import type { GapReading } from '@cardinex/core/job/facts/valves';
import { useRef, useState } from 'react';
import { ScrollView, Text, View } from 'react-native';
import {
  readReadings,
  writeReadings,
  type CsvFault,
} from '@cardinex/contract/readings/readingsCsv';
import {
  ONLY_READING,
  readingTables,
  replacing,
  type ReadingAct,
  type ReadingTable,
} from '@cardinex/core/job/readings';
import { readingName } from '@cardinex/words/overheadNames';
import { length } from '@cardinex/words/quantity';
import { itemName, placeName } from '@cardinex/words/checkNames';
import { readingsWords as w, tableName } from '@cardinex/words/readings';
import { useUnits } from '../../device/preferences';
import { useMemberName } from '../../session/SessionProvider';
import { Ask } from '../../ui/Ask';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Mark } from '../../ui/Mark';
import { Body, Heading, Small } from '../../ui/Words';
import { saveFile } from '../../ui/saveFile';
import { useWide } from '../../ui/useWide';
import { CardFrame } from '../job/CardFrame';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';
import { BarRow } from '../../ui/BarRow';

/** Which button was pressed: what came of it stands by that one. */
type From = 'file' | 'paste';

type Outcome =
  | { readonly asks: readonly ReadingAct[]; readonly replaces: number }
  | { readonly taken: number }
  | { readonly faults: readonly CsvFault[] }
  | { readonly refused: string };

/** Everything measured on the job, as tables; out as CSV, and in from it, all or none. */
export function Readings() {
  const { sheet, state, recordAll } = useJob();
  const nameOf = useMemberName();
  const file = useRef<HTMLInputElement>(null);
  const [pasted, setPasted] = useState('');
  const [outcome, setOutcome] = useState<(Outcome & { readonly from: From }) | null>(null);
  const tables = readingTables(sheet, state);
  const wide = useWide();
  const take = async (text: string, from: From): Promise<void> => {
    const { acts, faults } = readReadings(text, tables);
    if (faults.length > 0) return setOutcome({ faults, from });
    const replaces = replacing(state, acts).length;
    if (replaces > 0) return setOutcome({ asks: acts, replaces, from });
    await takeIn(acts, from);
  };
  const takeIn = async (acts: readonly ReadingAct[], from: From): Promise<void> => {
    const refused = await recordAll(acts);
    if (refused !== null) return setOutcome({ refused, from });
    setPasted('');
    setOutcome({ taken: acts.length, from });
  };
  const takePasted = useOnce(() => take(pasted, 'paste'));
  const whatOf = (shown: Outcome & { readonly from: From }): WhatProps => ({
    outcome: shown,
    onTake: (acts) => void takeIn(acts, shown.from),
    onLeave: () => setOutcome(null),
  });
  const save = (): void => {
    const name = (state.opened?.name ?? 'job').replaceAll(/[^\w-]+/g, '-');
    const csv = new Blob([writeReadings(tables, nameOf)], { type: 'text/csv' });
    saveFile(`${name}-readings.csv`, csv);
  };
  return (
    <CardFrame
      card="record"
      title={w.title}
      aside={sheet.name}
      actBar={
        <View className="gap-2">
          {outcome?.from === 'file' ? (
            <ScrollView className="max-h-[240px] rounded-lg bg-card p-3">
              <What {...whatOf(outcome)} />
            </ScrollView>
          ) : null}
          <BarRow>
            <Button
              label={w.fromFile}
              hint={w.fromFileHint}
              kind="bench"
              tall
              onPress={() => file.current?.click()}
              className="flex-1"
            />
            <Button label={w.save} kind="expected" tall onPress={save} className="flex-1" />
          </BarRow>
        </View>
      }
    >
      <View className="gap-4 p-3.5">
        <input
          ref={file}
          type="file"
          accept=".csv,text/csv"
          aria-label={w.fromFile}
          style={{ display: 'none' }}
          onChange={({ target }) => {
            const [chosen] = target.files ?? [];
            if (chosen) void chosen.text().then((text) => take(text, 'file'));
            target.value = '';
          }}
        />
        {tables.length === 0 ? <Body>{w.none}</Body> : null}
        <View className={wide ? 'flex-row flex-wrap items-start gap-x-6 gap-y-4' : 'gap-4'}>
          {tables.map((table) => (
            <View key={table.card} className={wide ? 'w-[calc(50%-12px)]' : ''}>
              <Table table={table} />
            </View>
          ))}
        </View>
        <View className="gap-2 border-t border-rule pt-3">
          <Field
            label={w.paste}
            hint={w.pasteHint}
            value={pasted}
            onChangeText={setPasted}
            multiline
            numberOfLines={4}
          />
          {outcome?.from === 'paste' ? <What {...whatOf(outcome)} /> : null}
          <Button label={w.take} disabled={pasted.trim() === ''} onPress={takePasted} />
        </View>
      </View>
    </CardFrame>
  );
}

interface WhatProps {
  readonly outcome: Outcome;
  readonly onTake: (acts: readonly ReadingAct[]) => void;
  readonly onLeave: () => void;
}

/** What became of a table: taken in, asked about, or everything that stood in the way. */
function What({ outcome, onTake, onLeave }: WhatProps) {
  if ('asks' in outcome) {
    return (
      <Ask
        asked={{
          text: w.replaces(outcome.replaces),
          more: w.replaceAsk,
          kind: 'waiting',
          yes: { label: w.replaceAll, onPress: () => onTake(outcome.asks) },
          no: { label: w.leaveAll, onPress: onLeave },
          testID: 'stands',
        }}
      />
    );
  }
  if ('taken' in outcome) return <Mark kind="within" word={w.taken(outcome.taken)} />;
  return (
    <View role="alert" className="gap-1.5">
      <Mark kind="out" word={w.notTaken} />
      {'refused' in outcome ? (
        <Body>{outcome.refused}</Body>
      ) : (
        outcome.faults.map(({ line, field, says }) => (
          <Body key={`${line} ${field} ${says}`}>
            {w.line(line)}
            {field === '' ? '' : `, ${field}`} {says}
          </Body>
        ))
      )}
    </View>
  );
}

function Table({ table }: { table: ReadingTable }) {
  const units = useUnits();
  const { sheet } = useJob();
  const { card, check, items, readings, read } = table;
  const cell = (item: string, reading: string): string => {
    const found = read.find((entry) => entry.item === item && entry.reading === reading);
    return found ? length(found.mm, units) : '–';
  };
  const heading = (reading: string): string => {
    if (check) return reading === ONLY_READING ? w.reading : placeName(sheet, check, reading);
    return card === 'valves' ? readingName(reading as GapReading) : reading;
  };
  const title = tableName(sheet, table);
  const names = check ? 'w-[108px]' : 'w-[64px]';
  return (
    <View className="gap-1">
      <Heading level={2}>{title}</Heading>
      <ScrollView
        horizontal
        tabIndex={0}
        role="region"
        aria-label={title}
        contentContainerClassName="min-w-full"
      >
        <View role="table" aria-label={title} className="min-w-full">
          <View role="row" className="flex-row border-b-2 border-ink">
            <Cell text={check ? w.what : w.number} role="columnheader" width={names} />
            {readings.map((reading) => (
              <Cell key={reading} text={heading(reading)} role="columnheader" />
            ))}
          </View>
          {items.map((item) => (
            <View key={item} role="row" className="flex-row border-b border-rule">
              <Cell
                text={check ? itemName(sheet, check, item) : item}
                role="rowheader"
                width={names}
              />
              {readings.map((reading) => (
                <Cell key={reading} text={cell(item, reading)} />
              ))}
            </View>
          ))}
        </View>
      </ScrollView>
    </View>
  );
}

interface CellProps {
  readonly text: string;
  readonly role?: 'cell' | 'columnheader' | 'rowheader';
  readonly width?: string;
}

function Cell({ text, role = 'cell', width = 'min-w-[92px] flex-1' }: CellProps) {
  return (
    <View role={role} className={`min-h-[40px] justify-center px-1 ${width}`}>
      {role === 'cell' ? (
        <Text numberOfLines={1} className="font-head text-body text-ink">
          {text}
        </Text>
      ) : (
        <Small numberOfLines={2}>{text}</Small>
      )}
    </View>
  );
}
