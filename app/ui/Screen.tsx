import { useEffect, type PropsWithChildren, type ReactNode } from 'react';
import { ScrollView, View } from 'react-native';
import { cn } from './cn';
import { DrawingsInSightProvider, useDrawingsInSight } from './drawing/inSight';
import { SaveDrawings } from './drawing/SaveDrawings';
import { SCREEN_SCROLL } from './place/marks';
import { useRefusal } from './Refusal';

interface Props {
  readonly header?: ReactNode;
  /** Stands at the foot, within a thumb's reach; never over the content. */
  readonly actBar?: ReactNode;
  readonly wide?: boolean;
}

/** The bench: a header, what lies on it, and the act bar at the foot. */
export function Screen({ header, actBar, wide = false, children }: PropsWithChildren<Props>) {
  const { clear } = useRefusal();
  // What another page refused is not said on this one.
  useEffect(() => clear, [clear]);
  return (
    <View role="main" className={cn('mx-auto h-full w-full bg-bench', !wide && 'max-w-[560px]')}>
      {header}
      <ScrollView
        nativeID={SCREEN_SCROLL}
        className="flex-1"
        contentContainerClassName="px-2.5 pb-4"
      >
        <DrawingsInSightProvider>
          {children}
          <DrawnHere />
        </DrawingsInSightProvider>
      </ScrollView>
      {actBar ? <View className="no-print px-2.5 pb-3 pt-2">{actBar}</View> : null}
    </View>
  );
}

/** Below all else, for the few who want what is drawn. */
function DrawnHere() {
  const drawings = useDrawingsInSight();
  if (drawings().length === 0) return null;
  return (
    <View className="rounded-lg border border-rule bg-card p-3.5">
      <SaveDrawings drawings={drawings} />
    </View>
  );
}
