import { z } from 'zod';
import type { AdapterSettingInput } from '@cardinex/core/tightening/adapterSetting';
import { deg, mm, nm } from '../fields';
import { figure } from '../found';
import { reckoning } from '../reckoning';

export const adapterSetting = reckoning({
  summary: 'What to set a wrench to with an adapter on it, before its calibration',
  input: z.strictObject({
    targetNm: nm.positive('Torque the fastener is to get'),
    wrenchMm: mm.positive('From the wrench’s square to the mark where the hand belongs'),
    adapterMm: mm.fromZero('From the wrench’s square to the fastener'),
    adapterDeg: deg.signed('0 straight on, 90 square to the wrench, 180 folded back'),
  }) satisfies z.ZodType<AdapterSettingInput>,
  answer: z.strictObject({ settingNm: figure('What to set the wrench to') }),
  example: { targetNm: 85, wrenchMm: 420, adapterMm: 60, adapterDeg: 0 },
});
