import { headMapDrawing } from '@cardinex/drawings/tighten/headMap';
import type { ComponentProps } from 'react';
import { DrawingView } from '../../ui/drawing/DrawingView';

type Facts = Parameters<typeof headMapDrawing>[0];

interface Props extends Omit<Facts, 'description'> {
  readonly label: string;
  readonly onPress?: ComponentProps<typeof DrawingView>['onPress'];
}

/** The tallest a map may stand above the figures; where heads are chosen above it, there is less room. */
const TALLEST_PX = { alone: 232, ofSeveral: 176 } as const;

/** A head from above with its bolts, each chosen by a touch where that is asked for. */
export function HeadMap({ label, onPress, ...facts }: Props) {
  return (
    <DrawingView
      drawing={headMapDrawing({ ...facts, description: label })}
      maxHeight={tallestOf(facts.set)}
      onPress={onPress}
    />
  );
}

/** How tall a map of a set may stand. */
export function tallestOf({ instances }: Pick<Facts['set'], 'instances'>): number {
  return instances.length > 1 ? TALLEST_PX.ofSeveral : TALLEST_PX.alone;
}
