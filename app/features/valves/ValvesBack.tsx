import { View } from 'react-native';
import type { BarringPlan } from '@cardinex/core/overhead/barringPlan';
import { bookAgainstPlan } from '@cardinex/core/sheet/bookAgainstPlan';
import { compareBookTable } from '@cardinex/core/sheet/compareBookTable';
import type { OverheadView } from '@cardinex/core/job/cards/valves/view';
import { leafFor } from '@cardinex/core/job/cards/valves/item';
import { itemNamed } from '@cardinex/words/itemNames';
import {
  barringSentence,
  bookDifferenceSentence,
  valvesScreen as w,
} from '@cardinex/words/cards/valves';
import { schoolName } from '@cardinex/words/overheadNames';
import { degrees, listed } from '@cardinex/words/quantity';
import { Mark } from '../../ui/Mark';
import { Marked } from '../../ui/Marked';
import { Body, Heading, Small } from '../../ui/Words';
import { ActLog } from '../job/ActLog';
import { useJob } from '../job/JobProvider';
import { LeafDrawing } from './gap/LeafDrawing';
import { Overhauls } from './trend/Overhauls';
import { TurnAndSee } from './barring/TurnAndSee';
import { VALVES_ACTS } from './ownActs';

/** The whole plan beside the book's table, what each cylinder is doing now, cautions, what was done. */
export function ValvesBack({ view }: { view: OverheadView }) {
  const { state } = useJob();
  const { sheet } = useJob();
  const { plan, spec } = view;
  const { atDeg } = state.crank;
  const hotOnly = Object.values(spec.clearances ?? {}).some((c) => !c.cold && c.hot);
  return (
    <View className="gap-3">
      <Body className="font-strong">{w.barCaution}</Body>
      <View>
        <Small>{schoolName(view.school)}</Small>
        <Heading level={3}>{barringSentence(plan)}</Heading>
        {plan.positions.map((position) => (
          <View key={position.atDeg} className="flex-row justify-between gap-3 pt-1">
            <Body className="w-14 font-strong">{degrees(position.atDeg)}</Body>
            <Body className="flex-1">
              {listed(position.set.map(({ id }) => itemNamed(sheet, id)))}
            </Body>
          </View>
        ))}
        {spec.camEvents?.from === 'assumed' ? <Small>{w.assumedEvents}</Small> : null}
      </View>
      <BookTable plan={plan} />
      <Leaves view={view} />
      <Overhauls />
      {hotOnly ? (
        <View className="border-t border-rule pt-2">
          <Mark kind="waiting" word={w.provisionalShort} />
          <Body>{w.provisional}</Body>
        </View>
      ) : null}
      <View className="border-t border-rule pt-2">
        <Heading level={3}>{w.turnAndSee}</Heading>
        <TurnAndSee
          sheet={sheet}
          overhead={view.overhead}
          rotation={view.rotation}
          startDeg={atDeg ?? 0}
        />
      </View>
      <ActLog of={VALVES_ACTS} />
    </View>
  );
}

/** Where the leaf goes, once for each kind of gap this engine has. */
function Leaves({ view }: { view: OverheadView }) {
  const { spec, items } = view;
  const gaps = items.filter(({ setBy }) => setBy === 'gap').map(({ item }) => item.kind);
  const kinds = [...new Set(gaps.map((kind) => (kind === 'intake' ? 'exhaust' : kind)))];
  const described = kinds.flatMap((kind) => {
    const between = leafFor(spec, kind);
    return between === undefined ? [] : [{ kind, between }];
  });
  if (described.length === 0) return null;
  return (
    <View className="gap-2 border-t border-rule pt-2">
      <Heading level={3}>{w.leafGoes}</Heading>
      {described.map(({ kind, between }) => (
        <View key={kind} className="flex-row flex-wrap items-center gap-3">
          <LeafDrawing spec={spec} kind={kind} between={between} />
          <Body className="min-w-[120px] flex-1">{w.leafBetween(between)}</Body>
        </View>
      ))}
    </View>
  );
}

/** The manual's own table, whether ours agrees with it, and where this way goes another. */
function BookTable({ plan }: { plan: BarringPlan }) {
  const { sheet } = useJob();
  const table = sheet.overhead?.bookTable;
  const compared = compareBookTable(sheet);
  if (!table || !compared) return null;
  const elsewhere = bookAgainstPlan(sheet, plan);
  return (
    <View className="border-t border-rule pt-2">
      <Marked kind={compared.agrees ? 'within' : 'out'}>
        {compared.agrees ? w.bookAgrees(table.source) : w.bookDiffers(table.source)}
      </Marked>
      {table.positions.map(({ says }) => (
        <Small key={says}>“{says}”</Small>
      ))}
      {compared.doubtful.map(({ valve, atDeg, clearanceDeg }) => (
        <Body key={`${valve}-${atDeg}`}>
          {w.bookDoubt(valve, degrees(atDeg), degrees(clearanceDeg))}
        </Body>
      ))}
      {compared.missing.length > 0 ? <Body>{w.bookMissing(compared.missing)}</Body> : null}
      {elsewhere.length > 0 ? <Small>{w.bookElsewhere}</Small> : null}
      {elsewhere.map((difference) => (
        <Body key={difference.valve}>{bookDifferenceSentence(difference)}</Body>
      ))}
      {compared.agrees ? null : <Body className="font-strong">{w.bookWins}</Body>}
    </View>
  );
}
