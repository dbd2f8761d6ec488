import { valueIn } from '@cardinex/core/quantity/readQuantity';
import { useState } from 'react';
import { View } from 'react-native';
import type {
  ClampSimulate,
  ClampSimulateInput,
  ClampStage,
} from '@cardinex/core/tightening/clampSimulate';
import { benchWords } from '@cardinex/words/bench';
import { clampForce } from '@cardinex/words/clamp';
import { clampWords as w } from '@cardinex/words/cards/clamp';
import { useWorked } from '../../device/worker/useWorked';
import { WorkStanding } from '../../device/worker/WorkStanding';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Body, Heading, Small } from '../../ui/Words';
import type { Compared } from './clamp.worker';
import type { DrawnSet } from '@cardinex/drawings/tighten/deck';
import { ClampDeck } from './ClampDeck';
import {
  orderFor,
  ORDERS,
  scattered,
  STAGE_CHOICES,
  stagesFor,
  type OrderChoice,
  type StageChoice,
} from './plans';
import { startClampWorker } from './startClampWorker';

interface Props {
  readonly set: DrawnSet;
  /** The deck's own order and stages. */
  readonly order: readonly string[];
  readonly stages: readonly ClampStage[];
}

interface Choices {
  readonly order: OrderChoice;
  readonly stages: StageChoice;
}

const PLANS = ['a', 'b'] as const;
type Plan = (typeof PLANS)[number];

/** What is stated rather than known. */
const STATED = [
  { key: 'interaction', unit: '%', hint: '' },
  { key: 'decay', unit: 'mm', hint: '' },
  { key: 'scatter', unit: '%', hint: w.scatterHint },
] as const;

const TRIALS = 1000;

/** What would happen if: two ways to tighten one deck, side by side, and why they end so. */
export function WhatIf({ set, order, stages }: Props) {
  const { fasteners } = set;
  const [plans, setPlans] = useState<Readonly<Record<Plan, Choices>>>({
    a: { order: 'own', stages: 'own' },
    b: { order: 'along', stages: 'one' },
  });
  const choose = (plan: Plan, change: Partial<Choices>): void =>
    setPlans({ ...plans, [plan]: { ...plans[plan], ...change } });
  const [typed, setTyped] = useState({ interaction: '15', decay: '120', scatter: '' });
  const [seed, setSeed] = useState(1);
  const number = (text: string, unit = '%'): number | undefined => {
    const value = valueIn(text, unit);
    return value === null || value < 0 ? undefined : value;
  };
  const interaction = number(typed.interaction);
  const decayMm = number(typed.decay, 'mm');
  const percent = typed.scatter.trim() === '' ? undefined : number(typed.scatter);
  const faultOf = (text: string): string | undefined =>
    text.trim() !== '' && number(text) === undefined ? benchWords.notNumber : undefined;
  const complete =
    interaction !== undefined && decayMm !== undefined && faultOf(typed.scatter) === undefined;
  const inputOf = (choices: Choices): ClampSimulateInput => ({
    fasteners: fasteners.map(({ id, xMm, yMm }) => ({ id, xMm, yMm })),
    order: orderFor(choices.order, fasteners, order),
    stages: scattered(
      stagesFor(choices.stages, stages),
      percent === undefined ? undefined : percent / 100,
    ),
    interaction: (interaction ?? 0) / 100,
    decayMm: decayMm ?? 1,
    trials: TRIALS,
    seed,
  });
  const work = useWorked<Compared>(
    startClampWorker,
    complete ? { a: inputOf(plans.a), b: inputOf(plans.b) } : null,
  );
  const found = work?.state === 'done' ? work.found : null;
  const fullKn = found ? Math.max(mostOf(found.a), mostOf(found.b)) : 1;
  return (
    <View className="gap-3">
      {work && work.state !== 'done' ? <WorkStanding work={work} words={w.work} /> : null}
      {found ? (
        <View className="flex-row flex-wrap gap-4">
          {PLANS.map((key) => (
            <View key={key} className="min-w-[250px] flex-1 gap-2" testID={`plan-${key}`}>
              <Heading level={3}>{w.plans[key]}</Heading>
              <Outcome title={w.plans[key]} set={set} found={found[key]} fullKn={fullKn} />
            </View>
          ))}
        </View>
      ) : null}
      <View className="flex-row flex-wrap gap-4 border-t border-rule pt-3">
        {PLANS.map((key) => (
          <View
            key={key}
            role="group"
            aria-label={w.plans[key]}
            className="min-w-[250px] flex-1 gap-2"
          >
            <Heading level={3}>{w.plans[key]}</Heading>
            <Choice
              label={w.order}
              value={plans[key].order}
              options={ORDERS.map((value) => ({ value, label: w.orders[value] }))}
              onChange={(value) => choose(key, { order: value })}
            />
            <Choice
              label={w.stages}
              value={plans[key].stages}
              options={STAGE_CHOICES.map((value) => ({ value, label: w.stageChoices[value] }))}
              onChange={(value) => choose(key, { stages: value })}
            />
          </View>
        ))}
      </View>
      <View className="flex-row flex-wrap gap-3">
        {STATED.map(({ key, unit, hint }) => (
          <View key={key} className="min-w-[150px] flex-1">
            <Field
              label={w[key]}
              unit={unit}
              hint={hint}
              inputMode="decimal"
              value={typed[key]}
              fault={faultOf(typed[key])}
              onChangeText={(text) => setTyped({ ...typed, [key]: text })}
            />
          </View>
        ))}
      </View>
      <Button label={w.drawAgain} onPress={() => setSeed(seed + 1)} />
      <Small>{w.stated(TRIALS)}</Small>
    </View>
  );
}

function mostOf({ stages }: ClampSimulate): number {
  return Math.max(...(stages.at(-1)?.bolts ?? []).map(({ meanKn }) => meanKn), 1e-9);
}

/** A deck after one of its stages, and how far apart its bolts are after each. */
function Outcome({
  title,
  set,
  found,
  fullKn,
}: {
  title: string;
  set: DrawnSet;
  found: ClampSimulate;
  fullKn: number;
}) {
  const [after, setAfter] = useState<number | null>(null);
  const at = after !== null && after < found.stages.length ? after : found.stages.length - 1;
  const stage = found.stages[at];
  if (!stage) return null;
  const means = stage.bolts.map(({ meanKn }) => meanKn);
  return (
    <View className="gap-2">
      <ClampDeck title={title} set={set} bolts={stage.bolts} fullKn={fullKn} />
      <View role="group" aria-label={w.afterStage} className="flex-row flex-wrap gap-2">
        {found.stages.map(({ spreadKn }, place) => (
          <Button
            key={place}
            label={`${place + 1}`}
            hint={clampForce(spreadKn)}
            selected={place === at}
            onPress={() => setAfter(place)}
            className="min-w-[72px] flex-1"
          />
        ))}
      </View>
      <Body className="font-strong">
        {w.outcome(
          at + 1,
          clampForce(Math.min(...means)),
          clampForce(Math.max(...means)),
          clampForce(stage.spreadKn),
        )}
      </Body>
    </View>
  );
}
