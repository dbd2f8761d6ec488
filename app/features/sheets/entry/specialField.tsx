import type { ReactElement } from 'react';
import { CamEventsField } from './CamEventsField';
import { FiringTaps } from './FiringTaps';
import { MapMaker } from './MapMaker';
import { OrderTaps } from './OrderTaps';
import { PickField } from './PickField';
import { UsesField } from './UsesField';
import { ValvesField } from './ValvesField';
import { patternOf } from './begun';
import type { Path } from './paths';
import type { SchemaNode } from './schemaNodes';

/** Fields that are better tapped, drawn or made than typed; null for all others. */
export function specialField(path: Path, _node: SchemaNode): ReactElement | null {
  switch (patternOf(path)) {
    case 'firing/order':
      return <FiringTaps path={path} />;
    case 'overhead/valves':
      return <ValvesField path={path} />;
    case 'overhead/camEvents':
      return <CamEventsField path={path} />;
    case 'fastenedSets/*/map':
      return <MapMaker set={path.slice(0, -1)} />;
    // Made and numbered on the map.
    case 'fastenedSets/*/fasteners':
      return <></>;
    case 'fastenedSets/*/groups/*/uses':
      return <UsesField path={path} />;
    case 'overhead/injectors/before':
    case 'overhead/brakes/before':
    case 'overhead/actuators/before':
      return <PickField path={path} among={['covers']} />;
    case 'fastenedSets/*/programme/cycles/*/stages/*/values/*/group':
      return <PickField path={path} among={[...path.slice(0, 2), 'groups']} />;
    case 'fastenedSets/*/programme/cycles/*/stages/*/order':
      return <OrderTaps path={path} kind="order" />;
    case 'fastenedSets/*/programme/cycles/*/stages/*/leaveOut':
      return <OrderTaps path={path} kind="leaveOut" />;
    default:
      return null;
  }
}
