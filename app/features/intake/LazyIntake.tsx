import { lazy, Suspense, type ComponentType, type FunctionComponent } from 'react';
import { shared } from '@cardinex/words/en/screens';
import { Notice } from '../../ui/Notice';

type Room = typeof import('./intakeRoom');

/** A card of the room, fetched with the rest of it when it is first opened. */
function card<Props extends object>(
  choose: (room: Room) => ComponentType<Props>,
): FunctionComponent<Props> {
  const Card = lazy(() => import('./intakeRoom').then((room) => ({ default: choose(room) })));
  return function LazyCard(props: Props) {
    return (
      <Suspense fallback={<Notice text={shared.loading} />}>
        <Card {...props} />
      </Suspense>
    );
  };
}

export const LazyCauseCard = card((room) => room.CauseCard);
export const LazyDeadCard = card((room) => room.DeadCard);
export const LazyInspectCard = card((room) => room.InspectCard);
export const LazyMarkCard = card((room) => room.MarkCard);
export const LazyParkScreen = card((room) => room.ParkScreen);
export const LazyPartsCard = card((room) => room.PartsCard);
export const LazyPhotographsScreen = card((room) => room.PhotographsScreen);
export const LazyRegisterScreen = card((room) => room.RegisterScreen);
export const LazyScopeScreen = card((room) => room.ScopeScreen);
export const LazyStripCard = card((room) => room.StripCard);
