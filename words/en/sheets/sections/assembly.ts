import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { printed, row, says, type SheetRow } from './rows';

export function timingRows({ timing }: EngineSheet): SheetRow[] {
  if (!timing) return [];
  return [
    row('Driven by', timing.drive, timing),
    ...timing.marks.map((mark) => row('Marks', mark, timing)),
    ...(timing.pins ?? []).map((pin) => row('Pin', pin, timing)),
    ...(timing.tensioner === undefined ? [] : [row('Tensioner', timing.tensioner, timing)]),
    ...(timing.pump === undefined ? [] : [row('Pump or ignition', timing.pump, timing)]),
  ];
}

export function coverRows({ covers = [] }: EngineSheet): SheetRow[] {
  return covers.flatMap((cover) => [
    row(
      cover.name,
      cover.hides.length > 0 ? `hides: ${cover.hides.join('; ')}` : 'hides nothing',
      cover,
    ),
    ...(cover.gasket === undefined ? [] : [row(`${cover.name}, gasket`, cover.gasket, cover)]),
    ...(cover.sealant
      ? [
          row(
            `${cover.name}, sealant`,
            [
              `${cover.sealant.what}: ${cover.sealant.where}`,
              cover.sealant.bead && `bead ${cover.sealant.bead.text}`,
              cover.sealant.never && `never: ${cover.sealant.never.toLowerCase()}`,
              cover.sealant.skin && `skins in ${cover.sealant.skin.text}`,
              cover.sealant.cure && `cures in ${cover.sealant.cure.text}`,
            ]
              .filter(Boolean)
              .join('; '),
            cover,
          ),
        ]
      : []),
  ]);
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
