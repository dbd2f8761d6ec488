import type { RouteName } from '@cardinex/contract/routes/route';

/** @example partsOf('GET /api/jobs/{id}') // { method: 'get', path: '/api/jobs/{id}' } */
export function partsOf(name: RouteName): {
  readonly method: 'get' | 'post' | 'put' | 'delete';
  readonly path: string;
} {
  const [method = '', path = ''] = name.split(' ');
  return { method: method.toLowerCase() as 'get' | 'post' | 'put' | 'delete', path };
}

/** A path in which nothing is filled in is meant before one where something is. */
export function exactFirst<Name extends RouteName>(names: readonly Name[]): readonly Name[] {
  return [...names].sort((name, other) => Number(name.includes('{')) - Number(other.includes('{')));
}
