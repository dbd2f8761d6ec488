import type { Printed } from '@cardinex/core/job/facts/shown';
import type { LinersState } from '@cardinex/core/job/facts/liners';
import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import type { LinerLimits } from '@cardinex/core/block/linerCheck';
import { REACH_MM } from '@cardinex/core/job/reach';
import {
  boreIds,
  boresToRemark,
  boresToSeal,
  linersFinding,
  unreadBores,
} from '@cardinex/core/job/cards/liners/view';
import { fitsLiners } from '@cardinex/core/job/scope';
import { farFromFellows } from '@cardinex/core/quantity/farFromFellows';
import { linerLimitsMm } from '@cardinex/core/sheet/linerStand';
import { heightsOf, type LinerHeights } from '@cardinex/core/sheet/spec/block';
import { cardTitle } from '@cardinex/words/cards/names';
import { linersSentence } from '@cardinex/words/cards/liners';
import { length } from '@cardinex/words/quantity';
import { linersWords as w } from '@cardinex/words/screens';
import { useUnits } from '../../device/preferences';
import { Button } from '../../ui/Button';
import { Mark } from '../../ui/Mark';
import { Body, Heading, Small } from '../../ui/Words';
import { FootMark } from '../job/FootMark';
import { CardFrame } from '../job/CardFrame';
import { EndMark } from '../job/EndMark';
import { LeadOn } from '../job/LeadOn';
import { useJob } from '../job/JobProvider';
import { useEntry } from '../job/useEntry';
import { useOnce } from '../job/useOnce';
import { useUndo } from '../job/useUndo';
import { ReadingEntry, useReadingField } from '../reading/ReadingEntry';
import { AcceptOut } from './AcceptOut';
import { RemarkLiners } from './RemarkLiners';
import { BlockPlan } from './BlockPlan';
import { HeightProfile } from './HeightProfile';
import { LinersBack } from './LinersBack';
import { Places } from './Places';
import { nextPlace, type Place } from './nextPlace';
import { LINERS_ACTS } from './ownActs';

/** Stand-out of every liner: read, seen from above and in profile, checked, accepted. */
export function LinersCard() {
  const { sheet } = useJob();
  const { blockedScreen } = useEntry({ card: 'liners' });
  if (blockedScreen) return blockedScreen;
  const heights = heightsOf(sheet.liners);
  const limits = heights && linerLimitsMm(heights);
  if (!heights || !limits) return null;
  return <StandOut heights={heights} limits={limits} />;
}

/** Liners of one block may differ by this much without anybody wondering. */
const FLOOR_MM = 0.15;

/** Every other reading of the block. */
function fellowsOf({ readings }: LinersState, at: Place): readonly number[] {
  return Object.entries(readings).flatMap(([bore, places]) =>
    Object.entries(places).flatMap(([place, { mm }]) =>
      bore === at.bore && Number(place) === at.place ? [] : [mm],
    ),
  );
}

/** What goes before the heights where the liners were out: placed, marked anew, sealed. */
function BeforeHeights({ toSeal, onSeals }: { toSeal: number | null; onSeals: () => void }) {
  const { jobId, state } = useJob();
  return (
    <>
      <View className="flex-row gap-3 border-b border-rule px-3.5 py-2.5">
        <Button
          label={w.place}
          hint={state.liners.placed ? w.placed : w.placeHint}
          onPress={() => router.push(`/jobs/${jobId}/liners?part=place`)}
          className="flex-1"
        />
        {toSeal !== null ? (
          <Button label={w.seals} hint={w.sealsHint(toSeal)} onPress={onSeals} className="flex-1" />
        ) : null}
      </View>
      {boresToRemark(state.liners).length > 0 ? <RemarkLiners /> : null}
      {toSeal !== null && toSeal > 0 ? (
        <View className="border-b border-rule px-3.5 py-2.5">
          <Mark kind="waiting" word={w.trialFit} />
        </View>
      ) : null}
    </>
  );
}

interface Props {
  readonly heights: LinerHeights;
  readonly limits: LinerLimits;
}

function StandOut({ heights, limits }: Props) {
  const { jobId, sheet, state, record } = useJob();
  const units = useUnits();
  const entry = useReadingField();
  const { undo } = useUndo(LINERS_ACTS, 'liners');
  const sealed = fitsLiners(sheet) && heights.seals !== undefined;
  const toSeal = sealed ? boresToSeal(sheet, state.liners).length : null;
  const [chosen, setChosen] = useState<Place | null>(null);
  const [accepting, setAccepting] = useState(false);
  const at = chosen ?? nextPlace(sheet, state.liners);
  const check = linersFinding(sheet, state.liners);
  const unread = unreadBores(sheet, state.liners);
  const complete = unread.length === 0;
  const within = check?.overall === 'within';
  const accepted = state.liners.accepted;
  const typing = entry.text !== '';

  const save = async (mm: number, printed: Printed): Promise<boolean> => {
    if (!at) return false;
    const problem = await record('liner.read', { bore: at.bore, place: at.place, mm, printed });
    // What was chosen while this was being written stays chosen.
    if (problem === null) setChosen((now) => (now === chosen ? null : now));
    return problem === null;
  };
  const accept = useOnce(async () => {
    if (within) await record('liners.accepted', {});
    else setAccepting(true);
  });
  const toSeals = (): void => router.push(`/jobs/${jobId}/liners?part=seals`);
  const accepts = at === null;
  const main = accepts ? accept : () => entry.handle.current?.keep();
  const placeName = heights.places[at?.place ?? 0] ?? '';
  return (
    <CardFrame
      card="liners"
      title={cardTitle('liners')}
      aside={`${length(limits.lowMm, units)} to ${length(limits.highMm, units)}`}
      back={<LinersBack heights={heights} limits={limits} check={check} />}
      foot={accepted ? <FootMark kind="within" word={w.accepted} /> : null}
      // Accepted, and nothing in hand to be read again: the card leads on.
      acts={
        accepted && accepts
          ? null
          : {
              undo,
              confirm: at
                ? { label: w.keep, hint: w.keepHint(at.bore, placeName), onPress: main }
                : toSeal !== null && toSeal > 0
                  ? { label: w.seals, hint: w.sealsHint(toSeal), onPress: toSeals }
                  : {
                      label: within ? w.accept : w.acceptOut,
                      hint: within ? w.acceptHint : w.acceptOutHint,
                      onPress: main,
                      plain: !within,
                    },
              asked: entry.asked,
              typing,
            }
      }
      actBar={<LeadOn from={{ card: 'liners' }} done />}
      slip={accepting ? <AcceptOut onClose={() => setAccepting(false)} /> : null}
    >
      {fitsLiners(sheet) ? <BeforeHeights toSeal={toSeal} onSeals={toSeals} /> : null}
      <View className="px-3 pt-2">
        <View className="flex-row items-center justify-between pb-1">
          <EndMark end={sheet.cylinder1End} />
          <Small>{w.seenFromAbove}</Small>
        </View>
        <BlockPlan
          bores={boreIds(sheet)}
          check={check}
          current={at?.bore ?? null}
          onPress={(bore) => setChosen({ bore, place: 0 })}
        />
        <HeightProfile sheet={sheet} check={check} limits={limits} />
      </View>
      <View className="gap-2 border-t border-rule px-3.5 py-2.5">
        {heights.readWhile ? <Small>{w.readWhile[heights.readWhile]}</Small> : null}
        {at ? (
          <>
            <Places names={heights.places} bore={at.bore} place={at.place} onChoose={setChosen} />
            <ReadingEntry
              label={`${w.liner(at.bore)}, ${placeName}`}
              reachMm={REACH_MM.standOut}
              signed
              beyond={w.beyond}
              isFar={(mm) => farFromFellows(mm, fellowsOf(state.liners, at), FLOOR_MM)}
              standsMm={state.liners.readings[at.bore]?.[at.place]?.mm}
              onRead={save}
              entry={entry}
            />
          </>
        ) : (
          <Small>{w.allReadTap}</Small>
        )}
      </View>
      {check && (complete || check.first) ? (
        <View className="gap-1 border-t border-rule px-3.5 py-2.5" testID="finding">
          {check.first ? (
            <View className="flex-row items-center gap-2">
              <Mark kind="out" />
              <Heading level={3} className="text-body text-red">
                {w.first}
              </Heading>
            </View>
          ) : (
            <Mark kind="within" word={w.within} />
          )}
          <Body>{linersSentence(check, units)}</Body>
        </View>
      ) : null}
    </CardFrame>
  );
}
