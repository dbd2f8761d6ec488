import { CAME_WITH, type Layer, type Point } from '@cardinex/core/job/facts/layers';
import { router } from 'expo-router';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { View } from 'react-native';
import { v7 as uuidv7 } from 'uuid';
import { readSheet } from '@cardinex/contract/sheets/readSheet';
import { barsLayer } from '@cardinex/core/job/decideLayers';
import { withPoints } from '@cardinex/core/job/differences';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { saysTheSame } from '@cardinex/core/sheet/saysTheSame';
import { variantOf } from '@cardinex/core/sheet/variants';
import { cameWithNames, layerWords as w } from '@cardinex/words/jobSheet';
import { shared } from '@cardinex/words/screens';
import { sheetFindingSentence } from '@cardinex/words/sheets/findings';
import { saidShort, saidWhere } from '@cardinex/words/sheets/places';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { useRefusal } from '../../ui/Refusal';
import { PageBar } from '../../ui/PageBar';
import { Mark } from '../../ui/Mark';
import { Notice } from '../../ui/Notice';
import { useWriting, Written } from '../../ui/Written';
import { Body, Heading, Small } from '../../ui/Words';
import { CardFrame } from '../job/CardFrame';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';
import { EditedDocument } from '../sheets/entry/DraftContext';
import { NodeField } from '../sheets/entry/NodeField';
import { PlacePicker } from '../sheets/entry/PlacePicker';
import { valueAt, withValue, type Path } from '@cardinex/core/sheet/draftPath';
import { placesOf, type SheetPlace } from '../sheets/entry/places';
import { dropLayerDraft, getLayerDraft, keepLayerDraft, type LayerDraft } from './layerDraft';
import { isLikely } from './likelyPlaces';

/** Enters what came with the parts, or what was done to the engine, beside what the sheet says. */
export function LayerEntry({ kind }: { kind: Layer['kind'] }) {
  const { jobId } = useJob();
  const [draft, setDraft] = useState<LayerDraft | null>(null);
  const { failed, follow } = useWriting();
  useEffect(() => {
    void getLayerDraft(jobId, kind).then(setDraft);
  }, [jobId, kind]);
  const change = useCallback(
    (make: (before: LayerDraft) => Partial<LayerDraft>) =>
      setDraft((before) => {
        if (!before) return before;
        const next = { ...before, ...make(before) };
        follow(keepLayerDraft(jobId, kind, next));
        return next;
      }),
    [jobId, kind, follow],
  );
  return draft ? (
    <Written failed={failed}>
      <Entry kind={kind} draft={draft} change={change} />
    </Written>
  ) : (
    <Notice text={shared.loading} />
  );
}

interface EntryProps {
  readonly kind: Layer['kind'];
  readonly draft: LayerDraft;
  /** From the draft as it is by then: two fields may change in one breath. */
  readonly change: (make: (before: LayerDraft) => Partial<LayerDraft>) => void;
}

function Entry({ kind, draft, change }: EntryProps) {
  const { jobId, pinned, state, record } = useJob();
  const base = variantOf(pinned, state.variant);
  const places = useMemo(() => placesOf(base), [base]);
  const picked = draft.points.flatMap(({ at }) => places.find(({ place }) => place === at) ?? []);
  const document = useMemo(() => laidOver(base, places, draft), [base, places, draft]);
  const points: readonly Point[] = picked.map(({ place, path }) => ({
    at: place,
    to: valueAt(document, path),
  }));
  const [tried, setTried] = useState(false);
  const refused = useRefusal();
  const findFaults = (): readonly string[] => {
    const unsaid = picked.filter(({ path }) => valueAt(document, path) === undefined);
    return unsaid.length > 0
      ? unsaid.map(({ label }) => w.needValue(label))
      : faultsOf(base, points);
  };
  // The whole sheet is read for them: not at every letter, before anyone has asked.
  const faults = tried ? findFaults() : [];
  const isLeaflet = kind === 'leaflet';
  const title = draft.title.trim();
  const set = useCallback(
    (path: Path, to: unknown) =>
      change((before) => {
        const changed = withValue(laidOver(base, places, before), path, to);
        const given = ({ at }: LayerDraft['points'][number]): unknown => {
          const place = places.find((entry) => entry.place === at);
          return place && valueAt(changed, place.path);
        };
        return { points: before.points.map((point) => ({ at: point.at, to: given(point) })) };
      }),
    [base, places, change],
  );
  const complete = title !== '' && (!isLeaflet || (draft.cameWith !== null && points.length > 0));
  const save = useOnce(async () => {
    setTried(true);
    const [fault] = complete ? findFaults() : [w.layerIncomplete];
    if (fault !== undefined) return refused.say(fault);
    const id = uuidv7();
    const refusal =
      isLeaflet && draft.cameWith
        ? await record('leaflet.entered', { leaflet: id, title, cameWith: draft.cameWith, points })
        : await record('deviation.entered', { deviation: id, title, points });
    if (refusal !== null) return;
    await dropLayerDraft(jobId, kind);
    router.replace(`/jobs/${jobId}/sheet`);
  });
  const cancel = (): void => router.replace(`/jobs/${jobId}/sheet`);
  return (
    <CardFrame
      card="sheet"
      title={isLeaflet ? w.leaflet : w.deviation}
      aside={base.name}
      actBar={
        <PageBar
          onBack={cancel}
          onCard
          confirm={{ label: isLeaflet ? w.keepLeaflet : w.keepDeviation, onPress: save }}
        />
      }
    >
      <View className="gap-4 p-3.5">
        <Field
          label={isLeaflet ? w.leafletTitle : w.deviationTitle}
          hint={isLeaflet ? w.leafletTitleHint : w.deviationTitleHint}
          value={draft.title}
          onChangeText={(text) => change(() => ({ title: text }))}
          maxLength={120}
          fault={tried && title === '' ? w.needTitle : undefined}
        />
        {isLeaflet ? (
          <Choice
            label={w.cameWith}
            value={draft.cameWith}
            options={CAME_WITH.map((value) => ({ value, label: cameWithNames[value] }))}
            onChange={(cameWith) => change(() => ({ cameWith }))}
          />
        ) : null}
        {tried && isLeaflet && draft.cameWith === null ? (
          <Mark kind="out" word={w.needCameWith} />
        ) : null}
        <EditedDocument
          id={kind}
          document={document}
          set={set}
          origin={isLeaflet ? 'leaflet' : 'shop'}
          source={title}
        >
          <Heading level={2}>{isLeaflet ? w.says : w.changes}</Heading>
          {picked.map((place) => (
            <Said
              key={place.place}
              place={place}
              to={valueAt(document, place.path)}
              onTakeOut={() =>
                change(({ points: before }) => ({
                  points: before.filter(({ at }) => at !== place.place),
                }))
              }
            />
          ))}
        </EditedDocument>
        {tried && isLeaflet && points.length === 0 ? <Mark kind="out" word={w.needSays} /> : null}
        {faults.map((fault) => (
          <View key={fault} className="flex-row gap-2">
            <Mark kind="out" />
            <Body className="flex-1">{fault}</Body>
          </View>
        ))}
        <View className="gap-2 border-t border-rule pt-3">
          <Heading level={3}>{isLeaflet ? w.add : w.addChange}</Heading>
          <PlacePicker
            places={places}
            taken={draft.points.map(({ at }) => at)}
            likely={({ place }) => isLikely(draft.cameWith, place)}
            onPick={(place) =>
              change(({ points: before }) => ({ points: [...before, begun(place)] }))
            }
          />
        </View>
      </View>
    </CardFrame>
  );
}

/** One figure: what the sheet says, and what is said here. */
function Said({ place, to, onTakeOut }: { place: SheetPlace; to: unknown; onTakeOut: () => void }) {
  const { node, path, label, value } = place;
  return (
    <View className="gap-2 rounded-lg border border-rule p-2.5" testID="said">
      <View className="flex-row items-center justify-between gap-2">
        <Heading level={3} className="shrink">
          {label}
        </Heading>
        <Button label={w.remove} name={`${w.remove}: ${label}`} onPress={onTakeOut} />
      </View>
      <Small>
        {w.sheetSays}: {value === undefined ? w.silent : saidShort(value)}
        {saidWhere(value) === '' ? '' : ` (${saidWhere(value)})`}
      </Small>
      <NodeField node={node} path={path} />
      {to === undefined ? null : value === undefined ? (
        <Mark kind="waiting" word={w.isNew} />
      ) : saysTheSame(value, to) ? (
        <Mark kind="within" word={w.same} />
      ) : (
        <Mark kind="waiting" word={w.differs} />
      )}
    </View>
  );
}

/** A programme or a list begins as the sheet has it, to be changed; anything else is read anew. */
function begun({ place, value, path }: SheetPlace): LayerDraft['points'][number] {
  if (path.at(-1) === 'programme' || Array.isArray(value)) return { at: place, to: value };
  const about = /about=([\w-]+)$/.exec(place)?.[1];
  return about === undefined ? { at: place } : { at: place, to: { about } };
}

/** The sheet as the fields edit it: what was picked as far as it has been given. */
function laidOver(
  base: EngineSheet,
  places: readonly SheetPlace[],
  draft: LayerDraft,
): Readonly<Record<string, unknown>> {
  return draft.points.reduce<unknown>((document, { at, to }) => {
    const place = places.find((entry) => entry.place === at);
    return place ? withValue(document, place.path, to) : document;
  }, base) as Readonly<Record<string, unknown>>;
}

/** What is wrong with it, in words; empty when it can be kept. */
function faultsOf(base: EngineSheet, points: readonly Point[]): readonly string[] {
  const { sheet, faults } = readSheet(withPoints(base, points));
  if (!sheet) return faults.filter(({ bars }) => bars).map(({ at, says }) => `${at}: ${says}`);
  return barsLayer(base, points).map(sheetFindingSentence);
}
