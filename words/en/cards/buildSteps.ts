import {
  contactLines,
  facingLines,
  headCrankPlace,
} from '@cardinex/core/sheet/assembly/pieceLines';
import { counted } from '../kit';
import type { Check, CheckCard } from '@cardinex/core/job/checks/check';
import { isByStripAlone } from '@cardinex/core/job/cards/shells/clearances';
import type { JobSheet } from '@cardinex/core/job/scope';
import type { FastenedSet, FastenerGroup } from '@cardinex/core/sheet/spec/fastening';
import type { OrientationSpec } from '@cardinex/core/sheet/spec/pistons';
import { groupMark } from '@cardinex/core/sheet/groupMark';
import { pinHeatOf } from '@cardinex/core/sheet/pinHeatOf';
import { heatSentence, sideName } from '../pistons';
import { endName } from '../quantity';
import { fitStepSays } from './fit';
import { pumpWords, timingWords } from './timing';

/*
 * What is said at each step as an engine goes together. Loaded with the cards that need it.
 */

const SAYS: Readonly<Record<string, string>> = {
  'bore-work/washed': 'Soap, warm water and a brush. Solvent leaves the grit in the cross-hatch.',
  'bore-work/white-rag': 'A white rag wiped round and down stays white. If not, wash again.',
  'bore-work/dried': 'Dried with a clean cloth, ports and counterbore too.',
  'bore-work/oiled': 'Clean engine oil at once: a washed bore rusts while you look at it.',
  'shells/size': 'The size stamped on the back is the size this journal was ground to.',
  'shells/backs': 'Shell back and its seat wiped dry: oil or dirt behind it closes the bearing.',
  'shells/tang': 'The tang sits in its slot, both ends stand level.',
  'shells/oil-hole': 'The hole of the shell lies over the oilway. Look through it.',
  'shells/halves':
    'Upper and lower are not swapped: the one with groove and hole feeds the journal.',
  'shells/oiled': 'Running side oiled, fingers off it.',
  'bearing/rolled-out':
    'A pin with a flat head in the oil hole of the journal. The crank turned slowly by hand, the way that brings the tang out of its slot first. Fingers out.',
  'bearing/journal':
    'Wiped and felt with a fingernail all round, as far as it shows: no step, no score, no blue.',
  'bearing/new-shells':
    'The size stamped on the back is the size this journal was ground to. Backs and seats wiped dry, cap and block: oil behind a shell closes the bearing.',
  'bearing/tang': 'The tang sits in its slot, both ends stand level.',
  'bearing/oil-hole':
    'The upper shell has the hole, over the oilway. Look through it before it goes round.',
  'bearing/halves': 'Upper and lower are not swapped.',
  'bearing/rolled-in':
    'Running side oiled, rolled round by the pin, straight and without force, the tang last. The pin is out again.',
  'bearing/oiled': 'Running sides oiled, fingers off them.',
  'bearing/cap-way':
    'The cap the right way round on its own bearing, down by hand, bolts run in by hand.',
  'clearances/':
    'Shells in, the cap pulled to its value: across the bore, away from the joint. What is left beside its journal, as read, is the clearance.',
  'thrust/': 'Thrust washers with their grooves towards the crank, tangs in place.',
  'end-float/': 'Lever the shaft fully one way and read, then fully the other.',
  'camshaft/oiled': 'Lobes and journals oiled, or with what the sheet names.',
  'camshaft/in': 'In straight, no lobe dragged through a bearing; its thrust plate on.',
  'camshaft/turns': 'It turns by two fingers.',
  'tappets/own-lobe': 'Flat tappets go back to their own lobe; roller tappets may move.',
  'tappets/oiled': 'Foot and sides oiled.',
  'tappets/sinks': 'It sinks slowly under its own weight and turns in its bore.',
  'ring-gaps/':
    'Push the ring down square with a piston to the bottom of its own bore, where it is least worn.',
  'side-clearances/': 'The ring in its own groove, clean and dry: the largest leaf that enters.',
  'masses/': 'Each with the pin, circlips and rings that go in with it.',
  'on-rod/retained':
    'Circlips right round in their grooves, turned once with the fingers; caps proved by vacuum. Cover your eyes.',
  'on-rod/clamped':
    'On the bench: ring clamp of the size of the bore, bore and piston oiled, gaps still where they were.',
  'on-rod/part-way-in':
    'Pushed in from below until the last ring is in, and no further: the hole for its pin stands out. Something soft keeps it there while it is carried.',
  'rings-on/order':
    'Each ring in its own groove, from the bottom up, opened no more than it must be.',
  'rings-on/upper-face': 'The marked face towards the crown.',
  'rings-on/stagger': 'Gaps where the drawing has them.',
  'oil-jets/clear': 'Blown through, and the wire passes.',
  'oil-jets/aimed':
    'Bracket in its notch: the jet points to where it should, and clears the piston.',
  'in-bore/clamped':
    'Ring clamp of the size of the bore, bore and piston oiled, gaps still where they were.',
  'in-bore/in-liner': 'From below where the bore is chamfered, rings not forced.',
  'in-bore/in':
    'Pushed, not struck. Stop when it stops: a ring has jumped out. Mind the journal; cover the bolts of the rod.',
  'in-bore/cap-own': 'Its own cap, number to number, shells in, bolts run down by hand.',
  'in-bore/turns': 'The crank still turns as freely as before this one went in.',
  'rod-floats/': 'A leaf between the rod and the cheek of the crank, or the next rod.',
  'stand-outs/':
    'Piston at its top, pressed down over the pin so that it does not rock. Gauge over the pin, both ends.',
  'counterbores/': 'From the deck down to the clean ledge, at the same place of each bore.',
  'head-built/guides': 'To their depth, reamed, and the valve slides through.',
  'head-built/stem-seals': 'Over a sleeve on the stem so that the grooves do not cut them.',
  'head-built/spring-seats': 'Seats and rotators first; the head is the last thing they touch.',
  'head-built/springs': 'The close coils towards the head. Heights alike.',
  'head-built/collets':
    'Both halves in their groove, oiled. Tap each stem with a soft hammer: what jumps out now would jump out running. Eyes covered.',
  'head-built/sleeves': 'Sealed, swaged, and proved: a wet sleeve looks like a blown gasket.',
  'head-built/head-washed': 'Every oilway and water passage, then dried with air.',
  'unclamped/':
    'What held it was let go for something else. A joint that has moved is renewed; either way it is pulled down again whole.',
  'last-look/': 'Nobody sees it again until the head comes off.',
  'head-on/faces':
    'Both wiped with a clean rag and a solvent that leaves nothing. No oil, no finger marks.',
  'head-on/sealing-ring': 'The ring of this head, measured, flat in its groove.',
  'head-on/studs':
    'As their leaflet says: seated to a value, or finger-tight and eased back so that they do not bottom.',
  'head-on/own-holes':
    'Each length in its own hole, as drawn. A long one in a short hole bottoms and clamps nothing.',
  'head-on/sealant': 'Where the hole breaks into water. Nothing else on that thread.',
  'head-on/tackle':
    'Two people or tackle by its weight, slings straight, hook over its middle. Nobody and nothing under it; wiped from the side or on trestles.',
  'head-on/let-down':
    'Over its guide studs, threads and seals watched, fingers out. It sits on its dowels by its own weight.',
  'head-on/flush': 'By hand all round, no gap anywhere. Never draw it down by its bolts.',
  'flanges/': 'From under the flange to its top, clean. Each liner by the bore it came from.',
};

/** How a clearance is read where no gauge goes in. */
const BY_STRIP =
  'A strip along the journal, dry, away from the oil hole; the cap pulled to its value, the crank not turned; off again, and the width read on its card. Or the largest leaf that enters. Strip and oil film wiped away before the cap goes on.';

const PIN_FITS = {
  free: 'By hand. It slides with oil and falls neither in nor out.',
  'pressed-rod-heated':
    'The rod eye warmed, never the piston; pin pushed home in one go against its stop. Gloves: it burns.',
  'piston-warmed':
    'The piston warmed evenly in oil or an oven, never by a flame; then the pin slides in. Gloves: it burns.',
} as const;

/** What is said at a step of a check, before what the sheet itself says there. */
export function stepSays(sheet: JobSheet, check: Check, place: string): readonly string[] {
  const { kind, set = '' } = check;
  if (kind === 'fitted') return fitStepSays(sheet, set, place);
  const own = isByStripAlone(check) ? BY_STRIP : (SAYS[`${kind}/${place}`] ?? SAYS[`${kind}/`]);
  return [
    ...(own === undefined ? [] : [own]),
    ...sheetSays(sheet, kind, place),
    ...(kind === 'clearances' ? clearanceSays(sheet, check.journal) : []),
  ];
}

/** What a book prints of the clearance of a shaft, with where. */
function clearanceSays({ journals = [] }: JobSheet, id: string | undefined): readonly string[] {
  const { low, high } = journals.find((journal) => journal.id === id)?.clearance ?? {};
  const printed = [low, high].flatMap((figure) => (figure ? [figure.text] : []));
  const source = (low ?? high)?.source;
  return source === undefined ? [] : [`Clearance: ${printed.join(' to ')} (${source}).`];
}

function headSet({ fastenedSets = [] }: JobSheet): FastenedSet | undefined {
  return fastenedSets.find(({ kind }) => kind === 'head');
}

function headGroups(sheet: JobSheet): readonly FastenerGroup[] {
  return headSet(sheet)?.groups ?? [];
}

/** What the sheet says at a step, with where. */
function sheetSays(sheet: JobSheet, kind: Check['kind'], place: string): readonly string[] {
  const { pistons, bores } = sheet;
  const stated = (entry: { says: string; source: string } | undefined): readonly string[] =>
    entry ? [`${entry.says} (${entry.source})`] : [];
  const facing = (part: RegExp): readonly string[] =>
    facingLines(sheet)
      .filter((spec) => part.test(spec.part))
      .map((item) => `${item.part}: ${item.faces} (${item.source})`);
  const lubricant = (contact: RegExp): readonly string[] =>
    contactLines(sheet)
      .filter((line) => contact.test(line.what))
      .map((one) => `${one.what}: ${one.lubricant ?? 'nothing, on purpose'} (${one.source})`);
  const heat = pinHeatOf(sheet);
  const { crown, rod, pinOffset } = pistons?.orientation ?? {};
  switch (`${kind}/${place}`) {
    case 'head-on/faces':
      return stated(sheet.gasket?.dressing);
    case 'head-on/gasket-way':
      return [...stated(sheet.gasket?.lies), ...stated(sheet.gasket?.dressing)];
    case 'head-on/crank-stands':
      return stated(headCrankPlace(sheet));
    case 'head-on/own-holes':
      return headGroups(sheet).map(
        (group) =>
          `${groupMark({ groups: headGroups(sheet) }, group)}: ${group.name}${group.length ? `, ${group.length.text}` : ''}.`,
      );
    case 'head-on/sealant':
      return headGroups(sheet)
        .filter(({ hole, treatment }) => hole === 'coolant' || treatment.kind === 'sealant')
        .map(({ name, treatment }) => `${name}: ${treatment.says} (${treatment.source})`);
    case 'head-on/tackle':
      return stated(headSet(sheet)?.twoPeople);
    case 'bore-work/honed':
      return stated(bores?.honing);
    case 'on-rod/pin':
      return [
        PIN_FITS[pistons?.pin?.fit ?? 'free'],
        ...(heat ? [heatSentence(heat)] : []),
        ...stated(pistons?.pin),
      ];
    case 'on-rod/piston-way':
      return [
        ...(crown ? [`${crown.mark} towards ${endName(crown.towards)}.`] : []),
        ...(pinOffset ? [`The pin lies off the middle, towards the ${sideName(pinOffset)}.`] : []),
        ...facing(/piston|crown/i),
      ];
    case 'on-rod/rod-way':
      return [
        ...(rod ? [`${rod.mark} towards the ${sideName(rod.towards)}.`] : []),
        ...facing(/\brods?\b/i),
      ];
    case 'rings-on/upper-face':
      return (pistons?.rings ?? [])
        .filter(({ upperFace }) => upperFace !== undefined)
        .map(({ name, upperFace }) => `${name}: ${upperFace ?? ''}.`);
    case 'bearing/cap-way':
      return facing(/\bcaps?\b/i);
    case 'rings-on/stagger':
      return stated(pistons?.stagger);
    case 'oil-jets/aimed':
      return stated(pistons?.oilJets);
    case 'camshaft/oiled':
      return lubricant(/cam/i);
    case 'tappets/oiled':
      return lubricant(/tappet/i);
    default:
      return [];
  }
}

/** Why each card is there and what goes wrong, for its back. */
export const cardBacks: Readonly<Record<Exclude<CheckCard, 'inspect'>, readonly string[]>> = {
  bores: [
    'Grit left from honing wears out new rings in the first hour. It comes out with soap and water, not with solvent.',
    'Pistons wait until every bore is washed, proved white, dried and oiled.',
  ],
  liners: [
    'How deep each ledge lies and how thick each flange is says how high every liner would stand in every bore, before one is driven in.',
  ],
  shells: [
    'A shell with its hole beside the oilway starves its journal; one with dirt behind it binds it. Neither shows once the cap is on.',
  ],
  bearings: [
    'The crank hangs in its caps: one comes off while all others are on and pulled. Two off, and the next turn bends it or drops it.',
    'Old shells laid beside each other say more than each alone: one hot, or all of them, or one edge along the row.',
    'The bearing that carries the thrust is opened last, when the others hold the crank where it was.',
  ],
  crank: [
    'End float is read with the caps down, both ways. Too little burns the thrust washers, too much knocks the clutch and the timing.',
    'A tappet that does not sink by itself does not turn by itself, and wears through its lobe.',
  ],
  pistons: [
    'Each ring is measured in the bore it goes into. A gap is smallest where the bore is tightest: what the bore is wider where the ring was squared is taken off.',
    'Rings supplied gapped are not filed. A gap too wide is another ring.',
    'Every piston is placed with its crank where it cannot be struck, and the crank is tried after each.',
  ],
  'head-build': [
    'A collet that is not seated drops a valve into the engine. A spring end for end breaks. Both are found with a soft hammer, now.',
  ],
  tighten: [
    'What a head hides is looked at for the last time here: plugs, dowels, rings, seals, jets.',
    'The crank stands where no valve can meet a piston and no push rod holds a valve open. Left for long, or turned, it is proved again.',
  ],
  timing: timingWords.back,
  fit: [
    'What is forgotten between two pieces is found with oil on the floor. Each joint is counted out and in; what a piece hides is looked at before it is on.',
    'Nothing goes on over what is not done yet: the card waits, and says for what.',
    'Connections and proofs come once its bolts are pulled.',
  ],
  pump: pumpWords.back,
  'stand-out': [
    'How far the pistons stand out chooses the gasket, and the gasket sets what is left between crown and valve, and the compression.',
    'Read over the pin: beside it the piston rocks. A compressed gasket is thinner than it lies on the bench; the sheet prints it compressed.',
  ],
};

type PistonWays = Partial<Pick<OrientationSpec, 'crown' | 'rod' | 'pinOffset'>>;

export const buildWords = {
  crankAt: (what: string) => `Crank: ${what}`,
  atBottom: (deg: string, others: string) =>
    `its throw at the bottom, ${deg} after cylinder 1’s top${others}.`,
  atTop: (deg: string, others: string) =>
    `its rod at the top, ${deg} after cylinder 1’s top${others}.`,
  with: (cylinders: string) => ` (as cylinder ${cylinders})`,
  rim: (mm: string) => `${mm} along the rim from the top mark of cylinder 1.`,
  grams: 'g',
  weigh: 'Keep mass',
  notGrams: 'A mass is digits with one comma or point, in grams.',
  gasketTitle: 'Gasket',
  chosen: (mark: string) => `Gasket ${mark}`,
  choose: (mark: string) => `Take gasket ${mark}`,
  asOld: (mark: string) => `${mark}, as the one that came off`,
  orOld: 'Pistons are not disturbed: it may go by the mark of the gasket that came off.',
  other: 'Another than the stand-out asks for. Why?',
  otherHint: 'The lead’s to allow, with the reason.',
  roomOf: (cylinder: number, clearance: string) => `Cylinder ${cylinder}: ${clearance}`,
  ratioWith: (mark: string, ratio: string, room: string) =>
    `${mark}: compression ${ratio}, ${room} above the highest piston`,
  roomWith: (mark: string, room: string) => `${mark}: ${room} above the highest piston`,
  pistonDrawing: (end: string, text: string) => `Piston from above, ${end} at the top. ${text}`,
  pistonWays: ({ crown, rod, pinOffset }: PistonWays): readonly string[] => [
    ...(crown ? [`${crown.mark} towards ${endName(crown.towards)}.`] : []),
    ...(rod ? [`${rod.mark} on the rod towards the ${sideName(rod.towards)}.`] : []),
    ...(pinOffset ? [`Pin off the middle towards the ${sideName(pinOffset)}.`] : []),
  ],
  thrustSide: 'thrust',
  crankNow: (part: string | null) => (part === null ? 'None is in hand.' : `In hand: ${part}.`),
  crankDrawing: (caps: string) => `Crank from the side, cylinder 1’s end at the left. ${caps}`,
} as const;

export const turnWords = {
  title: 'Turn the crank by hand',
  after: (bolts: string) => `after bolts ${bolts}`,
  says: 'Two full turns, by hand or short bar. It must turn as freely as before this cap was pulled.',
  caution: 'Fingers and helpers clear of rods and throws.',
  free: 'Turns freely',
  binds: 'It binds',
  bindsTitle: (bolts: string) => `It binds after bolts ${bolts}`,
  bindsSays:
    'Ease these bolts and take the cap off. Look for: the cap of another bearing or turned round; dirt or oil behind a shell; a tang out of its slot; shells of another undersize; a nipped thrust washer. Then pull it again from the first stage. What the others were pulled to stands.',
  what: 'What is felt, and where?',
  heldBy: 'It may not be turned yet.',
} as const;

export const sealWords = {
  title: 'Seals',
  liner: (bore: string, liner: string) =>
    bore === liner ? `Liner ${bore}` : `Bore ${bore}, liner ${liner}`,
  says: (each: number) =>
    `${each} in each bore. The old ones are counted out, whole; the new ones counted in, one to a groove, not twisted.`,
  out: 'Old ones out',
  in: 'New ones in',
  one: 'one fewer',
  more: 'one more',
  keep: (out: number, into: number) => `${out} out, ${into} in`,
  counted: 'Counted',
  lubricant: (what: string, source: string) => `${what} (${source})`,
  standing: {
    'to-count': 'to count',
    right: 'right',
    'one-left-in': 'an old one is still in its groove: find it',
    'too-many': 'more in than there are grooves: two are in one',
    'too-few': 'one is missing',
  },
  readAgain: 'Read the heights again once it is in: it stands on its seals now. Watch the tilt.',
  dry: 'nothing, on purpose',
  back: 'Liners',
} as const;

export const placeWords = {
  title: 'Place the liners',
  measure: 'Measure first: how deep each counterbore is, and how thick each flange.',
  take: 'Place them so',
  takeHint: (moved: number) =>
    moved === 0 ? 'all stay' : counted(moved, { one: 'moves', other: 'move' }),
  stay: 'Leave them',
  remark: (bore: string, code: string) => `Bore ${bore}: now marked ${code}`,
  remarkSays:
    'These liners changed places and still carry the mark of the bore they came from. Mark each with its new bore.',
  placed: 'Placed',
  back: 'Liners',
  fromAbove: 'block from above',
} as const;
