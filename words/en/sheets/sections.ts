import type { Figure, FigureOrigin, Limits, Printed } from '@cardinex/core/quantity/figure';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { heightsOf } from '@cardinex/core/sheet/spec/block';
import type { GapLimits } from '@cardinex/core/sheet/spec/overhead';
import { endName, listed, printedSource, printedText } from '../quantity';

/** One thing a sheet says: what of, the figure or the words, and where they stand. */
export interface SheetRow {
  readonly label: string;
  readonly value: string;
  readonly source?: string;
  readonly from?: FigureOrigin;
}

export interface SheetSection {
  readonly title: string;
  readonly rows: readonly SheetRow[];
}

type Sourced = { readonly source: string; readonly from: FigureOrigin };
type Maybe<T> = T | undefined;

function row(label: string, value: string, of?: Sourced): SheetRow {
  return { label, value, ...(of && { source: of.source, from: of.from }) };
}

function figure(label: string, of: Maybe<Figure<string>>): SheetRow[] {
  return of ? [row(label, of.text, of)] : [];
}

function limits(label: string, of: Maybe<Limits<string>>): SheetRow[] {
  const { low, high } = of ?? {};
  if (low && high) return [row(label, `${low.text} to ${high.text}`, low)];
  if (low) return [row(label, `${low.text} at least`, low)];
  return high ? [row(label, `${high.text} at most`, high)] : [];
}

function gap(label: string, of: Maybe<GapLimits>): SheetRow[] {
  if (!of) return [];
  return [row(label, `${of.figure.text} (${of.low.text} to ${of.high.text})`, of.figure)];
}

function says(label: string, of: Maybe<Sourced & { readonly says: string }>): SheetRow[] {
  return of ? [row(label, of.says, of)] : [];
}

function printed(label: string, of: Maybe<Printed<string>>): SheetRow[] {
  if (!of) return [];
  const from = 'figure' in of ? of.figure.from : 'low' in of ? of.low.from : undefined;
  const source = printedSource(of);
  return [{ label, value: printedText(of), ...(from && { from, source }) }];
}

function figures(label: string, of: Maybe<readonly Figure<string>[]>): SheetRow[] {
  const [first] = of ?? [];
  if (!of || !first) return [];
  if (of.length > 6) {
    const last = of.at(-1) ?? first;
    return [row(label, `${of.length} sizes, ${first.text} to ${last.text}`, first)];
  }
  return [row(label, listed(of.map((one) => one.text)), first)];
}

/**
 * Everything a sheet says besides its fastened sets, in the order of the engine, ready to be scanned
 * or printed; a section with nothing in it is left out.
 */
export function sheetSections(sheet: EngineSheet): readonly SheetSection[] {
  const sections: SheetSection[] = [
    { title: 'Engine', rows: engineRows(sheet) },
    { title: 'Liners and bores', rows: linerRows(sheet) },
    { title: 'Crank and shafts', rows: journalRows(sheet) },
    { title: 'Pistons and rings', rows: pistonRows(sheet) },
    { title: 'Head and gasket', rows: headRows(sheet) },
    { title: 'Valve gear', rows: overheadRows(sheet) },
    { title: 'Injectors, brake, actuators', rows: extraRows(sheet) },
    { title: 'Timing', rows: timingRows(sheet) },
    {
      title: 'What goes between',
      rows: (sheet.lubricants ?? []).map((l) => row(l.contact, l.lubricant ?? 'nothing', l)),
    },
    {
      title: 'Which way it faces',
      rows: (sheet.facings ?? []).map((f) => row(f.part, f.faces, f)),
    },
    { title: 'Covers', rows: coverRows(sheet) },
    {
      title: 'Plugs',
      rows: (sheet.plugs ?? []).map((p) =>
        row(
          p.where,
          [
            p.renew ? 'renewed' : 'cleaned and put back',
            p.under && `under ${p.under.toLowerCase()}`,
          ]
            .filter(Boolean)
            .join(', '),
          p,
        ),
      ),
    },
    { title: 'Renewed', rows: (sheet.renew ?? []).map((r) => row(r.part, RENEW[r.when], r)) },
    {
      title: 'Put in and taken out again',
      rows: (sheet.temporary ?? []).map((t) => row(t.what, BARS[t.bars], t)),
    },
    { title: 'Fills and stopping', rows: fillRows(sheet) },
  ];
  return sections.filter((section) => section.rows.length > 0);
}

const RENEW = {
  always: 'always',
  'if-worn': 'if worn',
  'by-measurement': 'chosen by measurement',
  'matched-set': 'kept together as a set',
} as const;

const BARS = {
  turning: 'bars turning the crank while it is in',
  starting: 'bars the start while it is in',
  covering: 'bars covering while it is in',
} as const;

const FORMS = { 'in-line': 'in line', v: 'V', opposed: 'opposed' } as const;
const SERVICES = {
  vehicle: 'vehicle',
  plant: 'plant',
  marine: 'marine',
  stationary: 'stationary',
  aircraft: 'aircraft',
} as const;

function engineRows(sheet: EngineSheet): SheetRow[] {
  const { layout, rotation, firing, crank, naming } = sheet;
  const cylinders = layout.banks.flatMap((bank) => bank.cylinders);
  return [
    row('Kind', `${SERVICES[sheet.service]}, ${sheet.fuel}, ${sheet.strokes}-stroke`),
    ...(sheet.service === 'aircraft'
      ? [row('Release', 'by an authorised person, against approved data')]
      : []),
    row('Cylinders', `${cylinders.length}, ${FORMS[layout.form]}`),
    ...(layout.banks.length > 1
      ? layout.banks.map((bank) => row(`Bank ${bank.name}`, bank.cylinders.join(', ')))
      : []),
    ...figure('Angle between the banks', layout.angle),
    row('Cylinder 1', `at ${endName(sheet.cylinder1End)}; the other is ${endName(sheet.otherEnd)}`),
    ...(sheet.hand ? [row('Hand', `${sheet.hand}-hand build`)] : []),
    ...figure('Bore', sheet.bore),
    ...figure('Stroke', sheet.stroke),
    ...(rotation
      ? [row('Turns', `${rotation.direction}, seen from ${endName(rotation.seenFrom)}`, rotation)]
      : []),
    ...(firing ? [row('Fires', firing.order.join('-'), firing)] : []),
    ...(firing?.intervalsDeg
      ? [row('Intervals', firing.intervalsDeg.map((deg) => `${deg}°`).join(', '), firing)]
      : []),
    ...(crank?.ringGearTeeth === undefined
      ? []
      : [row('Ring gear', `${crank.ringGearTeeth} teeth`)]),
    ...figure('Rim', crank?.rimDiameter),
    ...(crank?.marks ?? []).map((mark) => row(`Mark at ${mark.atDeg}°`, mark.says, mark)),
    ...(crank?.barredBy === undefined ? [] : [row('Barred by', crank.barredBy)]),
    ...(naming?.cylinders === undefined ? [] : [row('Cylinders are counted', naming.cylinders)]),
    ...(naming?.valves === undefined ? [] : [row('Valves are counted', naming.valves)]),
    ...(naming?.sides ?? []).map((side) => row(`The ${side.name}`, side.says)),
  ];
}

const SCHOOLS = {
  none: 'none: bored in the block',
  dry: 'dry, pressed in',
  proud: 'proud, metal to metal',
  'on-shims': 'proud, on shims',
  flush: 'flush with the deck',
  recessed: 'recessed, a crush ring on top',
} as const;

const RISES = {
  none: 'no order',
  either: 'all rising or all falling along the block',
  up: 'rising from the cylinder-1 end',
  down: 'falling from the cylinder-1 end',
} as const;

function linerRows({ liners, bores }: EngineSheet): SheetRow[] {
  const heights = heightsOf(liners);
  return [
    ...(liners
      ? [row('Liners', SCHOOLS[liners.school], 'source' in liners ? liners : undefined)]
      : []),
    ...limits('Stand-out', heights ?? undefined),
    ...figure('Neighbours differ at most', heights?.adjacent),
    ...figure('Tilt at most', heights?.tilt),
    ...figure('Under one head differ at most', heights?.groupSpread),
    ...(heights ? [row('Order of heights', RISES[heights.rise])] : []),
    ...(heights ? [row('Read at', heights.places.join(', '))] : []),
    ...figures('Shims', heights?.shims?.sizes),
    ...says('Seals', heights?.seals),
    ...says('Held down by', heights?.clamp),
    ...figure('Bore wear at most', bores?.wear),
    ...figure('Taper at most', bores?.taper),
    ...figure('Ovality at most', bores?.ovality),
    ...figures('Oversizes', bores?.oversizes),
    ...says('Honing', bores?.honing),
  ];
}

function journalRows({ journals = [] }: EngineSheet): SheetRow[] {
  return journals.flatMap((journal) => [
    ...limits(`${journal.name} (${journal.count})`, journal.standard),
    ...figures(`${journal.name}, undersizes`, journal.undersizes),
    ...figure(`${journal.name}, least`, journal.minimum),
    ...figure(`${journal.name}, ovality at most`, journal.ovality),
    ...limits(`${journal.name}, clearance`, journal.clearance),
    ...limits(`${journal.name}, end float`, journal.endFloat),
  ]);
}

const ROUTES = {
  'into-block': 'piston into the block',
  'into-liner-on-bench': 'piston into the liner on the bench, both in together',
  'cylinder-over-piston': 'cylinder over the piston, the pin last',
} as const;

function pistonRows({ pistons }: EngineSheet): SheetRow[] {
  if (!pistons) return [];
  return [
    ...(pistons.rings ?? []).flatMap((ring) => [
      ...limits(`${ring.name}, gap${ring.fileable ? '' : ' (not filed)'}`, ring.gap),
      ...limits(`${ring.name}, side clearance`, ring.sideClearance),
      ...(ring.upperFace === undefined ? [] : [row(`${ring.name}, upper face`, ring.upperFace)]),
    ]),
    ...says('Ring gaps', pistons.stagger),
    ...figure('Masses differ at most', pistons.massSpread),
    ...(pistons.massPairs
      ? [row('Matched in pairs', pistons.massPairs.map((pair) => pair.join(' with ')).join('; '))]
      : []),
    ...says('Pin', pistons.pin),
    ...(pistons.route ? [row('Way in', ROUTES[pistons.route])] : []),
    ...limits('Stand-out', pistons.standOut),
    ...limits('Skirt clearance', pistons.skirtClearance),
    ...limits('Rod side float', pistons.rodSideFloat),
    ...says('Oil jets', pistons.oilJets),
    ...figure('Rod, centre to centre', pistons.rodLength),
  ];
}

const RULES = {
  highest: 'by the highest piston',
  mean: 'by the mean of the pistons',
  'mean-then-highest': 'by the mean, one up when the highest asks for it',
} as const;

function headRows({ head, gasket, sealingRing, covering }: EngineSheet): SheetRow[] {
  return [
    ...(head ? [row('Cam', head.camInHead ? 'in the head' : 'in the block')] : []),
    ...figure('Face flat within', head?.flatness),
    ...figure('Thickness', head?.standardThickness),
    ...figure('Least thickness', head?.repairThickness),
    ...figure('Cut allowance', head?.cutAllowance),
    ...says(head?.cut?.allowed === false ? 'Not to be cut' : 'Cut', head?.cut),
    ...(gasket?.grades ?? []).map((grade) =>
      row(
        `Gasket, ${grade.mark}`,
        `${grade.over ? `over ${grade.over.text}, ` : ''}up to ${grade.upTo.text}: ${grade.thickness.text}`,
        grade.upTo,
      ),
    ),
    ...(gasket?.rule ? [row('Gasket chosen', RULES[gasket.rule])] : []),
    ...figure('One up when over by', gasket?.stepUpOver),
    ...figure('Piston to head at least', gasket?.minClearance),
    ...says('Gasket lies', gasket?.lies),
    ...says('Gasket dressing', gasket?.dressing),
    ...figure('Sealing ring, new', sealingRing?.new),
    ...figure('Sealing ring, least', sealingRing?.least),
    ...figure('Sealing ring, spread at most', sealingRing?.spread),
    ...says('Crank before covering', covering),
  ];
}

const FEELS = {
  'light-drag': 'light drag',
  'go-no-go': 'go and no-go',
  'finger-tight': 'finger-tight on the leaf, felt once locked',
  'push-rod-binds': 'until the push rod just binds',
} as const;

function overheadRows({ overhead }: EngineSheet): SheetRow[] {
  if (!overhead) return [];
  const { clearances, screw, camEvents: events, bridges, hydraulic, bookTable } = overhead;
  return [
    row(
      'Gear',
      [
        overhead.gear === 'push-rod' ? 'push rods' : 'overhead cam',
        overhead.actsOn === 'valve' ? null : `over a ${overhead.actsOn}`,
        { screw: 'set by screw', shim: 'set by shims', hydraulic: 'hydraulic tappets' }[
          overhead.adjust
        ],
      ]
        .filter(Boolean)
        .join(', '),
    ),
    ...gap('Inlet, cold', clearances?.intake?.cold),
    ...gap('Inlet, hot', clearances?.intake?.hot),
    ...gap('Exhaust, cold', clearances?.exhaust?.cold),
    ...gap('Exhaust, hot', clearances?.exhaust?.hot),
    ...(overhead.leafBetween === undefined ? [] : [row('Leaf between', overhead.leafBetween)]),
    ...(overhead.feel ? [row('Feel', FEELS[overhead.feel])] : []),
    ...(screw
      ? [
          row(
            'Screw',
            `pitch ${screw.pitchMm} mm, rocker ratio ${screw.rockerRatio}, ${screw.inCloses ? 'in closes' : 'in opens'}`,
          ),
        ]
      : []),
    ...printed('Lock nut', overhead.lockNut),
    ...figures('Tappet shims', overhead.tappetShims),
    ...(events
      ? [
          row(
            'Cam events',
            [
              events.ivoBtdcDeg !== undefined && `inlet opens ${events.ivoBtdcDeg}° before top`,
              events.ivcAbdcDeg !== undefined && `closes ${events.ivcAbdcDeg}° after bottom`,
              `exhaust opens ${events.evoBbdcDeg}° before bottom`,
              events.evcAtdcDeg !== undefined && `closes ${events.evcAtdcDeg}° after top`,
              events.evcAbdcDeg !== undefined && `closes ${events.evcAbdcDeg}° after bottom`,
            ]
              .filter(Boolean)
              .join(', '),
            events,
          ),
        ]
      : []),
    ...(bookTable
      ? bookTable.positions.map((position) => ({
          label: `Book’s table, ${position.atDeg}°`,
          value: `${position.says}: ${position.set.join(' ')}`,
          source: bookTable.source,
        }))
      : []),
    ...says(overhead.actsOn === 'yoke' ? 'Yokes' : 'Bridges', bridges?.equalise),
    ...limits('Bridge guide clearance', bridges?.guideClearance),
    ...says('Twist', bridges?.twist),
    ...says('Oil on bridges', bridges?.oil),
    ...figure('Preload past zero lash', hydraulic?.preload),
    ...says('Zero lash', hydraulic?.zeroLash),
    ...figure('Wait before turning', hydraulic?.wait),
    ...figure('Plunger travel', hydraulic?.plungerTravel),
  ];
}

const INJECTORS = {
  unit: 'unit injectors',
  'pump-line-nozzle': 'pump, line and nozzle',
  'common-rail': 'common rail',
} as const;

function extraRows(sheet: EngineSheet): SheetRow[] {
  const { injectors, brakes, actuators } = sheet.overhead ?? {};
  const cover = (id: string | undefined): SheetRow[] => {
    const name = sheet.covers?.find((c) => c.id === id)?.name ?? id;
    return name === undefined ? [] : [row('Before', `${name.toLowerCase()} goes on`)];
  };
  return [
    ...(injectors ? [row('Injectors', INJECTORS[injectors.kind])] : []),
    ...(injectors?.setting?.method === 'turn'
      ? figure('Injector, past contact', injectors.setting.turns)
      : []),
    ...(injectors?.setting?.method === 'height'
      ? figure('Injector height gauge', injectors.setting.gauge)
      : []),
    ...says('Injector codes', injectors?.codes),
    ...cover(injectors?.before),
    ...gap(brakes?.name ?? '', brakes?.gap),
    ...cover(brakes?.before),
    ...gap(actuators?.name ?? '', actuators?.gap),
    ...cover(actuators?.before),
  ];
}

function timingRows({ timing }: EngineSheet): SheetRow[] {
  if (!timing) return [];
  return [
    row('Driven by', timing.drive, timing),
    ...timing.marks.map((mark) => row('Marks', mark, timing)),
    ...(timing.pins ?? []).map((pin) => row('Pin', pin, timing)),
    ...(timing.tensioner === undefined ? [] : [row('Tensioner', timing.tensioner, timing)]),
    ...(timing.pump === undefined ? [] : [row('Pump or ignition', timing.pump, timing)]),
  ];
}

function coverRows({ covers = [] }: EngineSheet): SheetRow[] {
  return covers.flatMap((cover) => [
    row(
      cover.name,
      cover.hides.length > 0 ? `hides: ${cover.hides.join('; ')}` : 'hides nothing',
      cover,
    ),
    ...(cover.gasket === undefined ? [] : [row(`${cover.name}, gasket`, cover.gasket, cover)]),
    ...(cover.sealant
      ? [
          row(
            `${cover.name}, sealant`,
            [
              `${cover.sealant.what}: ${cover.sealant.where}`,
              cover.sealant.bead && `bead ${cover.sealant.bead.text}`,
              cover.sealant.never && `never: ${cover.sealant.never.toLowerCase()}`,
              cover.sealant.skin && `skins in ${cover.sealant.skin.text}`,
              cover.sealant.cure && `cures in ${cover.sealant.cure.text}`,
            ]
              .filter(Boolean)
              .join('; '),
            cover,
          ),
        ]
      : []),
  ]);
}

function fillRows({ fills = [], stopping = [] }: EngineSheet): SheetRow[] {
  return [
    ...fills.flatMap((fill) => [
      ...printed(fill.what, fill.amount),
      row(`${fill.what}, grade`, fill.grade),
    ]),
    ...stopping.flatMap((means) => says('Stopped by', means)),
  ];
}
