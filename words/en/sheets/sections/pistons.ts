import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { figure, limits, row, says, type SheetRow } from './rows';

const ROUTES = {
  'into-block': 'piston into the block',
  'into-liner-on-bench': 'piston into the liner on the bench, both in together',
  'cylinder-over-piston': 'cylinder over the piston, the pin last',
} as const;

export function pistonRows({ pistons }: EngineSheet): SheetRow[] {
  if (!pistons) return [];
  return [
    ...(pistons.rings ?? []).flatMap((ring) => [
      ...limits(`${ring.name}, gap${ring.fileable ? '' : ' (not filed)'}`, ring.gap),
      ...limits(`${ring.name}, side clearance`, ring.sideClearance),
      ...(ring.upperFace === undefined ? [] : [row(`${ring.name}, upper face`, ring.upperFace)]),
    ]),
    ...says('Ring gaps', pistons.stagger),
    ...figure('Masses differ at most', pistons.massSpread),
    ...(pistons.massPairs
      ? [row('Matched in pairs', pistons.massPairs.map((pair) => pair.join(' with ')).join('; '))]
      : []),
    ...says('Pin', pistons.pin),
    ...(pistons.route ? [row('Way in', ROUTES[pistons.route])] : []),
    ...limits('Stand-out', pistons.standOut),
    ...limits('Skirt clearance', pistons.skirtClearance),
    ...limits('Rod side float', pistons.rodSideFloat),
    ...says('Oil jets', pistons.oilJets),
    ...figure('Rod, centre to centre', pistons.rodLength),
  ];
}
