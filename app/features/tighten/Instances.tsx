import type { RunView } from '@cardinex/core/job/run/views';
import { View } from 'react-native';
import { runDone } from '@cardinex/core/job/run/runView';
import { tightenScreen as w } from '@cardinex/words/cards/tighten';
import { Button } from '../../ui/Button';

interface Props {
  readonly runs: readonly RunView[];
  readonly chosen: RunView;
  readonly onChoose: (instance: string) => void;
}

/** The heads, caps or cylinders of a set, each done or not; nothing where there is only one. */
export function Instances({ runs, chosen, onChoose }: Props) {
  if (runs.length < 2) return null;
  return (
    <View role="group" aria-label={w.instances} className="flex-row flex-wrap gap-2 px-3 pt-2">
      {runs.map((run) => {
        const { instance } = run.name;
        const done = runDone(run);
        return (
          <Button
            key={instance}
            label={done ? `${instance} ✓` : instance}
            name={w.instance(run.set.name, instance) + (done ? ', done' : '')}
            selected={instance === chosen.name.instance}
            onPress={() => onChoose(instance)}
            className="min-w-[52px] flex-1"
          />
        );
      })}
    </View>
  );
}
