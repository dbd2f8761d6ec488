import { router } from 'expo-router';
import { Text, View } from 'react-native';
import { toolStanding, type ToolStanding } from '@cardinex/core/tools/standing';
import type { ToolKind, ToolState } from '@cardinex/core/tools/tool';
import {
  toolKindName,
  toolSpecText,
  toolStandingWord,
  toolsWords as w,
} from '@cardinex/words/tools';
import { searchWords } from '@cardinex/words/search';
import { useTools } from '../../session/queries';
import { Button } from '../../ui/Button';
import type { Verdict } from '@cardinex/drawings/marks/verdict';
import { Mark } from '../../ui/Mark';
import { ListEntry } from '../../ui/list/ListEntry';
import { NotKnown } from '../../ui/list/NotKnown';
import { SearchedList } from '../../ui/list/SearchedList';
import { PageBar } from '../../ui/PageBar';
import { Screen } from '../../ui/Screen';
import { ScreenHeader } from '../../ui/ScreenHeader';
import { useWide } from '../../ui/useWide';
import { Body, Heading, Small } from '../../ui/Words';

const MARKS: Readonly<Record<ToolStanding, Verdict>> = {
  off: 'out',
  overdue: 'out',
  'due-soon': 'waiting',
  good: 'within',
  unchecked: 'ahead',
  retired: 'barred',
};

/** Tools that tell no figure need no check. */
function isChecked(kind: ToolKind): boolean {
  return !['adapter', 'feelers', 'crank-bar', 'rim-mark', 'degree-wheel', 'angle-gauge'].includes(
    kind,
  );
}

export function StandingMark({ tool }: { tool: ToolState }) {
  const standing = toolStanding(tool, new Date().toISOString().slice(0, 10));
  if (standing === 'unchecked' && !isChecked(tool.kind)) return null;
  return <Mark kind={MARKS[standing]} word={toolStandingWord(standing)} size={16} />;
}

/** Its kind, and what it reaches. */
function whatItIs(tool: ToolState): string {
  return `${toolKindName(tool.kind)} · ${toolSpecText(tool)}`;
}

/** Every tool of the shop: what it is, and whether it can be trusted. */
export function CribList() {
  const tools = useTools();
  const wide = useWide();
  const all = (tools.data?.tools ?? []).filter((tool) => !tool.retired);
  const calendar = tools.data?.calendar;
  return (
    <Screen
      wide={wide}
      header={<ScreenHeader title={w.title} hint={w.hint} />}
      actBar={
        <PageBar
          onBack={() => router.replace('/')}
          confirm={{ label: w.enter, onPress: () => router.push('/tools/new') }}
        />
      }
    >
      <NotKnown of={tools} />
      {tools.data && all.length === 0 ? (
        <View className="rounded-lg bg-card p-4">
          <Body>{w.none}</Body>
        </View>
      ) : null}
      <SearchedList
        items={all}
        keyOf={(tool) => tool.id}
        textOf={(tool) => [tool.name, whatItIs(tool)].join(' ')}
        hint={searchWords.tools}
        columns={2}
        draw={(tool) => (
          <ListEntry href={`/tools/${tool.id}`}>
            <View className="flex-row items-center justify-between gap-3">
              <Heading level={2} className="shrink text-heading">
                {tool.name}
              </Heading>
              <StandingMark tool={tool} />
            </View>
            <Small className="text-note">{whatItIs(tool)}</Small>
          </ListEntry>
        )}
      />
      {calendar ? (
        <View className="gap-2 rounded-lg bg-card p-3.5">
          <Button label={w.calendar} onPress={() => window.location.assign(calendar)} />
          <Small>{w.calendarFeed}</Small>
          <Text selectable className="break-all font-text text-fine text-ink">
            {window.location.origin}
            {calendar}
          </Text>
        </View>
      ) : null}
    </Screen>
  );
}
