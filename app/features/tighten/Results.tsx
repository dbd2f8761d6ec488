import { useShopTime } from '../../session/useShopTime';
import type { RunView } from '@cardinex/core/job/run/views';
import { View } from 'react-native';
import type { BoltResult, RunResults } from '@cardinex/core/job/run/results';
import { holesText } from '@cardinex/words/holes';
import { tightenScreen as w } from '@cardinex/words/cards/tighten';
import { degrees, listed, torque, torqueFigure, type ReaderUnits } from '@cardinex/words/quantity';
import { useUnits } from '../../device/preferences';
import { useTools } from '../../session/queries';
import { useMemberName } from '../../session/SessionProvider';
import { Mark } from '../../ui/Mark';
import { Body, Heading, Small } from '../../ui/Words';
import { HeadMap } from './HeadMap';

/** What each fastener got, which are odd, how long it took, who and with what. */
export function Results({ view, results }: { view: RunView; results: RunResults }) {
  const { moment } = useShopTime();
  const units = useUnits();
  const nameOf = useMemberName();
  const tools = useTools().data?.tools ?? [];
  if (results.from === null || results.to === null) return null;
  const odd = results.bolts.filter((bolt) => bolt.odd.length > 0);
  const read = results.bolts.filter((bolt) => reachedText(bolt, units) !== '');
  const wrenches = results.wrenches.map((id) => tools.find((tool) => tool.id === id)?.name ?? id);
  return (
    <View className="gap-2 border-t border-rule pt-3" testID="results">
      <Heading level={3}>{w.results}</Heading>
      {odd.length > 0 ? (
        <View className="gap-1">
          <Mark kind="out" word={w.oddOnes(listed(odd.map(({ number }) => number)))} />
          {odd.map((bolt) => (
            <Body
              key={bolt.fastener}
            >{`${bolt.number}: ${bolt.odd.map((item) => w.odd[item]).join(', ')}.`}</Body>
          ))}
        </View>
      ) : (
        <Mark kind="within" word={w.noneOdd} />
      )}
      {read.length > 0 ? <GotMap view={view} bolts={results.bolts} units={units} /> : null}
      <Small>{w.took(moment(results.from), moment(results.to))}</Small>
      <Small>{w.by(listed(results.people.map(nameOf)))}</Small>
      {wrenches.length > 0 ? <Small>{w.withWhat(listed(wrenches))}</Small> : null}
    </View>
  );
}

/** What each was read at, where it stands; the odd ones by their shape. */
function GotMap({
  view,
  bolts,
  units,
}: {
  view: RunView;
  bolts: readonly BoltResult[];
  units: ReaderUnits;
}) {
  const values = new Map(bolts.map((bolt) => [bolt.fastener, shortOf(bolt, units)]));
  const sentences = bolts.map((bolt) => `${bolt.number}: ${reachedText(bolt, units) || w.notRead}`);
  return (
    <HeadMap
      set={view.set}
      values={values}
      bolts={bolts.map(({ fastener, odd }) => ({
        id: fastener,
        status: odd.length > 0 ? 'failed' : 'done',
      }))}
      currentId={null}
      nextId={null}
      label={w.gotMap(sentences.join(', '))}
    />
  );
}

/** As little as fits under a mark. */
function shortOf({ reachedNm, reachedDeg, holes }: BoltResult, units: ReaderUnits): string {
  if (reachedDeg !== undefined) return `${Math.round(reachedDeg)}°`;
  if (reachedNm !== undefined) return torqueFigure(reachedNm, units.torque);
  return holes === undefined ? '' : String(holes);
}

function reachedText({ reachedNm, reachedDeg, holes }: BoltResult, units: ReaderUnits): string {
  return [
    reachedNm === undefined ? '' : torque(reachedNm, units),
    reachedDeg === undefined ? '' : degrees(reachedDeg),
    holes === undefined ? '' : holesText(holes),
  ]
    .filter(Boolean)
    .join(', ');
}
