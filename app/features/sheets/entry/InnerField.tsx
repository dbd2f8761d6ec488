import { createContext, useContext, type ReactElement } from 'react';
import type { Path } from '@cardinex/core/sheet/draftPath';
import type { SchemaNode } from '@cardinex/contract/sheets/schemaNodes';

export interface NodeFieldProps {
  readonly node: SchemaNode;
  readonly path: Path;
  readonly label?: string;
  /** May be left out: a larger part is then only opened when it is wanted. */
  readonly optional?: boolean;
}

type DrawField = (props: NodeFieldProps) => ReactElement;

const InnerFieldContext = createContext<DrawField | null>(null);

/** Hands in what draws the fields inside a field: nearly every kind of field holds others of any kind. */
export const InnerFields = InnerFieldContext.Provider;

/** A field inside a field. */
export function InnerField(props: NodeFieldProps) {
  const draw = useContext(InnerFieldContext);
  if (!draw) throw new Error('nobody has said how the fields inside are drawn');
  return draw(props);
}
