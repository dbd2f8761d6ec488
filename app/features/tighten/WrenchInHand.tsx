import { useState } from 'react';
import { View } from 'react-native';
import { valueIn } from '@cardinex/core/quantity/readQuantity';
import { isChecked, toolStanding } from '@cardinex/core/tools/standing';
import type { ToolState } from '@cardinex/core/tools/tool';
import { reaches } from '@cardinex/core/tightening/wrenchChoose';
import { wrenchesFor } from '@cardinex/core/tools/wrenchesFor';
import { tightenScreen as w } from '@cardinex/words/cards/tighten';
import { toolSpecText, toolStandingWord, toolsWords } from '@cardinex/words/tools';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Mark } from '../../ui/Mark';
import { Heading } from '../../ui/Words';

/** What the mechanic holds: a wrench, what is on it, and the lead's word where one is needed. */
export interface Hand {
  readonly wrenchId: string | null;
  readonly adapter: { readonly mm: number; readonly deg: number } | null;
  readonly override: string;
}

interface Props {
  readonly tools: readonly ToolState[];
  /** The values it is to give, as they come. */
  readonly targetsNm: readonly number[];
  /** Is it for one value alone? Then those that cannot give it are laid aside. */
  readonly onlyOne?: boolean;
  /** Does the sheet demand tools with a check in date? */
  readonly calibrated: boolean;
  readonly hand: Hand;
  readonly onChange: (hand: Hand) => void;
}

/** The crib's wrenches, best first for this programme; adapters; what stands against the one chosen. */
export function WrenchInHand(props: Props) {
  const { tools, targetsNm, onlyOne = false, calibrated, hand, onChange } = props;
  const [all, setAll] = useState(false);
  const today = new Date().toISOString().slice(0, 10);
  const wrenches = wrenchesFor(tools, targetsNm, today);
  const adapters = tools.filter((tool) => tool.kind === 'adapter' && !tool.retired);
  const chosen = wrenches.find((tool) => tool.id === hand.wrenchId);
  const standing = chosen ? toolStanding(chosen, today) : null;
  const fit = wrenches.filter(
    (tool) => !onlyOne || tool === chosen || targetsNm.every((nm) => reaches(tool.spec, nm)),
  );
  const shown = all || fit.length === 0 ? wrenches : fit;
  const aside = wrenches.length - shown.length;
  const doubtful = standing === 'off' || (calibrated && standing !== null && !isChecked(standing));
  return (
    <View className="gap-2">
      <Heading level={3}>{w.wrenchInHand}</Heading>
      <View className="gap-3">
        {shown.map((tool) => (
          <Button
            key={tool.id}
            label={tool.name}
            hint={`${toolSpecText(tool)}; ${toolStandingWord(toolStanding(tool, today))}`}
            selected={tool.id === hand.wrenchId}
            onPress={() => onChange({ ...hand, wrenchId: tool.id })}
          />
        ))}
        {aside > 0 ? <Button label={w.laidAside(aside)} onPress={() => setAll(true)} /> : null}
      </View>
      {standing !== null && !isChecked(standing) ? (
        <Mark kind={doubtful ? 'out' : 'waiting'} word={toolStandingWord(standing)} />
      ) : null}
      {doubtful ? (
        <Field
          label={toolsWords.overrideAsk}
          value={hand.override}
          onChangeText={(override) => onChange({ ...hand, override })}
        />
      ) : null}
      <Adapter adapters={adapters} hand={hand} onChange={onChange} />
    </View>
  );
}

/** None, one of the crib's, or another by its measures. */
function Adapter({
  adapters,
  hand,
  onChange,
}: Pick<Props, 'hand' | 'onChange'> & { adapters: readonly ToolState[] }) {
  const known = adapters.find(
    (tool) =>
      tool.kind === 'adapter' &&
      tool.spec.lengthMm === hand.adapter?.mm &&
      tool.spec.angleDeg === hand.adapter.deg,
  );
  const [typing, setTyping] = useState(hand.adapter !== null && !known);
  const [mm, setMm] = useState(String(hand.adapter?.mm ?? ''));
  const [deg, setDeg] = useState(String(hand.adapter?.deg ?? ''));
  const typed = (nextMm: string, nextDeg: string): void => {
    setMm(nextMm);
    setDeg(nextDeg);
    onChange({ ...hand, adapter: { mm: number(nextMm, 'mm'), deg: number(nextDeg, 'deg') } });
  };
  return (
    <>
      <Choice
        label={w.adapter}
        value={typing ? 'fitted' : (known?.id ?? 'none')}
        options={[
          { value: 'none', label: w.noAdapter },
          ...adapters.map((tool) => ({ value: tool.id, label: tool.name })),
          { value: 'fitted', label: adapters.length > 0 ? w.otherAdapter : w.adapterFitted },
        ]}
        onChange={(value) => {
          const tool = adapters.find((entry) => entry.id === value);
          setTyping(value === 'fitted');
          onChange({
            ...hand,
            adapter:
              tool?.kind === 'adapter'
                ? { mm: tool.spec.lengthMm, deg: tool.spec.angleDeg }
                : value === 'fitted'
                  ? { mm: number(mm, 'mm'), deg: number(deg, 'deg') }
                  : null,
          });
        }}
      />
      {typing ? (
        <View className="gap-2">
          <Field
            label={w.adapterLength}
            value={mm}
            onChangeText={(text) => typed(text, deg)}
            inputMode="decimal"
          />
          <Field
            label={w.adapterAngle}
            value={deg}
            onChangeText={(text) => typed(mm, text)}
            inputMode="decimal"
          />
        </View>
      ) : null}
    </>
  );
}

function number(text: string, unit: 'mm' | 'deg'): number {
  return valueIn(text, unit) ?? 0;
}
