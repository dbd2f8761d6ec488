import { router } from 'expo-router';
import { useEffect, useState } from 'react';
import { Pressable, View } from 'react-native';
import { AnsweredProblem, client } from '@cardinex/contract/client';
import type { DocumentFault } from '@cardinex/contract/faults';
import { entryWords as w, entrySteps } from '@cardinex/words/sheets/entry';
import { placeLabel } from '@cardinex/words/sheets/places';
import { sheetsWords } from '@cardinex/words/sheets/screen';
import { queryClient } from '../../../session/queryClient';
import { useBench } from '../../../session/SessionProvider';
import { Button } from '../../../ui/Button';
import { PageBar } from '../../../ui/PageBar';
import { Mark } from '../../../ui/Mark';
import { Marked } from '../../../ui/Marked';
import { Screen } from '../../../ui/Screen';
import { ScreenHeader } from '../../../ui/ScreenHeader';
import { TabbedCard } from '../../../ui/TabbedCard';
import { useWide } from '../../../ui/useWide';
import { Body, Small } from '../../../ui/Words';
import { useOnce } from '../../job/useOnce';
import { dropDraft } from '../drafts';
import { useDraft } from './DraftContext';
import { NodeField } from './NodeField';
import { sheetSchema } from '@cardinex/contract/sheets/schemaNodes';

/** A sheet being entered: its parts, each begun or not and with what is wrong in it, and the way to publish. */
export function DraftPage({ step, at }: { step: string | undefined; at: string | undefined }) {
  const found = entrySteps.find((entry) => entry.id === step);
  return found ? <Step step={found} at={at} /> : <Parts />;
}

function Parts() {
  const { id, document, read } = useDraft();
  const { member } = useBench();
  const [refused, setRefused] = useState<readonly DocumentFault[]>([]);
  const [unreachable, setUnreachable] = useState(false);
  const [dropping, setDropping] = useState(false);
  const bars = read.faults.filter((fault) => fault.bars);
  const revision = Number(document.revision) || 1;
  const publish = useOnce(async () => {
    setRefused([]);
    setUnreachable(false);
    try {
      const { sheets } = await client.publishSheets({ by: member.id, sheets: [document] });
      await dropDraft(id);
      await queryClient.invalidateQueries({ queryKey: ['sheets'] });
      router.replace(`/sheets/${sheets[0]?.sheet.id ?? ''}`);
    } catch (error) {
      if (!(error instanceof AnsweredProblem)) return setUnreachable(true);
      const { faults, detail, field = '' } = error.problem;
      setRefused(faults ?? [{ at: field, says: detail, bars: true }]);
    }
  });
  const begun = entrySteps.filter((entry) =>
    entry.fields.some((field) => field in document),
  ).length;
  return (
    <Screen
      header={
        <ScreenHeader
          title={typeof document.name === 'string' ? document.name : w.unnamed}
          hint={w.step(begun, entrySteps.length)}
        />
      }
      actBar={
        <PageBar
          onBack={() => router.replace('/sheets')}
          confirm={{
            label: w.publish,
            hint: bars.length > 0 ? w.cannotPublish(bars.length) : w.publishHint(revision),
            disabled: bars.length > 0,
            onPress: publish,
          }}
        />
      }
    >
      {unreachable ? (
        <View className="mb-3 rounded-lg bg-card p-3.5">
          <Mark kind="waiting" word={w.noNetwork} />
        </View>
      ) : null}
      <FaultList title={sheetsWords.notPublished} faults={refused} />
      <View className="gap-3">
        {entrySteps.map((item) => {
          const faults = read.faults.filter((fault) => belongsTo(fault.at, item.fields));
          const wrong = faults.filter((fault) => fault.bars).length;
          const started = item.fields.some((field) => field in document);
          return (
            <Button
              key={item.id}
              label={item.title}
              hint={
                wrong > 0
                  ? w.cannotPublish(wrong)
                  : faults.length > 0
                    ? w.worthALook(faults.length)
                    : started
                      ? w.begun
                      : w.notBegun
              }
              tall
              onPress={() => router.push(`/sheets/draft/${id}?step=${item.id}`)}
            />
          );
        })}
      </View>
      <View className="mt-3">
        <TabbedCard tab={w.all}>
          {read.faults.length === 0 ? <Mark kind="within" word={w.nothing} /> : null}
          {read.faults.map(({ at, says, bars: barring }) => {
            const where = entrySteps.find((each) => belongsTo(at, each.fields));
            return (
              <Pressable
                key={at + says}
                role="link"
                disabled={!where}
                onPress={() =>
                  router.push(
                    `/sheets/draft/${id}?step=${where?.id ?? ''}&at=${encodeURIComponent(at)}`,
                  )
                }
                className="min-h-[56px] flex-row gap-2 py-1 active:opacity-70"
              >
                <View className="pt-1">
                  <Mark kind={barring ? 'out' : 'waiting'} />
                </View>
                <View className="flex-1">
                  <Body>{says}</Body>
                  <Small>{pathLabel(document, at)}</Small>
                </View>
              </Pressable>
            );
          })}
        </TabbedCard>
        {dropping ? (
          <View className="gap-2 rounded-lg bg-card p-3.5">
            <Body>{w.dropSure}</Body>
            <View className="flex-row gap-3">
              <Button label={w.keep} onPress={() => setDropping(false)} className="flex-1" />
              <Button
                label={w.drop}
                kind="stop"
                onPress={() => void dropDraft(id).then(() => router.replace('/sheets'))}
                className="flex-1"
              />
            </View>
          </View>
        ) : (
          <Button label={w.drop} kind="bench" onPress={() => setDropping(true)} />
        )}
      </View>
    </Screen>
  );
}

export function FaultList({ title, faults }: { title: string; faults: readonly DocumentFault[] }) {
  if (faults.length === 0) return null;
  return (
    <View className="mb-3 gap-1.5 rounded-lg bg-card p-3.5" role="alert">
      <Body className="font-strong">{title}</Body>
      {faults.map(({ at, says, bars }) => (
        <Marked key={at + says} kind={bars ? 'out' : 'waiting'}>
          <Body>{says}</Body>
          <Small>{at}</Small>
        </Marked>
      ))}
    </View>
  );
}

/** Brings the field at a place into sight, or whatever holds it. */
function useGoneTo(at: string | undefined): void {
  useEffect(() => {
    let place = at ?? '';
    while (place !== '') {
      const field = window.document.getElementById(place);
      if (field) return field.scrollIntoView({ block: 'center' });
      place = place.replace(/(\.[^.[]+|\[\d+\])$|^[^.[]+$/, '');
    }
  }, [at]);
}

/** A place as the checks write it, in the words of the screen. */
function pathLabel(document: unknown, at: string): string {
  return placeLabel(document, `/${at.replaceAll(/\[(\d+)\]/g, '.$1').replaceAll('.', '/')}`);
}

function belongsTo(at: string, fields: readonly string[]): boolean {
  const first = /^[^.[]+/.exec(at)?.[0] ?? '';
  return fields.includes(first);
}

function Step({ step, at }: { step: (typeof entrySteps)[number]; at: string | undefined }) {
  const { id } = useDraft();
  useGoneTo(at);
  const wide = useWide();
  const place = entrySteps.indexOf(step);
  const next = entrySteps[place + 1];
  const { properties = {}, required = [] } = sheetSchema();
  const go = (to: string): void => router.replace(`/sheets/draft/${id}${to}`);
  return (
    <Screen
      wide={wide}
      header={<ScreenHeader title={step.title} hint={`${place + 1} / ${entrySteps.length}`} />}
      actBar={
        <View className="mx-auto w-full max-w-[760px] flex-row gap-3">
          <Button label={w.parts} kind="bench" tall onPress={() => go('')} className="flex-1" />
          <Button
            label={next?.title ?? w.parts}
            kind="expected"
            tall
            onPress={() => go(next ? `?step=${next.id}` : '')}
            className="min-w-[8rem] flex-[2]"
          />
        </View>
      }
    >
      <View className="mx-auto w-full max-w-[760px] gap-4 rounded-lg bg-card p-4">
        {step.fields.map((field) => (
          <NodeField
            key={field}
            node={properties[field] ?? {}}
            path={[field]}
            optional={!required.includes(field) && step.fields.length > 1}
          />
        ))}
      </View>
    </Screen>
  );
}
