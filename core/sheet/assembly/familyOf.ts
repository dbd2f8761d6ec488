import { cylindersOf, type EngineSheet } from '../engineSheet';
import type { Family } from '../families';

/**
 * The family an engine is of, by its build: how its cylinders stand, its strokes, its valve gear and its heads.
 * @example familyOf(sheet) // 'separate-heads', for an in-line engine with a head on each cylinder
 */
export function familyOf(sheet: EngineSheet): Family {
  const { layout, strokes, overhead, head, fastenedSets } = sheet;
  if (layout.form === 'opposed') return 'flat';
  if (layout.form === 'v') return 'v-petrol';
  if (strokes === 2) return 'two-stroke';
  if (overhead?.gear === 'overhead-cam' || head?.camInHead) return 'overhead-cam';
  const heads = fastenedSets?.find(({ kind }) => kind === 'head')?.instances.length ?? 1;
  return heads > 1 && heads === cylindersOf(sheet).length ? 'separate-heads' : 'in-line';
}
