import { View } from 'react-native';
import { printedFor } from '@cardinex/core/sheet/programmeOf';
import { isPause } from '@cardinex/core/tightening/programme';
import { stripWords as strip } from '@cardinex/words/cards/strip';
import { tightenScreen as w } from '@cardinex/words/cards/tighten';
import { roundSentence } from '@cardinex/words/sheets/programme';
import { nextUnit, useUnits } from '../../../device/preferences';
import { Figure } from '../../../ui/Figure';
import { Small } from '../../../ui/Words';
import { asPrinted, otherUnit } from './asPrinted';
import { Protractor } from './Protractor';
import type { RunInHandNow } from './useRun';
import { clock } from '../../../ui/wait/useWait';

/** The two figures of a pull: which bolt, and how far. */
export function RunFigures({ run }: { run: RunInHandNow }) {
  const units = useUnits();
  const { view, stage, bolt, number, face, asked, slackens, waits, leftMs, hand } = run;
  const { act } = bolt;
  const { quantity } = face;
  const printed = printedFor(view.set, stage.stage, act.fastener);
  const inOther = act.nm === undefined ? '' : otherUnit(act.nm, units.torque, printed);
  const below =
    stage.stage.kind === 'draw-down'
      ? roundSentence(view.set, stage.stage)
      : slackens
        ? strip.reverse
        : inOther + asPrinted(printed, stage.stage);
  return (
    <View className="flex-row gap-8 border-t border-rule px-3.5 py-2">
      <View>
        <Small>{isPause(act) ? w.step : w.bolt}</Small>
        <Figure size="act" tone="blue" value={number} testID="bolt" />
      </View>
      <View className="flex-1">
        <Small>{asked.ask}</Small>
        <Figure
          size="act"
          value={waits ? clock(leftMs ?? 0) : face.value}
          unit={waits ? '' : face.unit}
          onUnit={quantity && (() => nextUnit(quantity))}
          testID="value"
        />
        <Small>{below}</Small>
      </View>
      {act.kind === 'angle' && act.deg !== undefined ? (
        <Protractor deg={act.deg} turned={hand.live?.deg ?? null} />
      ) : null}
    </View>
  );
}
