import { scopedSheet } from '@cardinex/core/job/scope';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { layeredOn, type Difference, type Layered } from '@cardinex/core/job/differences';
import { withDecision } from '@cardinex/core/job/layers';
import { layerWords as w } from '@cardinex/words/jobSheet';
import { sheetFindingSentence } from '@cardinex/words/sheets/findings';
import { namedPlaceLabel, saidShort, saidWhere } from '@cardinex/words/sheets/places';
import { Choice } from '../../ui/Choice';
import { Mark } from '../../ui/Mark';
import { Body, Heading, Small } from '../../ui/Words';
import { useJob } from '../job/JobProvider';
import { Change } from './Change';
import { useLayered } from './useLayered';

/** Where sheet, leaflets and deviations contradict each other, with every source, until someone decides. */
export function OpenDifferences() {
  const { differences, objections } = useLayered();
  const open = differences.filter(({ standing }) => standing === 'open');
  if (open.length === 0 && objections.length === 0) return null;
  return (
    <View className="gap-3" testID="differences">
      <Mark kind="out" word={w.open} />
      <Small>{w.openHint}</Small>
      {objections.length > 0 ? (
        <View className="gap-1">
          <Body className="font-strong">{w.objections}:</Body>
          <Objections findings={objections} />
        </View>
      ) : null}
      {bySpeakers(open).map((group) => (
        <Group key={speakersOf(group[0]).join(' ')} differences={group} />
      ))}
    </View>
  );
}

function Objections({ findings }: { findings: Layered['objections'] }) {
  return findings.map((finding) => (
    <Body key={finding.at + finding.code}>{sheetFindingSentence(finding)}</Body>
  ));
}

type SomeDifferences = readonly [Difference, ...Difference[]];

function speakersOf({ claims }: Difference): readonly string[] {
  return claims.map(({ by }) => by);
}

/** What the same sources differ about can be decided in one go. */
function bySpeakers(open: readonly Difference[]): readonly SomeDifferences[] {
  const groups = new Map<string, [Difference, ...Difference[]]>();
  for (const difference of open) {
    const key = speakersOf(difference).join(' ');
    const group = groups.get(key);
    if (group) group.push(difference);
    else groups.set(key, [difference]);
  }
  return [...groups.values()];
}

function Group({ differences }: { differences: SomeDifferences }) {
  const { record, sheet, state, now } = useJob();
  const { base, nameOf } = useLayered();
  const [later, setLater] = useState<readonly string[]>([]);
  const [take, setTake] = useState<string | null>(null);
  const among = speakersOf(differences[0]);
  const places = differences.map(({ place }) => place).filter((place) => !later.includes(place));
  const preview = (by: string): Layered =>
    layeredOn(
      base,
      withDecision(state.layers, places, { take: by, among, words: '', by: '', at: now }),
    );
  // What a choice would come to is reckoned once there is one: it checks the whole sheet.
  const after = take === null || places.length === 0 ? null : preview(take);
  const several = differences.length > 1;
  return (
    <View className="gap-3 rounded-lg border-2 border-ink p-2.5">
      {differences.map((difference) => (
        <Claims
          key={difference.place}
          difference={difference}
          label={namedPlaceLabel(base, difference.place)}
          nameOf={nameOf}
          ticked={several ? !later.includes(difference.place) : null}
          onTick={() =>
            setLater(
              later.includes(difference.place)
                ? later.filter((place) => place !== difference.place)
                : [...later, difference.place],
            )
          }
        />
      ))}
      {several ? <Small>{w.ticked}</Small> : null}
      {places.length === 0 ? null : (
        <Choice
          label={w.which}
          value={take}
          options={among.map((by) => ({ value: by, label: nameOf(by) }))}
          onChange={setTake}
        />
      )}
      {take === null || after === null ? null : after.objections.length > 0 ? (
        <View className="gap-1" role="alert">
          <Mark kind="out" word={w.doesNotAddUp} />
          <Objections findings={after.objections} />
        </View>
      ) : (
        <Change
          title={w.holds(nameOf(take))}
          hint=""
          label={w.holds(nameOf(take))}
          after={scopedSheet(after.sheet, sheet.scope)}
          onChange={(words) => record('difference.decided', { places, take, among, words })}
        />
      )}
    </View>
  );
}

interface ClaimsProps {
  readonly difference: Difference;
  readonly label: string;
  readonly nameOf: (by: string) => string;
  /** Null where there is nothing to leave for later. */
  readonly ticked: boolean | null;
  readonly onTick: () => void;
}

/** One place, and what each source says there: the figure large, its source under it. */
function Claims({ difference, label, nameOf, ticked, onTick }: ClaimsProps) {
  const content = (
    <View className={`gap-1.5 ${ticked === false ? 'opacity-60' : ''}`}>
      <View className="flex-row items-center gap-2">
        {ticked === null ? null : <Mark kind={ticked ? 'within' : 'barred'} />}
        <Heading level={3} className="shrink">
          {label}
        </Heading>
      </View>
      <View className="flex-row flex-wrap gap-2.5">
        {difference.claims.map(({ by, value }) => (
          <View key={by} className="min-w-[45%] flex-1 rounded-lg bg-tab p-2.5">
            <Small className="text-ink">{nameOf(by)}</Small>
            <Heading level={2}>{value === undefined ? w.silent : saidShort(value)}</Heading>
            {saidWhere(value) === nameOf(by) ? null : (
              <Small className="text-ink">{saidWhere(value)}</Small>
            )}
          </View>
        ))}
      </View>
    </View>
  );
  return ticked === null ? (
    content
  ) : (
    <Pressable role="checkbox" aria-checked={ticked} aria-label={label} onPress={onTick}>
      {content}
    </Pressable>
  );
}
