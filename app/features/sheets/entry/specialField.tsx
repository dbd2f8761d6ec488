import type { ReactElement } from 'react';
import { CamEventsField } from './CamEventsField';
import { FiringTaps } from './FiringTaps';
import { HELD_BESIDE_SETS } from '@cardinex/core/sheet/spec/kit';
import { labelOf, fieldLabel } from '@cardinex/words/sheets/fields';
import { MapMaker } from './MapMaker';
import { MarkField } from './MarkField';
import { MarkPlacesField } from './MarkPlacesField';
import { OrderTaps } from './OrderTaps';
import { OverridesField } from './OverridesField';
import { KindField } from './KindField';
import { PickField } from './PickField';
import { PiecesField } from './PiecesField';
import { ReferencesField } from './ReferencesField';
import { UsesField } from './UsesField';
import { ValvesField } from './ValvesField';
import { patternOf, type Path } from '@cardinex/core/sheet/draftPath';
import type { SchemaNode } from '@cardinex/contract/sheets/schemaNodes';

/** What waits for a part besides a set of fasteners. */
const HELD_UP_BY_PARTS = HELD_BESIDE_SETS.map((value) => ({ value, label: fieldLabel(value) }));

/**
 * Fields that are better tapped, drawn or made than typed; undefined for all others, null for what
 * another field draws.
 */
export function specialField(path: Path, node: SchemaNode): ReactElement | null | undefined {
  switch (patternOf(path)) {
    case 'firing/order':
      return <FiringTaps path={path} />;
    case 'overhead/valves':
      return <ValvesField path={path} />;
    case 'overhead/camEvents':
      return <CamEventsField path={path} />;
    case 'fastenedSets/*/map':
      return <MapMaker set={path.slice(0, -1)} node={node} />;
    // Made and numbered on the map.
    case 'fastenedSets/*/fasteners':
      return null;
    case 'variants/*/options/*/overrides':
      return <OverridesField path={path} />;
    case 'fastenedSets/*/groups/*/uses':
      return <UsesField path={path} />;
    case 'fastenedSets/*/programme/cycles/*/stages/*/values/*/group':
      return <PickField path={path} among={[...path.slice(0, 2), 'groups']} />;
    case 'renew/*/fits':
      return <PickField path={path} among={['fastenedSets']} others={HELD_UP_BY_PARTS} />;
    case 'assembly/pieces':
      return <PiecesField node={node} path={path} />;
    case 'assembly/pieces/*/kind':
      return <KindField path={path} />;
    case 'fastenedSets/*/clamps':
    case 'assembly/pieces/*/restsOn':
    case 'assembly/acts/*/needs':
    case 'assembly/acts/*/shutBy':
    case 'assembly/temporary/*/shuts':
      return <ReferencesField path={path} />;
    case 'assembly/pieces/*/shuts':
      return <ReferencesField path={path} acts />;
    case 'assembly/pieces/*/onAfter/*/piece':
    case 'assembly/pieces/*/offAfter/*/piece':
    case 'assembly/pieces/*/eases/*/piece':
    case 'assembly/pieces/*/joints/*/on':
      return <ReferencesField path={path} single />;
    case 'assembly/temporary/*/in':
    case 'assembly/temporary/*/out':
    case 'assembly/ways/*/to':
      return <ReferencesField path={path} acts single />;
    case 'assembly/pieces/*/joints/*/part':
      return <PickField path={path} among={['renew']} by="part" />;
    case 'timing/markPlaces':
      return <MarkPlacesField node={node} path={path} label={labelOf(path)} />;
    case 'timing/markPlaces/*/mark':
      return <MarkField path={path} />;
    case 'timing/markPlaces/*/wheel':
      return <PickField path={path} among={['timing', 'wheels']} needed />;
    case 'timing/markPlaces/*/meets':
      return <PickField path={path} among={['timing', 'wheels']} />;
    case 'fastenedSets/*/programme/cycles/*/stages/*/order':
      return <OrderTaps path={path} kind="order" />;
    case 'fastenedSets/*/programme/cycles/*/stages/*/leaveOut':
      return <OrderTaps path={path} kind="leaveOut" />;
    case 'fastenedSets/*/programme/cycles/*/stages/*/farSide':
      return <OrderTaps path={path} kind="farSide" />;
    default:
      return undefined;
  }
}
