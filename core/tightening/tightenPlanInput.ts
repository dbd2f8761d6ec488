import type { Fastener, Programme, WrenchRange, Demand } from './programme';

export interface TightenPlanInput {
  readonly set: string;
  readonly instance: string;
  readonly fasteners: readonly Fastener[];
  readonly programme: Programme;
  readonly wrenches?: readonly WrenchRange[];
  readonly demands?: readonly Demand[];
}
