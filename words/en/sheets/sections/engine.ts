import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { endName } from '../../quantity';
import { figure, row, type SheetRow } from './rows';

const FORMS = { 'in-line': 'in line', v: 'V', opposed: 'opposed' } as const;
const SERVICES = {
  vehicle: 'vehicle',
  plant: 'plant',
  marine: 'marine',
  stationary: 'stationary',
  aircraft: 'aircraft',
} as const;

export function engineRows(sheet: EngineSheet): SheetRow[] {
  const { layout, rotation, firing, crank, naming } = sheet;
  const cylinders = layout.banks.flatMap((bank) => bank.cylinders);
  return [
    row('Kind', `${SERVICES[sheet.service]}, ${sheet.fuel}, ${sheet.strokes}-stroke`),
    ...(sheet.service === 'aircraft'
      ? [row('Release', 'by an authorised person, against approved data')]
      : []),
    row('Cylinders', `${cylinders.length}, ${FORMS[layout.form]}`),
    ...(layout.banks.length > 1
      ? layout.banks.map((bank) => row(`Bank ${bank.name}`, bank.cylinders.join(', ')))
      : []),
    ...figure('Angle between the banks', layout.angle),
    row('Cylinder 1', `at ${endName(sheet.cylinder1End)}; the other is ${endName(sheet.otherEnd)}`),
    ...(sheet.hand ? [row('Hand', `${sheet.hand}-hand build`)] : []),
    ...figure('Bore', sheet.bore),
    ...figure('Stroke', sheet.stroke),
    ...(rotation
      ? [row('Turns', `${rotation.direction}, seen from ${endName(rotation.seenFrom)}`, rotation)]
      : []),
    ...(firing ? [row('Fires', firing.order.join('-'), firing)] : []),
    ...(firing?.intervalsDeg
      ? [row('Intervals', firing.intervalsDeg.map((deg) => `${deg}°`).join(', '), firing)]
      : []),
    ...(crank?.ringGearTeeth === undefined
      ? []
      : [row('Ring gear', `${crank.ringGearTeeth} teeth`)]),
    ...figure('Rim', crank?.rimDiameter),
    ...(crank?.marks ?? []).map((mark) => row(`Mark at ${mark.atDeg}°`, mark.says, mark)),
    ...(crank?.barredBy === undefined ? [] : [row('Barred by', crank.barredBy)]),
    ...(naming?.cylinders === undefined ? [] : [row('Cylinders are counted', naming.cylinders)]),
    ...(naming?.valves === undefined ? [] : [row('Valves are counted', naming.valves)]),
    ...(naming?.sides ?? []).map((side) => row(`The ${side.name}`, side.says)),
  ];
}
