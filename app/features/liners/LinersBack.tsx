import { View } from 'react-native';
import type { LinerCheck } from '@cardinex/core/block/linerCheck';
import { lengthToMm } from '@cardinex/core/quantity/units';
import type { LengthFigure } from '@cardinex/core/quantity/figure';
import { boreSentence, differenceSentence, riseSentence } from '@cardinex/words/en/cards/liners';
import { linersWords as w } from '@cardinex/words/en/screens';
import { useUnits } from '../../device/preferences';
import { Mark } from '../../ui/Mark';
import { Body, Heading, Small } from '../../ui/Words';
import { ActLog } from '../job/ActLog';
import { useJob } from '../job/JobProvider';
import { LINERS_ACTS } from './ownActs';

/** Why stand-out matters, every check with its number, where the limits come from, what was read. */
export function LinersBack({ check }: { check: LinerCheck | null }) {
  const { sheet } = useJob();
  const units = useUnits();
  const { low, high, adjacent, tilt } = sheet.liners;
  const mm = (figure: LengthFigure): number => lengthToMm(figure.value, figure.unit);
  const limits = {
    lowMm: mm(low),
    highMm: mm(high),
    ...(adjacent && { adjacentMm: mm(adjacent) }),
    ...(tilt && { tiltMm: mm(tilt) }),
  };
  return (
    <View className="gap-3">
      <View>
        <Heading level={3}>{w.whyTitle}</Heading>
        <Body>{w.whyText}</Body>
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
        {low.text} to {high.text} · {low.source}
      </Small>
      <ActLog of={LINERS_ACTS} />
    </View>
  );
}

function Line({ out, text }: { out: boolean; text: string }) {
  return (
    <View className="flex-row gap-2">
      <View className="pt-1">
        <Mark kind={out ? 'out' : 'within'} />
      </View>
      <Body className="flex-1">{text}</Body>
    </View>
  );
}
