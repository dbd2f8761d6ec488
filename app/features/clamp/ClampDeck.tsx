import { fixed } from '@cardinex/words/en/kit';
import { Circle, G, Path } from 'react-native-svg';
import type { FastenedSet } from '@cardinex/core/sheet/spec/fastening';
import type { BoltClamp } from '@cardinex/core/tightening/clampSimulate';
import { clampForce } from '@cardinex/words/en/clamp';
import { clampWords as w } from '@cardinex/words/en/cards/clamp';
import { DrawnWord } from '../../ui/DrawnWord';
import { usePalette } from '../../ui/useTheme';
import { Deck } from '../tighten/Deck';
import { markScale } from '../tighten/markScale';

/** What is drawn of a set: a deck of a sheet, or one that was only typed. */
export type DrawnSet = Pick<FastenedSet, 'map' | 'fasteners' | 'instances'>;

interface Props {
  readonly title: string;
  readonly set: DrawnSet;
  readonly bolts: readonly BoltClamp[];
  /** The clamp that fills a mark: the same in both pictures. */
  readonly fullKn: number;
}

const R = 26;
/** Under this share of the most, a bolt is slack beside its fellows. */
const SLACK = 0.9;

/** The deck from above: each bolt filled as far as it clamps, with its kilonewtons. */
export function ClampDeck({ title, set, bolts, fullKn }: Props) {
  const c = usePalette();
  const scale = markScale(set, R);
  const most = Math.max(...bolts.map(({ meanKn }) => meanKn), 1e-9);
  const said = bolts.map(({ id, meanKn }) => `${id} ${clampForce(meanKn)}`).join(', ');
  return (
    <Deck set={set} label={w.deck(title, said)}>
      {set.fasteners.map(({ id, xMm, yMm }) => {
        const kn = bolts.find((bolt) => bolt.id === id)?.meanKn ?? 0;
        const slack = kn < most * SLACK;
        return (
          <G key={id} x={xMm} y={yMm} scale={scale}>
            <Circle r={R} fill={c.card} />
            <Path
              d={filled(Math.min(1, kn / fullKn))}
              fill={slack ? c.brass : c.blue}
              opacity={0.45}
            />
            <Circle
              r={R}
              fill="none"
              stroke={slack ? c.brass : c.blue}
              strokeWidth={slack ? 6 : 3.5}
              {...(slack && { strokeDasharray: '7 5' })}
            />
            <DrawnWord x={0} y={9} size={25} text={fixed(kn, 0)} fill={c.ink} />
          </G>
        );
      })}
    </Deck>
  );
}

/** The part of a circle under a level, from its bottom up. */
function filled(share: number): string {
  if (share <= 0) return '';
  if (share > 0.995) return `M${-R} 0 A${R} ${R} 0 1 1 ${R} 0 A${R} ${R} 0 1 1 ${-R} 0 Z`;
  const y = R - 2 * R * share;
  const half = Math.sqrt(Math.max(0, R * R - y * y));
  return `M${-half} ${y} A${R} ${R} 0 ${share > 0.5 ? 1 : 0} 0 ${half} ${y} Z`;
}
