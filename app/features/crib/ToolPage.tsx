import { useShopTime } from '../../session/useShopTime';
import { useQuery } from '@tanstack/react-query';
import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { client } from '@cardinex/contract/client';
import { leavesLeft, type ToolState } from '@cardinex/core/tools/tool';
import { lengthFigure } from '@cardinex/words/quantity';
import { shared } from '@cardinex/words/screens';
import { toolActLine, toolKindName, toolSpecText, toolsWords as w } from '@cardinex/words/tools';
import { useMemberName } from '../../session/SessionProvider';
import { useTools } from '../../session/queries';
import { Button } from '../../ui/Button';
import { GoTo } from '../../ui/GoTo';
import { Mark } from '../../ui/Mark';
import { PageBar } from '../../ui/PageBar';
import { Notice } from '../../ui/Notice';
import { Screen } from '../../ui/Screen';
import { ScreenHeader } from '../../ui/ScreenHeader';
import { TabbedCard } from '../../ui/TabbedCard';
import { Body, Small } from '../../ui/Words';
import { CheckForm } from './CheckForm';
import { StandingMark } from './CribList';
import { WordsForm } from './WordsForm';
import { useToolAct } from './useToolAct';

/** One tool: how it stands, its checks, and, when it is off, what was done with it. */
export function ToolPage({ id }: { id: string }) {
  const { date } = useShopTime();
  const tools = useTools();
  const tool = tools.data?.tools.find((entry) => entry.id === id);
  const log = useQuery({ queryKey: ['tool', id], queryFn: () => client.tool(id) });
  const nameOf = useMemberName();
  const { record, problem } = useToolAct(id);
  const [doing, setDoing] = useState<'check' | 'off' | 'retire' | null>(null);
  if (!tool) {
    return (
      <Notice
        text={tools.isPending ? shared.loading : shared.notFound}
        action={w.title}
        onAction={() => router.replace('/tools')}
      />
    );
  }
  return (
    <Screen
      header={
        <ScreenHeader
          title={tool.name}
          hint={`${toolKindName(tool.kind)} · ${toolSpecText(tool)}`}
        />
      }
      actBar={
        <PageBar onBack={() => router.replace('/tools')}>
          <Button
            label={w.foundOff}
            kind="bench"
            tall
            disabled={tool.retired !== null}
            onPress={() => setDoing('off')}
            className="flex-1"
          />
          <Button
            label={w.check}
            kind="expected"
            tall
            disabled={tool.retired !== null}
            onPress={() => setDoing('check')}
            className="flex-1"
          />
        </PageBar>
      }
    >
      {problem === null ? null : (
        <View className="mb-3 rounded-lg bg-card p-3.5" role="alert">
          <Mark kind="out" word={problem} />
        </View>
      )}
      {doing === 'check' ? (
        <CheckForm
          tool={tool}
          onClose={() => setDoing(null)}
          onKeep={(check) => record('tool.checked', check)}
        />
      ) : null}
      {doing === 'off' ? (
        <WordsForm
          label={w.foundOff}
          hint={w.foundOffHint}
          keep={w.keepOff}
          onClose={() => setDoing(null)}
          onKeep={(words) => record('tool.found-off', { words })}
        />
      ) : null}
      {doing === 'retire' ? (
        <WordsForm
          label={w.retire}
          hint={w.retireHint}
          keep={w.retire}
          onClose={() => setDoing(null)}
          onKeep={async (words) => {
            const stored = await record('tool.retired', { words });
            if (stored) router.replace('/tools');
            return stored;
          }}
        />
      ) : null}
      <TabbedCard tab={tool.name} aside={null}>
        <StandingMark tool={tool} />
        {tool.off ? <Body>{tool.off.words}</Body> : null}
        {tool.kind === 'feelers' ? (
          <Leaves
            tool={tool}
            onLost={(mm) => void record('leaf.lost', { mm })}
            onBack={(mm) => void record('leaf.replaced', { mm })}
          />
        ) : null}
      </TabbedCard>
      {tool.off ? <Suspects id={id} /> : null}
      <TabbedCard tab={w.log}>
        {(log.data?.log ?? []).map((act) => {
          const { what, words } = toolActLine(act);
          return (
            <View key={act.id} className="border-b border-rule py-1.5">
              <Body>{what}</Body>
              {words ? <Small>{words}</Small> : null}
              <Small>
                {date(act.at)}, {nameOf(act.by)}
              </Small>
            </View>
          );
        })}
      </TabbedCard>
      <Button label={w.retire} kind="bench" onPress={() => setDoing('retire')} />
    </Screen>
  );
}

/** The leaves of a set, each lost or there. */
function Leaves({
  tool,
  onLost,
  onBack,
}: {
  tool: ToolState;
  onLost: (mm: number) => void;
  onBack: (mm: number) => void;
}) {
  if (tool.kind !== 'feelers') return null;
  const { unit } = tool.spec;
  const left = leavesLeft(tool);
  return (
    <View className="gap-2 pt-2">
      <Small>{w.leafLost}</Small>
      <View className="flex-row flex-wrap gap-2">
        {left.map((mm, place) => (
          <Button
            key={`${mm}-${place}`}
            label={lengthFigure(mm, unit)}
            onPress={() => onLost(mm)}
            className="min-w-[22%]"
          />
        ))}
        {tool.lostMm.map((mm, place) => (
          <Button
            key={`lost-${mm}-${place}`}
            label={lengthFigure(mm, unit)}
            hint={w.lost}
            kind="stop"
            onPress={() => onBack(mm)}
            className="min-w-[22%]"
          />
        ))}
      </View>
    </View>
  );
}

/** Everything done with a tool since its last good check, to be looked at again. */
function Suspects({ id }: { id: string }) {
  const { date, timeOfDay } = useShopTime();
  const suspect = useQuery({
    queryKey: ['tool', id, 'suspect'],
    queryFn: () => client.suspect(id),
  });
  const acts = suspect.data?.acts ?? [];
  return (
    <TabbedCard tab={w.suspect}>
      {suspect.data && acts.length === 0 ? <Body>{w.noSuspect}</Body> : null}
      {acts.map(({ job, name, at, what, value }) => (
        <GoTo
          key={`${job}-${at}-${what}`}
          href={`/jobs/${job}/record`}
          className="min-h-[56px] border-b border-rule py-1.5"
        >
          <View className="flex-row justify-between gap-3">
            <Body className="shrink">
              {name}: {what}
            </Body>
            <Body className="font-strong">{value}</Body>
          </View>
          <Small>{`${date(at)}, ${timeOfDay(at)}`}</Small>
        </GoTo>
      ))}
    </TabbedCard>
  );
}
