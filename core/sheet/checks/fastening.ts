import type { TightenFinding } from '../../tightening/tightenPlan';
import { cylindersOf, type EngineSheet } from '../engineSheet';
import { planOf } from '../programmeOf';
import {
  isSheetPause,
  type FastenedSet,
  type SheetPullStage,
  type SheetProgramme,
  type SheetStage,
} from '../spec/fastening';
import { doubt, fault, repeatedIds, repeats, samePlaces, type SheetFinding } from './finding';
import { unknownCylinders } from './identity';

/** Every fastened set: its map, its groups, its programme. */
export function checkFastening(sheet: EngineSheet): SheetFinding[] {
  const sets = sheet.fastenedSets ?? [];
  return [
    ...repeatedIds('fastenedSets', sets),
    ...sets.flatMap((set, place) => {
      const at = `fastenedSets[${place}]`;
      return [
        ...idFindings(set, at),
        ...mapFindings(sheet, set, at),
        ...groupFindings(set, at),
        ...(set.programme ? programmeFindings(set, set.programme, at) : []),
      ];
    }),
    ...rodCapFindings(sheet, sets),
  ];
}

/** A rod cap is named by its cylinder: where any is on the sheet, all are. */
function rodCapFindings(sheet: EngineSheet, sets: readonly FastenedSet[]): SheetFinding[] {
  const caps = sets.flatMap((set) => (set.kind === 'rod-caps' ? set.instances : []));
  if (caps.length === 0) return [];
  const place = sets.findIndex(({ kind }) => kind === 'rod-caps');
  const cylinders = cylindersOf(sheet);
  const missing = cylinders.filter((cylinder) => !caps.includes(String(cylinder)));
  return missing.map((cylinder) =>
    fault(`fastenedSets[${place}].instances`, 'rod-cap-missing', {
      cylinder,
      have: cylinders.length - missing.length,
      of: cylinders.length,
    }),
  );
}

function idFindings(set: FastenedSet, at: string): SheetFinding[] {
  const cycles = set.programme?.cycles ?? [];
  return [
    ...repeatedIds(`${at}.groups`, set.groups),
    ...repeatedIds(`${at}.fasteners`, set.fasteners),
    ...repeatedIds(`${at}.programme.cycles`, cycles),
    ...cycles.flatMap((cycle, c) =>
      repeatedIds(`${at}.programme.cycles[${c}].stages`, cycle.stages),
    ),
    ...repeats(set.instances).map(({ place, value }) =>
      fault(`${at}.instances[${place}]`, 'repeated', { id: value }),
    ),
    ...repeats(set.fasteners.map((f) => f.number)).map(({ place, value }) =>
      doubt(`${at}.fasteners[${place}].number`, 'repeated', { id: value }),
    ),
  ];
}

function mapFindings(
  sheet: EngineSheet,
  { map, fasteners }: FastenedSet,
  at: string,
): SheetFinding[] {
  const outside = fasteners.flatMap(({ number, xMm, yMm }, place) =>
    xMm <= map.widthMm && yMm <= map.heightMm
      ? []
      : [fault(`${at}.fasteners[${place}]`, 'outside-map', { fastener: number })],
  );
  const together = samePlaces(
    `${at}.fasteners`,
    fasteners.map(({ number, xMm, yMm }) => ({ name: number, xMm, yMm })),
  );
  const bores = unknownCylinders(
    sheet,
    `${at}.map.bores`,
    (map.bores ?? []).map((bore) => bore.cylinder),
  );
  return [...outside, ...together, ...bores];
}

function groupFindings(set: FastenedSet, at: string): SheetFinding[] {
  const known = new Set(set.groups.map((group) => group.id));
  return set.fasteners.flatMap(({ group, number }, place) => {
    const where = `${at}.fasteners[${place}].group`;
    if (group === undefined) {
      return set.groups.length > 1 ? [fault(where, 'group-needed', { fastener: number })] : [];
    }
    return known.has(group) ? [] : [fault(where, 'unknown-group', { group })];
  });
}

function programmeFindings(
  set: FastenedSet,
  programme: SheetProgramme,
  at: string,
): SheetFinding[] {
  const findings = programme.cycles.flatMap((cycle, c) =>
    cycle.stages.flatMap((stage, s) =>
      stageFindings(set, stage, `${at}.programme.cycles[${c}].stages[${s}]`),
    ),
  );
  if (findings.some((finding) => finding.bars)) return findings;
  const distinct = idFindings(set, at).every((finding) => !finding.bars);
  return distinct ? [...findings, ...planFindings(set, programme, at)] : findings;
}

function stageFindings(set: FastenedSet, stage: SheetStage, at: string): SheetFinding[] {
  if (isSheetPause(stage)) {
    return stage.kind === 'wait' && !stage.time ? [doubt(`${at}.time`, 'wait-without-time')] : [];
  }
  const known = new Set(set.fasteners.map((f) => f.id));
  const groups = new Set(set.groups.map((group) => group.id));
  const unknown = (name: string, ids: readonly string[]): SheetFinding[] =>
    ids.flatMap((id, place) =>
      known.has(id) ? [] : [fault(`${at}.${name}[${place}]`, 'unknown-fastener', { fastener: id })],
    );
  const findings = [
    ...unknown('order', stage.order),
    ...unknown('leaveOut', stage.leaveOut ?? []),
    ...farSideFindings(set, stage, `${at}.farSide`),
  ];
  if ('values' in stage) {
    stage.values.forEach(({ group }, place) => {
      if (group !== undefined && !groups.has(group)) {
        findings.push(fault(`${at}.values[${place}].group`, 'unknown-group', { group }));
      }
    });
    findings.push(
      ...repeats(stage.values.map((value) => value.group ?? '')).map(({ place }) =>
        fault(`${at}.values[${place}]`, 'value-repeated'),
      ),
    );
    stage.values.forEach(({ value }, place) => {
      if ('low' in value && value.low.unit !== value.high.unit) {
        findings.push(
          fault(`${at}.values[${place}].value.high.unit`, 'range-upside-down', {
            low: value.low.text,
            high: value.high.text,
          }),
        );
      }
    });
  }
  if (stage.kind === 'hydraulic' && !set.tensioner) findings.push(doubt(at, 'no-tensioner'));
  return findings;
}

function farSideFindings(
  set: FastenedSet,
  { order, farSide = [], together }: SheetPullStage,
  at: string,
): SheetFinding[] {
  if (together && farSide.length > 0) return [fault(at, 'far-side-and-together')];
  return [
    ...repeats(farSide).map(({ place, value }) =>
      fault(`${at}[${place}]`, 'repeated', { id: value }),
    ),
    ...farSide.flatMap((id, place) => {
      const fastener = set.fasteners.find((entry) => entry.id === id)?.number ?? id;
      return order.includes(id)
        ? []
        : [fault(`${at}[${place}]`, 'far-side-not-ordered', { fastener })];
    }),
  ];
}

function planFindings(set: FastenedSet, programme: SheetProgramme, at: string): SheetFinding[] {
  const upsideDown = programme.cycles.some((cycle) =>
    cycle.stages.some(
      (stage) =>
        'values' in stage &&
        stage.values.some(({ value }) => 'low' in value && value.low.value > value.high.value),
    ),
  );
  if (upsideDown) return [];
  const findings = planOf(set, set.instances[0] ?? '1')?.findings ?? [];
  return findings.flatMap((finding) => planFinding(finding, set, programme, at));
}

function planFinding(
  finding: TightenFinding,
  set: FastenedSet,
  programme: SheetProgramme,
  at: string,
): readonly SheetFinding[] {
  const number = (id: string): string => set.fasteners.find((f) => f.id === id)?.number ?? id;
  switch (finding.code) {
    case 'order-misses':
    case 'order-repeats':
    case 'left-out-but-ordered': {
      const where = `${placeOf(programme, finding, at)}.order`;
      return [fault(where, finding.code, { fastener: number(finding.fastener) })];
    }
    case 'no-value':
      return [doubt(placeOf(programme, finding, at), 'no-value', { group: finding.group ?? '' })];
    case 'value-falls':
      return [
        fault(placeOf(programme, finding, at), 'value-falls', {
          ...('nm' in finding
            ? { nm: finding.nm, beforeNm: finding.beforeNm }
            : { bar: finding.bar, beforeBar: finding.beforeBar }),
        }),
      ];
    case 'stretch-disturbed':
      return [
        fault(`${at}.afterwards`, 'stretch-disturbed', {
          about: finding.about,
          source: finding.source,
        }),
      ];
    case 'demands-contradict':
      return [
        doubt(`${at}.afterwards`, 'demands-contradict', {
          about: finding.about,
          doSource: finding.doSource,
          neverSource: finding.neverSource,
        }),
      ];
    // A sheet knows neither the shop's wrenches nor how far a fastener has been turned.
    case 'no-wrench':
    case 'angle-over':
      return [];
  }
}

function placeOf(
  programme: SheetProgramme,
  { cycle, stage }: { readonly cycle: string; readonly stage: string },
  at: string,
): string {
  const c = programme.cycles.findIndex((entry) => entry.id === cycle);
  const s = programme.cycles[c]?.stages.findIndex((item) => item.id === stage) ?? 0;
  return `${at}.programme.cycles[${c}].stages[${s}]`;
}
