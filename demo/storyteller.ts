import type { RunName, Side, WrenchShown } from '@cardinex/core/job/facts/run';
import type { Printed } from '@cardinex/core/job/facts/shown';
import type { NutPulled } from '@cardinex/core/job/facts/valves';
import { v7 as uuidv7 } from 'uuid';
import type { Act, ActData, ActType } from '@cardinex/core/job/act';
import { placesOf } from '@cardinex/core/job/cards/liners/view';
import { lockNutNm, lockNutOf } from '@cardinex/core/job/cards/valves/lockNut';
import { wrenchSettingNm } from '@cardinex/core/job/run/wrenchSetting';
import { wrenchShown } from '@cardinex/core/tools/wrench';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { ofInstance } from '@cardinex/core/sheet/ofInstance';
import { drawnDown } from '@cardinex/core/sheet/drawnDown';
import { planOf } from '@cardinex/core/sheet/programmeOf';
import { settingItems } from '@cardinex/core/sheet/settingItems';
import type { FastenedSet } from '@cardinex/core/sheet/spec/fastening';
import type { TightenAct } from '@cardinex/core/tightening/tightenPlan';
import { lockside, type DemoMember, type DemoShop } from './shops';
import { DEMO_TOOL, demoTool } from './tools';

/** A demo job: its acts in order, as some device of the shop would have sent them. */
export interface DemoJob {
  readonly id: string;
  readonly shop: DemoShop;
  readonly acts: readonly Act[];
}

/**
 * Tells a job act by act on an injected clock, so that the demo's logs are made the way real ones
 * are. Every act moves the clock on a little.
 */
export class Storyteller {
  private readonly told: Act[] = [];
  private clockMs: number;
  private inHand: WrenchShown | null = null;
  private member: DemoMember;
  private device: string;

  constructor(
    private readonly shop: DemoShop,
    private readonly jobId: string,
    readonly sheet: EngineSheet,
    startsAt: Date,
    member: DemoMember,
  ) {
    this.clockMs = startsAt.getTime();
    this.member = member;
    this.device = shop.device;
  }

  /** From here on told at another device. */
  at(device: string): this {
    this.device = device;
    return this;
  }

  by(member: DemoMember): this {
    this.member = member;
    return this;
  }

  /** When the last thing was done. */
  get now(): string {
    return new Date(this.clockMs).toISOString();
  }

  wait(minutes: number): this {
    this.clockMs += minutes * 60_000;
    return this;
  }

  act<T extends ActType>(type: T, data: ActData[T]): this {
    this.clockMs += 20_000;
    const count = this.told.length + 1;
    const act = {
      id: uuidv7({ msecs: this.clockMs, seq: count, random: this.chance(count) }),
      v: 1,
      type,
      at: new Date(this.clockMs).toISOString().replace('Z', '+00:00'),
      by: this.member.id,
      device: this.device,
      count,
      seenSeq: count - 1,
      data,
    };
    this.told.push(act as unknown as Act);
    return this;
  }

  /** What stands for chance in an act's id: its own, also beside a job told at the same moment. */
  private chance(count: number): Uint8Array {
    const ofJob = [...this.jobId].reduce((sum, char) => (sum * 31 + char.charCodeAt(0)) % 251, 7);
    return new Uint8Array(16).map((_, place) => (place % 2 === 0 ? count % 251 : ofJob));
  }

  /** Strikes the last act told, as a mis-tap, or with words when it was another's. */
  strikeLast(words?: string): this {
    const target = this.told.at(-1)?.id ?? '';
    return this.act('struck', { target, ...(words && { words }) });
  }

  /**
   * Readings of a liner, place by place. Of two for a sheet that names four places, each crosswise one
   * lies between them.
   */
  liner(bore: string, ...readingsMm: number[]): this {
    const [one, other] = readingsMm;
    const crosswise =
      one !== undefined && other !== undefined && readingsMm.length === 2
        ? Array.from({ length: placesOf(this.sheet) - 2 }, () => inHundredths((one + other) / 2))
        : [];
    [...readingsMm, ...crosswise].forEach((mm, place) =>
      this.act('liner.read', { bore, place, mm, printed: typed(mm) }),
    );
    return this;
  }

  /** Pulls bolts of the head in a stage, from the first of its order on. */
  pull(stage: string, bolts: number): this {
    const set = this.sheet.fastenedSets?.[0];
    if (!set) throw new Error('the sheet has no head');
    (planOf(set, '1')?.acts ?? [])
      .filter((act) => act.stage === stage)
      .slice(0, bolts)
      .forEach(({ key }) => this.pullOne(key));
    return this;
  }

  /** One pull, with the wrench in hand set as it must be. */
  pullOne(key: string): this {
    const set = this.sheet.fastenedSets?.[0];
    const nm = (set && planOf(set, '1')?.acts.find((act) => act.key === key)?.nm) ?? 0;
    const at = new Date(this.clockMs).toISOString();
    const prepared = { wrench: this.inHand, adapter: null, at };
    return this.act('bolt.pulled', {
      key,
      pass: 1,
      nm,
      setNm: wrenchSettingNm(nm, prepared),
      wrench: this.inHand?.id ?? '',
    });
  }

  /** Every torque and angle of one instance of a set from first to last, its waits cut short. */
  wholeRun(set: FastenedSet, instance: string, wrench: string): this {
    this.prepare(wrench, set, instance);
    for (const act of planOf(drawnDown(ofInstance(set, instance)), instance)?.acts ?? [])
      this.oneOf(act);
    return this;
  }

  /**
   * One act of a run, with the wrench in hand; a wait cut short.
   * @param end of what two pull together; both unless given
   */
  oneOf({ key, kind, nm = 0, deg = 0, bar = 0, together }: TightenAct, end?: Side): this {
    const pass = 1;
    switch (kind) {
      case 'wait':
        return this.act('step.done', { key, pass, words: 'Left overnight.' });
      case 'turn-crank':
      case 'draw-down':
        return this.act('step.done', { key, pass });
      case 'slacken':
        return this.act('bolt.eased', { key, pass });
      case 'angle':
        return this.act('bolt.turned', { key, pass, deg });
      case 'hydraulic':
      case 'hydraulic-check':
        return this.act('stud.tensioned', { key, pass, bar });
      case 'torque':
      case 'check': {
        const prepared = { wrench: this.inHand, adapter: null, at: '' };
        const pull = { key, pass, nm, setNm: wrenchSettingNm(nm, prepared) };
        const wrench = this.inHand?.id ?? '';
        const ends = end ? [end] : (['near', 'far'] as const);
        const sides = together ? ends.map((side) => ({ side })) : [{}];
        return sides.reduce<this>(
          (so, side) => so.act('bolt.pulled', { ...pull, wrench, ...side }),
          this,
        );
      }
    }
  }

  /** Gets jacks ready: no wrench is taken in hand. */
  prepareJacks(set: FastenedSet, run: RunName): this {
    const treatment = set.groups[0]?.treatment.says ?? '';
    return this.act('run.prepared', { run, wrench: null, adapter: null, treatment });
  }

  /** From here on pulls are made with this wrench, as the crib has it. */
  take(wrench: string): this {
    this.inHand = wrenchShown(demoTool(this.shop, wrench, new Date(this.clockMs)));
    return this;
  }

  /**
   * Takes a wrench in hand and makes it ready.
   * @param side it pulls from, where another pulls from the other
   */
  prepare(wrench: string, set = this.sheet.fastenedSets?.[0], instance = '1', side?: Side): this {
    if (!set?.programme) throw new Error('the sheet has no head');
    return this.take(wrench).act('run.prepared', {
      run: { set: set.id, instance, programme: set.programme.id },
      wrench: this.inHand,
      adapter: null,
      treatment: set.groups[0]?.treatment.says ?? '',
      ...(side && { side }),
    });
  }

  valve(valve: string, foundMm: number, setMm: number, lockedMm: number): this {
    return this.act('valve.read', { valve, reading: 'found', mm: foundMm, printed: typed(foundMm) })
      .act('valve.read', { valve, reading: 'set', mm: setMm, printed: typed(setMm) })
      .act('valve.read', {
        valve,
        reading: 'locked',
        mm: lockedMm,
        printed: typed(lockedMm),
        ...this.nutOf(valve),
      });
  }

  /** How its lock nut is pulled, where the sheet prints a value: by the first small wrench that reaches it. */
  private nutOf(valve: string): { readonly nut?: NutPulled } {
    const item = settingItems(this.sheet).find(({ id }) => id === valve);
    const printed = item ? lockNutOf(this.sheet, item) : null;
    const nm = printed ? lockNutNm(printed) : null;
    if (nm === null || this.shop.id !== lockside.id) return {};
    const wrench = [DEMO_TOOL.wrench1, DEMO_TOOL.wrench3]
      .map((id) => wrenchShown(demoTool(this.shop, id, new Date(this.clockMs))))
      .find((entry) => entry !== null && entry.lowNm <= nm && nm <= entry.highNm);
    return wrench ? { nut: { nm, setNm: nm, wrench: wrench.id, name: wrench.name } } : {};
  }

  hot(valve: string, mm: number): this {
    return this.act('valve.read', { valve, reading: 'hot', mm, printed: typed(mm) });
  }

  end(): DemoJob {
    return { id: this.jobId, shop: this.shop, acts: this.told };
  }
}

function inHundredths(mm: number): number {
  return Math.round(mm * 100) / 100;
}

export function typed(mm: number): Printed {
  return { text: mm.toFixed(2), unit: 'mm' };
}
