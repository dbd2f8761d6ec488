import { router } from 'expo-router';
import { useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import type { DocumentFault } from '@cardinex/contract/faults';
import { entryWords } from '@cardinex/words/sheets/entry';
import { sheetsWords as w } from '@cardinex/words/sheets/screen';
import { searchWords } from '@cardinex/words/search';
import { useSheets } from '../../session/queries';
import { useBench } from '../../session/SessionProvider';
import { Button } from '../../ui/Button';
import { Mark } from '../../ui/Mark';
import { ListEntry } from '../../ui/list/ListEntry';
import { NotKnown } from '../../ui/list/NotKnown';
import { SearchedList } from '../../ui/list/SearchedList';
import { PageBar } from '../../ui/PageBar';
import { Screen } from '../../ui/Screen';
import { ScreenHeader } from '../../ui/ScreenHeader';
import { useWide } from '../../ui/useWide';
import { Body, Heading, Small } from '../../ui/Words';
import { FaultList } from './entry/DraftPage';
import { allDrafts, begin, type Draft } from './drafts';
import { importFile, type Imported } from './importFile';

/** Every sheet of the shop, the drafts on this device, and the ways to get another. */
export function SheetList() {
  const shop = useSheets();
  const sheets = shop.data?.sheets ?? [];
  const { member } = useBench();
  const wide = useWide();
  const [drafts, setDrafts] = useState<readonly Draft[]>([]);
  const [imported, setImported] = useState<Imported | null>(null);
  const file = useRef<HTMLInputElement>(null);
  useEffect(() => {
    void allDrafts().then(setDrafts);
  }, []);
  const read = (chosen: File | undefined): void => {
    if (chosen) void importFile(chosen, member.id).then(setImported);
  };
  return (
    <Screen
      wide={wide}
      header={<ScreenHeader title={w.title} hint={w.hint} />}
      actBar={
        <PageBar onBack={() => router.replace('/')}>
          <Button
            label={w.importFile}
            hint={w.importHint}
            kind="bench"
            tall
            onPress={() => file.current?.click()}
            className="flex-1"
          />
          <Button
            label={w.enter}
            kind="expected"
            tall
            onPress={() => router.push('/sheets/new')}
            className="flex-1"
          />
        </PageBar>
      }
    >
      <input
        ref={file}
        type="file"
        accept="application/json,.json"
        aria-label={w.importFile}
        hidden
        onChange={(event) => {
          read(event.target.files?.[0]);
          event.target.value = '';
        }}
      />
      {imported ? <ImportAnswer imported={imported} /> : null}
      {drafts.length > 0 ? (
        <View className="pb-3">
          <Small className="pb-2 text-bench-soft">{w.drafts}</Small>
          {drafts.map(({ id, document }) => (
            <Entry
              key={id}
              href={`/sheets/draft/${id}`}
              title={typeof document.name === 'string' ? document.name : entryWords.unnamed}
              hint={String(document.description ?? '')}
              aside={w.revision(Number(document.revision) || 1)}
              draft
            />
          ))}
        </View>
      ) : null}
      <NotKnown of={shop} />
      {shop.data && sheets.length === 0 ? (
        <View className="rounded-lg bg-card p-4">
          <Body>{w.none}</Body>
        </View>
      ) : null}
      <SearchedList
        items={sheets}
        keyOf={({ sheet }) => sheet.id}
        textOf={({ sheet }) => `${sheet.name} ${sheet.description}`}
        hint={searchWords.sheets}
        columns={2}
        draw={({ sheet }) => (
          <Entry
            href={`/sheets/${sheet.id}`}
            title={sheet.name}
            hint={sheet.description}
            aside={w.revision(sheet.revision)}
          />
        )}
      />
    </Screen>
  );
}

function Entry({
  href,
  title,
  hint,
  aside,
  draft = false,
}: {
  href: string;
  title: string;
  hint: string;
  aside: string;
  draft?: boolean;
}) {
  return (
    <ListEntry href={href}>
      <View className="flex-row items-baseline justify-between gap-3">
        <Heading level={2} className="shrink text-title">
          {title}
        </Heading>
        <Small>{aside}</Small>
      </View>
      <View className="flex-row items-center justify-between gap-3">
        <Small className="shrink text-note">{hint}</Small>
        {draft ? <Mark kind="leftOpen" word={entryWords.draft} size={14} /> : null}
      </View>
    </ListEntry>
  );
}

function ImportAnswer({ imported }: { imported: Imported }) {
  if (imported.kind === 'published') {
    return (
      <View className="mb-3 rounded-lg bg-card p-3.5" role="status">
        <Mark kind="within" word={w.imported(imported.names)} />
      </View>
    );
  }
  const faults: readonly DocumentFault[] =
    imported.kind === 'refused'
      ? imported.faults
      : [
          {
            at: '',
            says: imported.kind === 'not-json' ? w.notJson : entryWords.noNetwork,
            bars: true,
          },
        ];
  const { document } = imported;
  return (
    <View>
      <FaultList title={w.notPublished} faults={faults} />
      {document ? (
        <View className="mb-3">
          <Button
            label={w.openAsDraft}
            onPress={() => void begin(document).then((id) => router.push(`/sheets/draft/${id}`))}
          />
        </View>
      ) : null}
    </View>
  );
}
