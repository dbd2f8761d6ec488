import type { RunView } from '@cardinex/core/job/run/views';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { runResults, type RunResults } from '@cardinex/core/job/run/results';
import { toLetBack } from '@cardinex/core/job/run/preparedFor';
import { runCard } from '@cardinex/core/job/run/runCard';
import { tightenScreen as w } from '@cardinex/words/cards/tighten';
import { toolsWords } from '@cardinex/words/tools';
import { usePreferences } from '../../device/preferences';
import { Button } from '../../ui/Button';
import { Mark } from '../../ui/Mark';
import { Body } from '../../ui/Words';
import { CardFrame } from '../job/CardFrame';
import { EndMark } from '../job/EndMark';
import { NextCard } from '../job/NextCard';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';
import { HeadMap } from './HeadMap';
import { Results } from './Results';
import { NutTravel } from './run/JackFacts';
import { TakeOut } from './TakeOut';
import { TightenBack } from './TightenBack';
import { BarRow } from '../../ui/BarRow';

/** Every stage closed: what each bolt got, and the last act of a run. */
export function RunDone({ view, instances }: { view: RunView; instances: ReactNode }) {
  const { sheet, record } = useJob();
  const bolts = view.stages.findLast((stage) => 'order' in stage.stage)?.bolts ?? [];
  const results = runResults(view);
  const { end } = usePreferences();
  const left = toLetBack(view.run);
  const next = left.find((puller) => puller === end) ?? left[0];
  const letItBack = useOnce(async () => {
    if (next)
      await record('wrench.let-back', { run: view.name, ...(next !== 'both' && { side: next }) });
  });
  const isLetBack = next === undefined && Object.keys(view.run.letBack).length > 0;
  const markAll = useOnce(() => record('run.marked', { run: view.name }));
  const [taking, setTaking] = useState(false);
  return (
    <CardFrame
      {...runCard(view.name, sheet)}
      title={w.allDone}
      aside={view.set.instances.length > 1 ? view.name.instance : view.set.name}
      back={<TightenBack view={view} />}
      slip={taking ? <TakeOut view={view} onClose={() => setTaking(false)} /> : null}
      actBar={
        <BarRow>
          {view.run.marked ? null : (
            <Button
              label={w.marked}
              hint={w.markedHint}
              kind="expected"
              tall
              onPress={markAll}
              className="flex-1"
            />
          )}
          {next && view.run.marked ? (
            <Button
              label={toolsWords.letBack}
              hint={
                next === 'both'
                  ? toolsWords.letBackHint
                  : w.wrenchAt(view.run.prepared[next]?.wrench?.name ?? '', w.sides[next])
              }
              kind="expected"
              tall
              onPress={letItBack}
              className="min-w-[8rem] flex-[2]"
            />
          ) : null}
          <NextCard plain={next !== undefined || !view.run.marked} className="flex-1" />
        </BarRow>
      }
    >
      {instances}
      <View className="gap-3 p-3.5">
        <Mark kind="within" word={w.stageDone(view.stages.length)} />
        <NutTravel view={view} />
        <Body>
          {[view.run.marked ? w.isMarked : '', isLetBack ? toolsWords.isBack : '']
            .filter(Boolean)
            .join(' ') || w.allDoneHint}
        </Body>
        <EndMark end={sheet.cylinder1End} />
        {wasRead(results) ? null : (
          <HeadMap
            set={view.set}
            bolts={bolts.map((b) => ({ id: b.act.fastener, status: b.status }))}
            currentId={null}
            nextId={null}
            label={w.allDone}
          />
        )}
        <Results view={view} results={results} />
        <Button label={w.takeOut} onPress={() => setTaking(true)} />
      </View>
    </CardFrame>
  );
}

/** Was any fastener read? Then what each got is drawn instead of that it is done. */
function wasRead({ bolts }: RunResults): boolean {
  return bolts.some(
    ({ reachedNm, reachedDeg, holes }) => (reachedNm ?? reachedDeg ?? holes) !== undefined,
  );
}
