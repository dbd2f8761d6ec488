import { useQuery } from '@tanstack/react-query';
import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { client } from '@cardinex/contract/client';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import type { VariantQuestion } from '@cardinex/core/sheet/spec/variants';
import { overheadFor } from '@cardinex/core/sheet/barringOf';
import { settingItems } from '@cardinex/core/sheet/settingItems';
import { differencesOf } from '@cardinex/core/sheet/variants';
import { timingWords } from '@cardinex/words/cards/timing';
import { valvesScreen } from '@cardinex/words/cards/valves';
import { stackWords } from '@cardinex/words/stack';
import { endName } from '@cardinex/words/quantity';
import { differenceText } from '@cardinex/words/sheets/differences';
import { sheetSections } from '@cardinex/words/sheets/sections/sheetSections';
import { sheetsWords as w } from '@cardinex/words/sheets/screen';
import { shared } from '@cardinex/words/screens';
import { useSheets } from '../../session/queries';
import { Button } from '../../ui/Button';
import { GoTo } from '../../ui/GoTo';
import { PageBar } from '../../ui/PageBar';
import { Notice } from '../../ui/Notice';
import { Screen } from '../../ui/Screen';
import { ScreenHeader } from '../../ui/ScreenHeader';
import { TabbedCard } from '../../ui/TabbedCard';
import { useWide } from '../../ui/useWide';
import { Body, Small } from '../../ui/Words';
import { WheelsDrawing } from '../timing/WheelsDrawing';
import { TurnAndSee } from '../valves/barring/TurnAndSee';
import { saveFile } from '../../ui/saveFile';
import { AssemblyCard } from './AssemblyCard';
import { LayoutDrawing } from './LayoutDrawing';
import { SectionCard } from './SectionCard';
import { SetCard } from './SetCard';
import { WindowsChart } from './WindowsChart';
import { beginDraft } from './drafts';

/** One sheet to read: what a mechanic scans with one hand on the engine. */
export function SheetPage({ id, revision }: { id: string; revision: number | undefined }) {
  const sheets = useSheets();
  const wide = useWide();
  const [busy, setBusy] = useState(false);
  const newest = sheets.data?.sheets.find((entry) => entry.sheet.id === id);
  const wanted = revision !== undefined && revision !== newest?.sheet.revision;
  const older = useQuery({
    queryKey: ['sheet', id, revision],
    queryFn: () => client.revision(id, revision ?? 1),
    enabled: wanted,
  });
  const found = wanted ? older.data : newest;
  if (!found) {
    return (
      <Notice
        text={sheets.isPending || (wanted && older.isPending) ? shared.loading : shared.notFound}
        action={w.title}
        onAction={() => router.replace('/sheets')}
      />
    );
  }
  const { sheet } = found;
  const [engine, ...sections] = sheetSections(sheet);
  const edit = (as: 'revision' | 'copy'): void => {
    setBusy(true);
    void beginDraft(sheet, as).then((draft) => router.push(`/sheets/draft/${draft}`));
  };
  const download = (): void =>
    saveFile(
      `${sheet.id}-rev-${sheet.revision}.json`,
      new Blob([JSON.stringify(sheet, null, 2)], { type: 'application/json' }),
    );
  const openDrawings = (): void =>
    void window.open(
      `/api/sheets/${sheet.id}/${sheet.revision}/drawings.pdf`,
      '_blank',
      'noopener',
    );
  const sets = (sheet.fastenedSets ?? []).map((set) => (
    <View key={set.id} nativeID={`set-${set.id}`}>
      <SetCard sheet={sheet} set={set} />
    </View>
  ));
  const together = (
    <View nativeID="together">
      <AssemblyCard sheet={sheet} wide={wide} />
    </View>
  );
  const windows = sheet.overhead?.camEvents ? (
    <TabbedCard tab={w.windows}>
      <WindowsChart sheet={sheet} />
      <Small>{w.windowsHint}</Small>
    </TabbedCard>
  ) : null;
  const overhead = overheadFor(sheet, settingItems(sheet));
  const turning =
    typeof overhead === 'string' || !sheet.rotation ? null : (
      <TabbedCard tab={valvesScreen.turnAndSee}>
        <TurnAndSee sheet={sheet} overhead={overhead} rotation={sheet.rotation} />
      </TabbedCard>
    );
  const { timing } = sheet;
  const wheels = timing?.wheels ? (
    <TabbedCard tab={timingWords.marksDrawn}>
      <WheelsDrawing
        timing={timing}
        standing={() => 'open'}
        said={timingWords.marksAre(timing.marks)}
      />
      {timing.seenFrom ? <Small>{timingWords.seenFrom(endName(timing.seenFrom))}</Small> : null}
    </TabbedCard>
  ) : null;
  const variants = (sheet.variants ?? []).map((question) => (
    <VariantCard key={question.id} sheet={sheet} question={question} />
  ));
  const rest = sections.map((section) => (
    <View key={section.title} nativeID={`part-${section.title}`}>
      <SectionCard section={section} />
    </View>
  ));
  const plate = (
    <TabbedCard tab={sheet.name}>
      <View className="gap-3">
        <LayoutDrawing sheet={sheet} />
        <Small>{sheet.manual}</Small>
        {sheet.note === undefined ? null : (
          <Small>
            {w.revision(sheet.revision)}: {sheet.note}
          </Small>
        )}
        {sheet.sister === undefined ? null : (
          <GoTo href={`/sheets/${sheet.sister}`} replace className="min-h-[56px] justify-center">
            <Body className="underline">{w.sister}</Body>
          </GoTo>
        )}
        <View className="no-print flex-row flex-wrap gap-3">
          <Button
            label={w.change}
            disabled={busy}
            onPress={() => edit('revision')}
            className="min-w-[45%] flex-1"
          />
          <Button
            label={w.copy}
            disabled={busy}
            onPress={() => edit('copy')}
            className="min-w-[45%] flex-1"
          />
          <Button label={w.download} onPress={download} className="min-w-[45%] flex-1" />
          <Button label={w.print} onPress={() => window.print()} className="min-w-[45%] flex-1" />
          <Button
            label={w.drawings}
            hint={w.drawingsHint}
            onPress={openDrawings}
            className="min-w-[45%] flex-1"
          />
        </View>
      </View>
    </TabbedCard>
  );
  const parts = [
    { id: 'together', name: stackWords.title },
    ...(sheet.fastenedSets ?? []).map((set) => ({ id: `set-${set.id}`, name: set.name })),
    ...sections.map(({ title }) => ({ id: `part-${title}`, name: title })),
  ];
  return (
    <Screen
      wide={wide}
      header={
        <ScreenHeader
          title={sheet.name}
          hint={`${sheet.description} · ${w.revision(sheet.revision)}`}
        />
      }
      actBar={
        <PageBar
          onBack={() => router.replace('/sheets')}
          confirm={{ label: w.openJob, onPress: () => router.push(`/jobs/new?sheet=${sheet.id}`) }}
        />
      }
    >
      {wide ? (
        <View className="flex-row items-start gap-3.5">
          <View className="flex-1">
            {plate}
            {together}
            {sets}
            {windows}
            {turning}
            {wheels}
            {variants}
          </View>
          <View className="flex-1">
            {engine ? <SectionCard section={engine} /> : null}
            {rest}
          </View>
        </View>
      ) : (
        <>
          {plate}
          <JumpTo parts={parts} />
          {engine ? <SectionCard section={engine} /> : null}
          {together}
          {sets}
          {windows}
          {turning}
          {wheels}
          {rest}
          {variants}
        </>
      )}
    </Screen>
  );
}

/** A long page on a phone: straight to the part that is wanted. */
function JumpTo({ parts }: { parts: readonly { readonly id: string; readonly name: string }[] }) {
  return (
    <View role="group" aria-label={w.jumpTo} className="no-print mb-3.5 flex-row flex-wrap gap-2">
      {parts.map(({ id, name }) => (
        <Button
          key={id}
          label={name}
          kind="bench"
          onPress={() => document.getElementById(id)?.scrollIntoView({ block: 'start' })}
        />
      ))}
    </View>
  );
}

function VariantCard({ sheet, question }: { sheet: EngineSheet; question: VariantQuestion }) {
  return (
    <TabbedCard tab={w.variants}>
      <Body className="font-strong">{question.ask}</Body>
      {question.options.map((option) => (
        <View key={option.id} className="border-t border-rule py-1.5">
          <Body className="font-strong">{option.name}</Body>
          <Small>
            {[option.seen, option.serials?.from, option.serials?.to].filter(Boolean).join(' – ')}
          </Small>
          {differencesOf(sheet, option).map((difference) => (
            <Body key={difference.at}>{differenceText(sheet, difference)}</Body>
          ))}
          {option.overrides.length === 0 ? <Body>{w.variantSame}</Body> : null}
        </View>
      ))}
    </TabbedCard>
  );
}
