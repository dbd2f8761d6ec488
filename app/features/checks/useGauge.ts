import type { GaugeShown } from '@cardinex/core/job/facts/shown';
import { useState } from 'react';
import type { ToolKind } from '@cardinex/core/tools/tool';
import { useTools } from '../../session/queries';

const MEASURES: readonly ToolKind[] = [
  'micrometer',
  'bore-gauge',
  'dial-gauge',
  'depth-gauge',
  'feelers',
];

/** What readings are taken with, chosen once and kept from reading to reading. */
export function useGauge(): {
  readonly gauge: GaugeShown | null;
  readonly gauges: readonly GaugeShown[];
  readonly choose: (id: string | null) => void;
} {
  const [id, choose] = useState<string | null>(null);
  const gauges = (useTools().data?.tools ?? [])
    .filter((tool) => MEASURES.includes(tool.kind))
    .map((tool) => ({ id: tool.id, name: tool.name }));
  return { gauge: gauges.find((entry) => entry.id === id) ?? null, gauges, choose };
}
