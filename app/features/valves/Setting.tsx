import type { CardName } from '@cardinex/core/job/facts/cardName';
import type { OverheadView } from '@cardinex/core/job/cards/valves/view';
import { BridgeSetting } from './bridge/BridgeSetting';
import { GapSetting } from './gap/GapSetting';
import { RodSetting } from './screw/RodSetting';
import { ScrewSetting } from './screw/ScrewSetting';
import { useSettingPlace } from './useSettingPlace';

interface Props {
  readonly card: CardName;
  readonly view: OverheadView;
  readonly phase: 'cold' | 'hot';
}

/** At a position, one after the other: push rods put in, bridges seen to, gaps read, screws turned. */
export function Setting({ card, view, phase }: Props) {
  const place = useSettingPlace(view);
  const { current } = place;
  if (!current) return null;
  const shared = { card, view, place, current };
  if (current.rodNext) return <RodSetting {...shared} />;
  if (current.bridgeNext) return <BridgeSetting {...shared} step={current.bridgeNext} />;
  if (current.setBy === 'gap') return <GapSetting {...shared} phase={phase} />;
  return <ScrewSetting {...shared} setBy={current.setBy} />;
}
