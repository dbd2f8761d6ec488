import { View } from 'react-native';
import type { TimingSpec, TimingWheel } from '@cardinex/core/sheet/spec/timing';
import { entryWords as w } from '@cardinex/words/sheets/entry';
import { WheelsDrawing } from '../../timing/WheelsDrawing';
import { useDraft } from './DraftContext';
import { ListField } from './ListField';
import type { FieldProps } from './fieldProps';
import type { SchemaNode } from '@cardinex/contract/sheets/schemaNodes';

/** Where the marks are seen, with the wheels drawn as they are entered: held beside the book's figure. */
export function MarkPlacesField({ node, path, label }: FieldProps & { node: SchemaNode }) {
  const { document } = useDraft();
  const timing = document.timing as Partial<TimingSpec> | undefined;
  return (
    <View className="gap-2">
      <ListField node={node} path={path} label={label} />
      {isDrawable(timing) ? (
        <WheelsDrawing timing={timing} standing={() => 'open'} said={w.wheelsSoFar} />
      ) : null}
    </View>
  );
}

/**
 * Is enough entered to be drawn? Asked of what stands there now: the checks come a moment after what is
 * typed.
 */
function isDrawable(timing: Partial<TimingSpec> | undefined): timing is TimingSpec {
  const { wheels = [], drive } = timing ?? {};
  return drive !== undefined && wheels.length > 1 && wheels.every(isWhole) && standApart(wheels);
}

function isWhole({ name, teeth, xMm, yMm }: Partial<TimingWheel>): boolean {
  const numbers = [teeth, xMm, yMm];
  return typeof name === 'string' && numbers.every((number) => Number.isFinite(number));
}

function standApart(wheels: readonly TimingWheel[]): boolean {
  return new Set(wheels.map(({ xMm, yMm }) => `${xMm} ${yMm}`)).size === wheels.length;
}
