import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { printed, row, says, type SheetRow } from './rows';

export function timingRows({ timing }: EngineSheet): SheetRow[] {
  if (!timing) return [];
  return [
    row('Driven by', timing.drive, timing),
    ...timing.marks.map((mark) => row('Marks', mark, timing)),
    ...(timing.pins ?? []).map((pin) => row('Pin', pin, timing)),
    ...(timing.tensioner === undefined ? [] : [row('Tensioner', timing.tensioner, timing)]),
    ...(timing.counterHold ? says('Held back by', timing.counterHold) : []),
    ...(timing.pump === undefined ? [] : [row('Pump or ignition', timing.pump, timing)]),
    ...(timing.pumpBeforeTop
      ? [row('Pump or ignition, before the top', timing.pumpBeforeTop.text, timing.pumpBeforeTop)]
      : []),
    ...(timing.wheels
      ? [
          row(
            'Wheels',
            timing.wheels.map(({ name, teeth }) => `${name} ${teeth} teeth`).join(', '),
            timing,
          ),
        ]
      : []),
    ...(timing.links === undefined
      ? []
      : [row(timing.drive === 'belt' ? 'Teeth of the belt' : 'Links', `${timing.links}`, timing)]),
    ...(timing.line
      ? [
          row('Wheels in line within', timing.line.within.text, timing.line.within),
          ...says('How the line is read', timing.line),
          ...(timing.line.shims ?? []).map((shim) => row('Shim', shim.text, shim)),
        ]
      : []),
  ];
}

export function fillRows({ fills = [], stopping = [] }: EngineSheet): SheetRow[] {
  return [
    ...fills.flatMap((fill) => [
      ...printed(fill.what, fill.amount),
      row(`${fill.what}, grade`, fill.grade),
    ]),
    ...stopping.flatMap((means) => says('Stopped by', means)),
  ];
}
