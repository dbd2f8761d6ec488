import { useState } from 'react';
import { View } from 'react-native';
import { asOldGasket, gasketFinding } from '@cardinex/core/job/cards/stand-out/checks';
import { gasketOptions, type GasketOption } from '@cardinex/core/job/cards/stand-out/gasketOptions';
import { buildWords as w } from '@cardinex/words/cards/buildSteps';
import { gradeSentence, ratio } from '@cardinex/words/pistons';
import { length } from '@cardinex/words/quantity';
import { useUnits } from '../../device/preferences';
import { Button } from '../../ui/Button';
import { Mark } from '../../ui/Mark';
import { Marked } from '../../ui/Marked';
import { Body, Heading, Small } from '../../ui/Words';
import { useJob } from '../job/JobProvider';
import { WordsSlip } from '../job/WordsSlip';

/** Which gasket the pistons ask for, what is left above them, and what its neighbours would do. */
export function GasketChoice() {
  const { sheet, state, record } = useJob();
  const units = useUnits();
  const [other, setOther] = useState<string | null>(null);
  const grades = sheet.gasket?.grades ?? [];
  const found = gasketFinding(sheet, state.checks);
  const take = (mark: string): void => {
    const asked = found?.mark === mark && found.clearance !== 'too-close';
    if (!found) void record('gasket.chosen', { mark, by: 'old-gasket' });
    else if (asked) void record('gasket.chosen', { mark, by: 'stand-out' });
    else setOther(mark);
  };
  if (grades.length === 0) return null;
  const old = asOldGasket(sheet) && !found;
  const { gasket } = state;
  return (
    <View className="gap-3 border-t border-rule px-3.5 py-3" testID="gasket">
      <Heading level={3}>{w.gasketTitle}</Heading>
      {found ? (
        <Marked
          kind={found.mark !== null && found.clearance !== 'too-close' ? 'within' : 'out'}
          strong
        >
          {gradeSentence(found, units)}
        </Marked>
      ) : null}
      {found ? (
        <View>
          {found.pistons.map(({ cylinder, clearanceMm, verdict }) =>
            clearanceMm === undefined ? null : (
              <View key={cylinder} className="flex-row items-center gap-2">
                <Mark kind={verdict === 'too-close' ? 'out' : 'within'} size={14} />
                <Small>{w.roomOf(cylinder, length(clearanceMm, units))}</Small>
              </View>
            ),
          )}
        </View>
      ) : null}
      {gasket ? <Mark kind="within" word={w.chosen(gasket.mark)} /> : null}
      {old ? <Body>{w.orOld}</Body> : null}
      {gasketOptions(sheet, state.checks).map((option) => (
        <View key={option.mark} className="gap-1">
          {found ? <Small>{optionSays(option, (mm) => length(mm, units))}</Small> : null}
          {found || old ? (
            <Button
              label={found ? w.choose(option.mark) : w.asOld(option.mark)}
              kind={found?.mark === option.mark ? 'expected' : 'card'}
              selected={gasket?.mark === option.mark}
              onPress={() => take(option.mark)}
            />
          ) : null}
        </View>
      ))}
      {other ? (
        <WordsSlip
          title={w.choose(other)}
          label={w.other}
          hint={w.otherHint}
          confirm={w.choose(other)}
          kind="stop"
          onWords={(words) => record('gasket.chosen', { mark: other, by: 'stand-out', words })}
          onClose={() => setOther(null)}
        />
      ) : null}
    </View>
  );
}

function optionSays(
  { mark, leastMm, ratio: compression }: GasketOption,
  sentenceOf: (mm: number) => string,
): string {
  if (leastMm === null) return mark;
  return compression === null
    ? w.roomWith(mark, sentenceOf(leastMm))
    : w.ratioWith(mark, ratio(compression), sentenceOf(leastMm));
}
