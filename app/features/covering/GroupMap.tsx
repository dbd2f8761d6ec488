import { View } from 'react-native';
import { Circle, G, Polygon } from 'react-native-svg';
import { groupMark } from '@cardinex/core/sheet/groupMark';
import { groupOf } from '@cardinex/core/sheet/programmeOf';
import type { FastenedSet } from '@cardinex/core/sheet/spec/fastening';
import { treatmentsOf } from '@cardinex/core/sheet/treatmentOf';
import type { EngineEnd } from '@cardinex/core/sheet/spec/layout';
import { coveringWords as w } from '@cardinex/words/en/cards/covering';
import { treatmentsSaid } from '@cardinex/words/en/treatments';
import { DrawnWord } from '../../ui/DrawnWord';
import { usePalette } from '../../ui/useTheme';
import { EndMark } from '../job/EndMark';
import { Deck } from '../tighten/Deck';
import { markScale } from '../tighten/markScale';
import { TreatmentGlyph } from '../tighten/TreatmentGlyph';
import { TreatmentKey } from '../tighten/TreatmentKey';

const MARK_MM = 24;
/** A shape for each length, so that none is told by its letter alone. */
const SHAPES: Readonly<Record<string, string | undefined>> = {
  B: '-24,-24 24,-24 24,24 -24,24',
  C: '0,-30 28,22 -28,22',
};

/** Which bolt goes into which hole: a letter and a shape for each length, on the map of the head. */
export function GroupMap({ set, end }: { set: FastenedSet; end: EngineEnd }) {
  const c = usePalette();
  const scale = markScale(set, MARK_MM);
  const treated = treatmentsOf(set);
  const said = set.groups.map((group) => {
    const own = set.fasteners.filter((fastener) => groupOf(set, fastener) === group);
    return w.lengthIn(
      groupMark(set, group),
      group.name,
      own.map(({ number }) => number).join(', '),
    );
  });
  return (
    <View className="px-3 pt-2">
      <EndMark end={end} />
      <Deck set={set} label={`${w.groupMap(said.join(' '))} ${treatmentsSaid(set)}`.trim()}>
        {set.fasteners.map((fastener) => {
          const { id, xMm, yMm } = fastener;
          const group = groupOf(set, fastener);
          const mark = group ? groupMark(set, group) : '';
          const shape = SHAPES[mark];
          return (
            <G key={id} x={xMm} y={yMm} scale={scale}>
              {shape ? (
                <Polygon points={shape} fill={c.card} stroke={c.blue} strokeWidth={5} />
              ) : (
                <Circle r={MARK_MM} fill={c.card} stroke={c.ink} strokeWidth={4} />
              )}
              <DrawnWord x={0} y={11} size={30} text={mark} fill={shape ? c.blue : c.ink} />
              {treated.has(id) && group ? (
                <G x={MARK_MM * 1.15} y={MARK_MM * 1.15}>
                  <TreatmentGlyph kind={group.treatment.kind} />
                </G>
              ) : null}
            </G>
          );
        })}
      </Deck>
      <TreatmentKey set={set} />
    </View>
  );
}
