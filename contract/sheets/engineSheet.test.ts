import type { z } from 'zod';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import type { Plain, Same } from '../tests/sameType';
import type { engineSheetSchema } from './engineSheet';

/** Fields of a sheet that its schema reads otherwise than the sheet has them, optional ones included. */
type Differing = {
  [K in keyof EngineSheet]-?: Same<
    Plain<Sheet[K & keyof Sheet]>,
    Plain<EngineSheet[K]>
  > extends true
    ? never
    : K;
}[keyof EngineSheet];
type Sheet = z.output<typeof engineSheetSchema>;

it('the schema of a sheet reads just what a sheet has', () => {
  // Fails to compile, and names the part, where the schema lacks a field or has one too many.
  const noneDiffers: [Differing] extends [never] ? true : Differing = true;
  const noneIsMissing: Same<keyof Sheet, keyof EngineSheet> = true;
  expect([noneDiffers, noneIsMissing]).toEqual([true, true]);
});
