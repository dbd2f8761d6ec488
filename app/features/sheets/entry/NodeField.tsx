import { View } from 'react-native';
import { labelOf } from '@cardinex/words/sheets/fields';
import { FigureField } from './FigureField';
import { InnerFields, type NodeFieldProps } from './InnerField';
import { ListField } from './ListField';
import { NumberField } from './NumberField';
import { ObjectFields, OptionalObject } from './ObjectFields';
import { MaybeNothing, OneOfValues, PlainText, YesNo } from './PlainFields';
import { PrintedField } from './PrintedField';
import { UnionField } from './UnionField';
import { placeText } from '@cardinex/core/sheet/draftPath';
import { branchesOf, nameOf, resolved } from '@cardinex/contract/sheets/schemaNodes';
import { specialField } from './specialField';

/**
 * One field of a sheet, drawn from its published schema, so that whatever a sheet can hold can be
 * entered. What deserves better than a field (a map, an order) has one of its own. Its place names it
 * in the page, so that what is wrong with it can be gone to.
 */
export function NodeField(props: NodeFieldProps) {
  const { node, path, label = labelOf(path), optional = false } = props;
  const special = specialField(path, node);
  if (special === null) return null;
  return (
    <InnerFields value={drawField}>
      <View id={placeText(path)}>
        {special ?? <SchemaField node={node} path={path} label={label} optional={optional} />}
      </View>
    </InnerFields>
  );
}

function drawField(props: NodeFieldProps) {
  return <NodeField {...props} />;
}

/** The kind of field a shape asks for. */
function SchemaField({ node, path, label, optional }: Required<NodeFieldProps>) {
  const shape = resolved(node);
  const name = nameOf(node);
  if (name?.endsWith('Figure')) {
    return <FigureField path={path} label={label} units={shape.properties?.unit?.enum ?? []} />;
  }
  if (name?.startsWith('Printed')) return <PrintedField node={shape} path={path} label={label} />;
  const branches = branchesOf(node);
  if (branches.some((branch) => branch.type === 'null')) {
    return <MaybeNothing node={branches[0] ?? {}} path={path} label={label} />;
  }
  if (branches.length > 0 && branches.every((branch) => branch.const !== undefined)) {
    return <OneOfValues values={branches.map((b) => b.const)} path={path} label={label} />;
  }
  if (branches.length > 0) return <UnionField branches={branches} path={path} label={label} />;
  if (shape.enum) return <OneOfValues values={shape.enum} path={path} label={label} />;
  switch (shape.type) {
    case 'object':
      return optional ? (
        <OptionalObject node={shape} path={path} label={label} />
      ) : (
        <ObjectFields node={shape} path={path} label={label} />
      );
    case 'array':
      return <ListField node={shape} path={path} label={label} />;
    case 'boolean':
      return <YesNo path={path} label={label} />;
    case 'number':
    case 'integer':
      return <NumberField path={path} label={label} />;
    case undefined:
    default:
      return <PlainText node={shape} path={path} label={label} />;
  }
}
