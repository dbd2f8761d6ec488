import type { Layer } from '@cardinex/core/job/facts/layers';
import { router } from 'expo-router';
import { View } from 'react-native';
import type { Difference } from '@cardinex/core/job/differences';
import { layerWords as w } from '@cardinex/words/jobSheet';
import { namedPlaceLabel, saidShort } from '@cardinex/words/sheets/places';
import { Button } from '../../ui/Button';
import type { Verdict } from '@cardinex/drawings/marks/verdict';
import { Mark } from '../../ui/Mark';
import { Body, Heading, Small } from '../../ui/Words';
import { useJob } from '../job/JobProvider';
import { useLayered } from './useLayered';

/** What lies over the sheet on this job, each figure with how it stands to the others. */
export function Layers() {
  const { jobId, state } = useJob();
  const { layers } = state.layers;
  const enter = (kind: Layer['kind']): void => router.push(`/jobs/${jobId}/leaflet?kind=${kind}`);
  return (
    <View className="gap-3 border-t border-rule pt-3">
      <Heading level={2}>{w.title}</Heading>
      {layers.length === 0 ? <Body>{w.none}</Body> : null}
      {layers.map((layer) => (
        <OneLayer key={layer.id} layer={layer} />
      ))}
      <View className="flex-row flex-wrap gap-3">
        <Button
          label={w.enterLeaflet}
          hint={w.enterLeafletHint}
          onPress={() => enter('leaflet')}
          className="min-w-[45%] flex-1"
        />
        <Button
          label={w.enterDeviation}
          hint={w.enterDeviationHint}
          onPress={() => enter('deviation')}
          className="min-w-[45%] flex-1"
        />
      </View>
    </View>
  );
}

function OneLayer({ layer }: { layer: Layer }) {
  const { base, differences, nameOf } = useLayered();
  const { id, kind, title, cameWith, points } = layer;
  return (
    <View className="gap-1 rounded-lg border border-rule p-2.5">
      <Small>{w.layerKind(kind, cameWith)}</Small>
      <Heading level={3}>{title}</Heading>
      {points.map(({ at, to }) => {
        const difference = differences.find(({ place }) => place === at);
        return (
          <View key={at} className="gap-0.5 border-t border-rule pt-1.5">
            <Small>{namedPlaceLabel(base, at)}</Small>
            <Body className="font-strong">{saidShort(to)}</Body>
            {difference ? <Standing difference={difference} of={id} nameOf={nameOf} /> : null}
          </View>
        );
      })}
    </View>
  );
}

interface StandingProps {
  readonly difference: Difference;
  /** Whose line it is. */
  readonly of: string;
  readonly nameOf: (by: string) => string;
}

function Standing({ difference: { standing, stands, decision }, of, nameOf }: StandingProps) {
  const marks: Readonly<Record<typeof standing, readonly [Verdict, string]>> = {
    agrees: ['within', w.agrees],
    adds: ['within', w.adds],
    deviates: stands.by === of ? ['within', w.deviates] : ['barred', w.holds(nameOf(stands.by))],
    open: ['waiting', w.open],
    decided: [stands.by === of ? 'within' : 'barred', w.decided(nameOf(stands.by))],
    nowhere: ['waiting', w.nowhere],
  };
  const [kind, word] = marks[standing];
  return (
    <View className="gap-0.5">
      <Mark kind={kind} word={word} />
      {decision ? <Small>{decision.words}</Small> : null}
    </View>
  );
}
