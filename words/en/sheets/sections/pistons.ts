import { pistonRouteName } from '../../pistonRoute';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { sideName } from '../../pistons';
import { endName } from '../../quantity';
import { figure, limits, row, says, type SheetRow } from './rows';

export function pistonRows({ pistons }: EngineSheet): SheetRow[] {
  if (!pistons) return [];
  const { orientation } = pistons;
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
    ...figure('Pin larger than its hole by', pistons.pin?.heat?.interference),
    ...figure('Room for it to slip in', pistons.pin?.heat?.clearance),
    ...figure('Pin diameter', pistons.pin?.heat?.diameter),
    ...figure('Warmed at most to', pistons.pin?.heat?.most),
    ...(pistons.route ? [row('Way in', pistonRouteName(pistons.route))] : []),
    ...(pistons.alsoRoutes ? [row('Or', pistons.alsoRoutes.map(pistonRouteName).join('; '))] : []),
    ...limits('Stand-out', pistons.standOut),
    ...limits('Skirt clearance', pistons.skirtClearance),
    ...limits('Rod side float', pistons.rodSideFloat),
    ...says('Oil jets', pistons.oilJets),
    ...figure('Rod, centre to centre', pistons.rodLength),
    ...(orientation?.crown
      ? [
          row(
            `${orientation.crown.mark} on the crown`,
            `towards ${endName(orientation.crown.towards)}`,
            orientation,
          ),
        ]
      : []),
    ...(orientation?.rod
      ? [
          row(
            `${orientation.rod.mark} on the rod`,
            `towards the ${sideName(orientation.rod.towards)}`,
            orientation,
          ),
        ]
      : []),
    ...(orientation?.pinOffset
      ? [row('Pin off the middle', `towards the ${sideName(orientation.pinOffset)}`, orientation)]
      : []),
    ...figure('Bowl', pistons.bowl),
    ...figure('Dome', pistons.dome),
  ];
}
