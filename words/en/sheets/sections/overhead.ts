import { settingOrder } from '@cardinex/core/sheet/assembly/settingOrder';
import type { SettingAct } from '@cardinex/core/sheet/spec/assembly';
import { pieceNamed } from '../../pieces';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { figure, figures, gap, limits, printed, row, says, type SheetRow } from './rows';

const FEELS = {
  'light-drag': 'light drag',
  'go-no-go': 'go and no-go',
  'finger-tight': 'finger-tight on the leaf, felt once locked',
  'push-rod-binds': 'until the push rod just binds',
} as const;

export function overheadRows({ overhead }: EngineSheet): SheetRow[] {
  if (!overhead) return [];
  const { clearances, screw, camEvents: events, bridges, hydraulic, bookTable } = overhead;
  return [
    row(
      'Gear',
      [
        overhead.gear === 'push-rod' ? 'push rods' : 'overhead cam',
        overhead.actsOn === 'valve' ? null : `over a ${overhead.actsOn}`,
        { screw: 'set by screw', shim: 'set by shims', hydraulic: 'hydraulic tappets' }[
          overhead.adjust
        ],
        overhead.tappets &&
          { flat: 'flat tappets', roller: 'roller tappets', bucket: 'bucket tappets' }[
            overhead.tappets
          ],
      ]
        .filter(Boolean)
        .join(', '),
    ),
    ...gap('Inlet, cold', clearances?.intake?.cold),
    ...gap('Inlet, hot', clearances?.intake?.hot),
    ...gap('Exhaust, cold', clearances?.exhaust?.cold),
    ...gap('Exhaust, hot', clearances?.exhaust?.hot),
    ...(overhead.leafBetween === undefined ? [] : [row('Leaf between', overhead.leafBetween)]),
    ...(overhead.feel ? [row('Feel', FEELS[overhead.feel])] : []),
    ...(screw
      ? [
          row(
            'Screw',
            `pitch ${screw.pitchMm} mm, rocker ratio ${screw.rockerRatio}, ${screw.inCloses ? 'in closes' : 'in opens'}`,
          ),
        ]
      : []),
    ...printed('Lock nut', overhead.lockNut),
    ...figures('Tappet shims', overhead.tappetShims),
    ...(events
      ? [
          row(
            'Cam events',
            [
              events.ivoBtdcDeg !== undefined && `inlet opens ${events.ivoBtdcDeg}° before top`,
              events.ivcAbdcDeg !== undefined && `closes ${events.ivcAbdcDeg}° after bottom`,
              `exhaust opens ${events.evoBbdcDeg}° before bottom`,
              events.evcAtdcDeg !== undefined && `closes ${events.evcAtdcDeg}° after top`,
              events.evcAbdcDeg !== undefined && `closes ${events.evcAbdcDeg}° after bottom`,
            ]
              .filter(Boolean)
              .join(', '),
            events,
          ),
        ]
      : []),
    ...(bookTable
      ? bookTable.positions.map((position) => ({
          label: `Book’s table, ${position.atDeg}°`,
          value: `${position.says}: ${position.set.join(' ')}`,
          source: bookTable.source,
        }))
      : []),
    ...says('Push rods', overhead.pushRods),
    ...says(overhead.actsOn === 'yoke' ? 'Yokes' : 'Bridges', bridges?.equalise),
    ...limits('Bridge guide clearance', bridges?.guideClearance),
    ...says('Twist', bridges?.twist),
    ...says('Oil on bridges', bridges?.oil),
    ...figure('Preload past zero lash', hydraulic?.preload),
    ...says('Zero lash', hydraulic?.zeroLash),
    ...figure('Wait before turning', hydraulic?.wait),
    ...figure('Plunger travel', hydraulic?.plungerTravel),
  ];
}

const INJECTORS = {
  unit: 'unit injectors',
  'pump-line-nozzle': 'pump, line and nozzle',
  'common-rail': 'common rail',
} as const;

export function extraRows(sheet: EngineSheet): SheetRow[] {
  const { injectors, brakes, actuators } = sheet.overhead ?? {};
  const order = settingOrder(sheet);
  const between = (act: SettingAct): SheetRow[] => {
    const { before, after } = order[act];
    return [
      ...(before === undefined ? [] : [row('Before', `${pieceNamed(sheet, before)} goes on`)]),
      ...(after === undefined ? [] : [row('After', `${pieceNamed(sheet, after)} is on`)]),
    ];
  };
  return [
    ...(injectors ? [row('Injectors', INJECTORS[injectors.kind])] : []),
    ...(injectors?.setting?.method === 'turn'
      ? figure('Injector, past contact', injectors.setting.turns)
      : []),
    ...(injectors?.setting?.method === 'height'
      ? [
          ...figure('Injector height gauge', injectors.setting.gauge),
          ...figure('Injector height, off by at most', injectors.setting.within),
        ]
      : []),
    ...says('Injector codes', injectors?.codes),
    ...(injectors?.setting ? between('set-injectors') : []),
    ...gap(brakes?.name ?? '', brakes?.gap),
    ...(brakes ? between('set-brakes') : []),
    ...gap(actuators?.name ?? '', actuators?.gap),
    ...(actuators ? between('set-actuators') : []),
  ];
}
