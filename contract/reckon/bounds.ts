import { z } from 'zod';

/*
 * Bounds that no engine leaves and no server chokes on.
 */

export const deg = z.number('must be a number').min(-3600).max(3600);
export const mm = z.number('must be a number').min(-10_000).max(10_000);
export const nm = z.number('must be a number').min(-100_000).max(100_000);
export const grams = z.number('must be a number').min(-1e6).max(1e6);
export const cc = z.number('must be a number').min(-1e6).max(1e6);
export const temperature = z.number('must be a number').min(-300).max(2000);
export const date = z.string().max(10, 'must be a date like 2026-03-31');
export const strokes = z.union([z.literal(4), z.literal(2)], 'must be 4 or 2');
export const window = z.strictObject({ fromDeg: deg, toDeg: deg });
export const most = (count: number) => `holds more than ${count}`;
