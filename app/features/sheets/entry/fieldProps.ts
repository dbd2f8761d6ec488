import type { Path } from '@cardinex/core/sheet/draftPath';

/** What every field of a sheet is given: its place, and what it is called there. */
export interface FieldProps {
  readonly path: Path;
  readonly label: string;
}
