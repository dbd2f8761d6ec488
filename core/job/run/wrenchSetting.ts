import type { Prepared } from '../facts/runs';
import { adapterSetting } from '../../tightening/adapterSetting';
import { settingFor } from '../../tightening/wrenchChoose';

/** What is in hand, and since when. */
type Hand = Pick<Prepared, 'wrench' | 'adapter' | 'at'>;

/**
 * What to set the wrench in hand to for a value: its adapter counted in first, then what it was found
 * to give, in its own steps.
 */
export function wrenchSettingNm(nm: number, prepared: Hand): number {
  const { wrench, adapter } = prepared;
  if (!wrench) return nm;
  const atWrench = adapter
    ? adapterSetting({
        targetNm: nm,
        wrenchMm: wrench.lengthMm,
        adapterMm: adapter.mm,
        adapterDeg: adapter.deg,
      }).settingNm
    : nm;
  const { calibration, stepNm, id, lowNm, highNm } = wrench;
  if (!calibration && stepNm === undefined) return atWrench;
  const checked = {
    id,
    lowNm,
    highNm,
    points: calibration?.points ?? [],
    ...(stepNm !== undefined && { stepNm }),
  };
  return settingFor(checked, atWrench, prepared.at.slice(0, 10)).settingNm;
}
