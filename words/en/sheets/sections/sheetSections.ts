import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import type { RenewSpec } from '@cardinex/core/sheet/spec/kit';
import { fillRows, timingRows } from './assembly';
import { journalRows, linerRows } from './block';
import { engineRows } from './engine';
import { headRows } from './head';
import { extraRows, overheadRows } from './overhead';
import { pieceRows, temporaryRows } from './pieces';
import { pistonRows } from './pistons';
import { row, type SheetSection } from './rows';

/**
 * Everything a sheet says besides its fastened sets, in the order of the engine, ready to be scanned
 * or printed; a section with nothing in it is left out.
 */
export function sheetSections(sheet: EngineSheet): readonly SheetSection[] {
  const sections: SheetSection[] = [
    { title: 'Engine', rows: engineRows(sheet) },
    { title: 'Liners and bores', rows: linerRows(sheet) },
    { title: 'Crank and shafts', rows: journalRows(sheet) },
    { title: 'Pistons and rings', rows: pistonRows(sheet) },
    { title: 'Head and gasket', rows: headRows(sheet) },
    { title: 'Valve gear', rows: overheadRows(sheet) },
    { title: 'Injectors, brake, actuators', rows: extraRows(sheet) },
    { title: 'Timing', rows: timingRows(sheet) },
    { title: 'Pieces', rows: pieceRows(sheet) },
    { title: 'Renewed', rows: (sheet.renew ?? []).map((r) => row(r.part, renewText(r), r)) },
    { title: 'Put in and taken out again', rows: temporaryRows(sheet) },
    { title: 'Fills and stopping', rows: fillRows(sheet) },
  ];
  return sections.filter((section) => section.rows.length > 0);
}

function renewText({ when, count }: RenewSpec): string {
  return count === undefined ? RENEW[when] : `${count}, ${RENEW[when]}`;
}

const RENEW = {
  always: 'always',
  'if-worn': 'if worn',
  'by-measurement': 'chosen by measurement',
  'matched-set': 'kept together as a set',
} as const;
