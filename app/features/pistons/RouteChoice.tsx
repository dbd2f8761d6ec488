import { pistonRoute, routesOf } from '@cardinex/core/sheet/pistonRoute';
import { View } from 'react-native';
import { routeReasons, routeWords as w } from '@cardinex/words/pistonRoute';
import { Button } from '../../ui/Button';
import { useRefusal } from '../../ui/Refusal';
import { Small } from '../../ui/Words';
import { useJob } from '../job/JobProvider';

/** By which of the ways its sheet allows pistons go in on this job; nothing where it has one way alone. */
export function RouteChoice() {
  const { sheet, pinned, record } = useJob();
  const refusal = useRefusal();
  const routes = routesOf(pinned);
  if (routes.length < 2) return null;
  const chosen = pistonRoute(sheet);
  const choose = async (route: (typeof routes)[number]): Promise<void> => {
    if (route === chosen) return;
    refusal.clear();
    await record('piston-route.chosen', { route });
  };
  return (
    <View role="group" aria-label={w.ask} className="gap-3 px-3.5 py-3" testID="piston-route">
      <Small>{w.ask}</Small>
      {routes.map((route, at) => (
        <Button
          key={route}
          label={w.named(route)}
          hint={[routeReasons[route], at === 0 && w.bySheet].filter(Boolean).join(' ')}
          selected={route === chosen}
          onPress={() => void choose(route)}
        />
      ))}
    </View>
  );
}
