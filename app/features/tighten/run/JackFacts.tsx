import type { RunView, StageView } from '@cardinex/core/job/run/views';
import { figureMm } from '@cardinex/core/quantity/figureMm';
import { nutsOf } from '@cardinex/core/job/run/nuts';
import { readThread } from '@cardinex/core/tightening/screwThread';
import { tensioner } from '@cardinex/core/tightening/tensioner';
import { JACK_LOSS, STEEL_GPA } from '@cardinex/core/tightening/usualJoint';
import { clampForce, nutTravelSentence } from '@cardinex/words/clamp';
import { upTo } from '@cardinex/words/kit';
import { degrees, length } from '@cardinex/words/quantity';
import { tightenScreen as w } from '@cardinex/words/cards/tighten';
import { View } from 'react-native';
import { useUnits } from '../../../device/preferences';
import { Button } from '../../../ui/Button';
import { Marked } from '../../../ui/Marked';
import { Body, Small } from '../../../ui/Words';
import { useJob } from '../../job/JobProvider';
import { useOnce } from '../../job/useOnce';

/** What this pressure does to a stud, and how far its nut should follow. */
export function JackFacts({ view, bar }: { view: RunView; bar: number }) {
  const units = useUnits();
  const { tensioner: spec, groups } = view.set;
  const thread = readThread(groups[0]?.thread ?? '');
  if (!spec || !thread) return null;
  const found = tensioner({
    pressureBar: bar,
    areaMm2: spec.areaMm2,
    studMm: figureMm(spec.stud),
    stretchLengthMm: figureMm(spec.stretchLength),
    modulusGpa: STEEL_GPA,
    pitchMm: thread.pitchMm,
    transferLoss: JACK_LOSS,
    ...(spec.holesPerTurn !== undefined && { holesPerTurn: spec.holesPerTurn }),
  });
  return (
    <View className="border-t border-rule px-3.5 py-2" testID="jack">
      <Body>
        {w.jackDoes(
          clampForce(found.jackLoadKn),
          length(found.stretchMm, units),
          degrees(Math.round(found.nutTurnDeg)),
          found.holes === undefined ? undefined : upTo(found.holes, 1),
        )}
      </Body>
      <Small>{w.jackAssumed}</Small>
    </View>
  );
}

/** The nuts of a pressure that has just been closed: the odd one is called out, and tensioned again. */
export function NutTravel({ view }: { view: RunView }) {
  const stage = view.stages.findLast((entry) => entry.closed && entry.stage.kind === 'hydraulic');
  const found = stage && nutsOf(view, stage);
  if (!found || found.findings.join() === 'alike') return null;
  const odd = found.nuts.filter(({ verdict }) => verdict === 'odd');
  const numberOf = (id: string): string =>
    view.set.fasteners.find((fastener) => fastener.id === id)?.number ?? id;
  const named = { ...found, nuts: found.nuts.map((nut) => ({ ...nut, id: numberOf(nut.id) })) };
  return (
    <View className="gap-2 border-b border-rule bg-tab px-3.5 py-2.5" testID="nuts">
      <Marked kind="out">{nutTravelSentence(named)}</Marked>
      {odd.map(({ id, holes }) => (
        <TensionAgain key={id} stage={stage} fastener={id} number={numberOf(id)} holes={holes} />
      ))}
    </View>
  );
}

interface AgainProps {
  readonly stage: StageView;
  readonly fastener: string;
  readonly number: string;
  readonly holes: number;
}

function TensionAgain({ stage, fastener, number, holes }: AgainProps) {
  const { record } = useJob();
  const bolt = stage.bolts.find(({ act }) => act.fastener === fastener);
  const again = useOnce(async () => {
    if (!bolt) return;
    const { key } = bolt.act;
    const words = w.wentHoles(String(holes));
    await record('bolt.failed', { key, pass: bolt.nextPass, fault: 'odd-travel', words });
  });
  return <Button label={w.tensionAgain(number)} onPress={again} />;
}
