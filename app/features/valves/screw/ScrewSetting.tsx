import type { CardName } from '@cardinex/core/job/facts/cardName';
import { useState } from 'react';
import { View } from 'react-native';
import type { OverheadView } from '@cardinex/core/job/cards/valves/view';
import { gaugeFor, turnsFor, type ItemView } from '@cardinex/core/job/cards/valves/item';
import { hydraulicPreload } from '@cardinex/core/overhead/hydraulicPreload';
import { injectorSetting } from '@cardinex/core/overhead/injectorSetting';
import { isValve } from '@cardinex/core/sheet/settingItems';
import { atMost } from '@cardinex/core/quantity/withinLimits';
import { readQuantity } from '@cardinex/core/quantity/readQuantity';
import { figureMm } from '@cardinex/core/quantity/figureMm';
import { benchWords } from '@cardinex/words/bench';
import { itemName } from '@cardinex/words/itemNames';
import { hydraulicSentence, injectorSentence } from '@cardinex/words/overhead';
import { valvesScreen as w } from '@cardinex/words/cards/valves';
import { fixed } from '@cardinex/words/kit';
import { degrees, length } from '@cardinex/words/quantity';
import { useUnits } from '../../../device/preferences';
import { Field } from '../../../ui/Field';
import { Figure } from '../../../ui/Figure';
import { Mark } from '../../../ui/Mark';
import { useRefusal } from '../../../ui/Refusal';
import { Body, Small } from '../../../ui/Words';
import { useJob } from '../../job/JobProvider';
import { useOnce } from '../../job/useOnce';
import { useSpoken } from '../../job/useSpoken';
import { LockNutRow } from '../lock-nut/LockNutRow';
import { LockNutSlip } from '../lock-nut/LockNutSlip';
import { SettingFrame } from '../SettingFrame';
import { SettingTop } from '../SettingTop';
import { TurnCount } from './TurnCount';
import { useLockNut } from '../lock-nut/useLockNut';
import type { SettingPlace } from '../useSettingPlace';

interface Props {
  readonly card: CardName;
  readonly view: OverheadView;
  readonly place: SettingPlace;
  readonly current: ItemView;
  readonly setBy: 'turn' | 'height';
}

/** What has no leaf: turned on past zero lash or contact, or brought to the height of a gauge. */
export function ScrewSetting(props: Props) {
  return props.setBy === 'turn' ? <ByTurn {...props} /> : <ByHeight {...props} />;
}

function ByTurn({ card, view, place, current }: Props) {
  const { sheet, record } = useJob();
  const units = useUnits();
  const { item } = current;
  const printed = turnsFor(sheet, item);
  const turns = printed?.value ?? 0;
  const isTappet = isValve(item);
  const { screw, hydraulic } = view.spec;
  const setting = injectorSetting({ method: 'turn', turns });
  const depth =
    isTappet && screw && hydraulic?.plungerTravel
      ? hydraulicPreload({
          turns,
          pitchMm: screw.pitchMm,
          screwAt: screw.at,
          rockerRatio: screw.rockerRatio,
          plungerTravelMm: figureMm(hydraulic.plungerTravel),
        })
      : null;
  const nut = useLockNut(item);
  const save = useOnce(async () => {
    const data = { item: item.id, turns, ...(nut?.pulled && { nut: nut.pulled }) };
    const problem = await record('screw.set', data);
    if (problem === null) place.goOn();
  });
  useSpoken(
    `${itemName(sheet, item)}. ${isTappet ? w.fromZeroLash : w.fromContact} ${Math.round(setting.deg)} degrees.`,
  );
  return (
    <SettingFrame
      card={card}
      view={view}
      confirm={{ label: w.turned, hint: degrees(setting.deg), onPress: save }}
      slip={nut?.choosing ? <LockNutSlip nut={nut} /> : null}
    >
      <SettingTop view={view} place={place} current={current}>
        <View className="flex-row items-center justify-between gap-2">
          <View className="flex-1">
            <Small>{isTappet ? w.fromZeroLash : w.fromContact}</Small>
            <Figure size="act" value={degrees(setting.deg)} testID="target" />
            <Small>{printed?.text ?? ''}</Small>
          </View>
          <TurnCount key={item.id} deg={setting.deg} />
        </View>
        <Small>{printed?.source ?? ''}</Small>
      </SettingTop>
      <View className="gap-1 border-t border-rule px-3.5 py-2.5">
        <Body className="font-strong">
          {isTappet ? (hydraulic?.zeroLash.says ?? '') : w.contactHow}
        </Body>
        <Body>{injectorSentence(setting)}</Body>
        {depth ? (
          <Mark
            kind={depth.code === 'within' ? 'within' : 'out'}
            word={hydraulicSentence(depth, units)}
          />
        ) : null}
      </View>
      {nut ? <LockNutRow nut={nut} /> : null}
    </SettingFrame>
  );
}

function ByHeight({ card, view, place, current }: Props) {
  const { sheet, record } = useJob();
  const units = useUnits();
  const { item } = current;
  const gauge = gaugeFor(sheet);
  const gaugeMm = gauge?.mm ?? 0;
  const [typed, setTyped] = useState({ item: '', text: '' });
  const text = typed.item === item.id ? typed.text.trim() : '';
  const read = readQuantity(text, 'mm');
  const measuredMm = read.ok ? read.value : null;
  const pitchMm = view.spec.screw?.pitchMm;
  const off = measuredMm === null ? null : Math.abs(measuredMm - gaugeMm);
  const near = off !== null && atMost(off, gauge?.withinMm ?? 0);
  const advice =
    measuredMm !== null && measuredMm > 0 && pitchMm !== undefined && !near
      ? injectorSetting({ method: 'height', gaugeMm, measuredMm, pitchMm })
      : null;
  const refusal = useRefusal();
  const save = useOnce(async () => {
    if (text !== '' && measuredMm === null) return refusal.say(benchWords.notNumber);
    if (advice) return refusal.say(w.notAtGauge(injectorSentence(advice)));
    const data = {
      item: item.id,
      heightMm: measuredMm ?? gaugeMm,
      ...(read.ok && {
        printed: {
          text: read.unit === 'mm' ? read.digits : String(read.value),
          unit: 'mm' as const,
        },
      }),
    };
    if ((await record('screw.set', data)) === null) place.goOn();
  });
  return (
    <SettingFrame
      card={card}
      view={view}
      typing={text !== ''}
      confirm={{
        label: w.gaugeFits,
        hint: measuredMm === null ? '' : length(measuredMm, units),
        onPress: save,
        plain: advice !== null,
      }}
    >
      <SettingTop view={view} place={place} current={current}>
        <Small>{w.toGauge}</Small>
        <Figure size="act" value={fixed(gaugeMm, 1)} unit="mm" testID="target" />
      </SettingTop>
      <View className="gap-2 border-t border-rule px-3.5 py-2.5">
        <Body>{w.gaugeHow}</Body>
        {gauge ? (
          <Small>{w.gaugeWithin(length(gauge.withinMm, units), gauge.printed)}</Small>
        ) : null}
        <Field
          label={w.heightNow}
          unit="mm"
          hint={w.heightHint}
          inputMode="decimal"
          value={typed.item === item.id ? typed.text : ''}
          onChangeText={(next) => {
            setTyped({ item: item.id, text: next });
            refusal.clear();
          }}
          onSubmitEditing={save}
          faulty={text !== '' && measuredMm === null}
          testID="height"
        />
        {advice ? (
          <Body className="font-strong text-heading text-blue">{injectorSentence(advice)}</Body>
        ) : null}
      </View>
    </SettingFrame>
  );
}
