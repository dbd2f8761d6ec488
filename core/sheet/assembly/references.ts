import type { Reference } from '../spec/reference';

/** The piece or act of a reference: "head" of "head/2". */
export function headOf(reference: Reference): string {
  return reference.split('/')[0] ?? reference;
}

/** Does it name one instance, "head/2"? */
export function isInstance(reference: Reference): boolean {
  return reference.includes('/') && !isAll(reference);
}

/** Does it name all instances, whatever they are over: "injector/*"? */
export function isAll(reference: Reference): boolean {
  return reference.endsWith('/*');
}
