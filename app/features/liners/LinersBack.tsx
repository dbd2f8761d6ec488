import { View } from 'react-native';
import type { LinerCheck, LinerLimits } from '@cardinex/core/block/linerCheck';
import type { LinerHeights } from '@cardinex/core/sheet/spec/block';
import { boreSentence, differenceSentence, riseSentence } from '@cardinex/words/cards/liners';
import { linersWords as w } from '@cardinex/words/screens';
import { useUnits } from '../../device/preferences';
import { Marked } from '../../ui/Marked';
import { Body, Heading, Small } from '../../ui/Words';
import { ActLog } from '../job/ActLog';
import { LINERS_ACTS } from './ownActs';

/** Why stand-out matters, every check with its number, where the limits come from, what was read. */
interface Props {
  readonly heights: LinerHeights;
  readonly limits: LinerLimits;
  readonly check: LinerCheck | null;
}

export function LinersBack({ heights, limits, check }: Props) {
  const units = useUnits();
  const { low, high, seals } = heights;
  return (
    <View className="gap-3">
      <View>
        <Heading level={3}>{w.whyTitle}</Heading>
        <Body>{w.schools[heights.school]}</Body>
        <Body>{w.tiltText}</Body>
      </View>
      {check ? (
        <View className="gap-1.5 border-t border-rule pt-2">
          <Heading level={3}>{w.checks}</Heading>
          {check.bores.map((b) => (
            <Line
              key={b.id}
              out={b.verdict !== 'within' || b.tiltVerdict === 'over'}
              text={boreSentence(b, limits, units)}
            />
          ))}
          {check.differences.map((d) => (
            <Line
              key={d.to}
              out={d.verdict === 'over'}
              text={differenceSentence(d, limits, units)}
            />
          ))}
          {check.rise.map((r) => (
            <Line key={r.bank} out={r.verdict === 'broken'} text={riseSentence(r)} />
          ))}
        </View>
      ) : null}
      <Small>
        {low?.text} to {high?.text} · {low?.source}
      </Small>
      {seals ? (
        <Small>
          {seals.says} {seals.source}
        </Small>
      ) : null}
      <ActLog of={LINERS_ACTS} />
    </View>
  );
}

function Line({ out, text }: { out: boolean; text: string }) {
  return <Marked kind={out ? 'out' : 'within'}>{text}</Marked>;
}
