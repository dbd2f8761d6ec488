import type { SheetFinding, SheetFindingCode } from '@cardinex/core/sheet/checks/finding';
import type { AssemblyAct } from '@cardinex/core/sheet/spec/assembly';
import { atStart } from '../kit';
import { assemblyActName } from '../pieces';
import { degrees, pressure, torque } from '../quantity';

type Facts = SheetFinding['facts'];

const DEMANDS: Readonly<Record<string, string>> = {
  'settle-and-check': 'a settle and check',
  'after-heat': 'a pull after heat',
  reuse: 'using the fasteners again',
};

const SENTENCES: Readonly<Record<SheetFindingCode, (facts: Facts) => string>> = {
  'text-differs': ({ text, value }) =>
    `The text says “${text}”, the value ${value}. Make them one figure.`,
  'range-upside-down': ({ low, high }) =>
    `The range is upside down: ${low} is above ${high}, or they are in different units.`,
  'figure-outside-limits': ({ figure, low, high }) =>
    `${figure} lies outside its own limits, ${low} to ${high}.`,
  'must-be-positive': () => 'This must be above zero.',
  repeated: ({ id }) => `${id} stands here already.`,
  'no-such-bearing': ({ name, count, thrust }) =>
    `${name}: there are ${count} of them, and none is number ${thrust}.`,
  'cylinder-missing': ({ cylinder }) =>
    `Cylinder ${cylinder} is in no bank: cylinders are numbered from 1 without a gap.`,
  'unknown-cylinder': ({ cylinder }) => `This engine has no cylinder ${cylinder}.`,
  'same-end': ({ end }) => `Both ends are called ${end}. Name what sits on the other one.`,
  'end-not-here': ({ end, one, other }) =>
    `This engine has no ${end} end: rotation is seen from ${one} or ${other}.`,
  'bank-count': ({ form, banks }) =>
    form === 'in-line' ? 'An in-line engine has one bank.' : `This layout has ${banks} banks.`,
  'firing-repeats': ({ cylinder }) => `The firing order repeats cylinder ${cylinder}.`,
  'firing-misses': ({ cylinder }) => `The firing order misses cylinder ${cylinder}.`,
  'firing-starts': ({ cylinder }) =>
    `The firing order begins with cylinder ${cylinder}; turn it until it begins with 1.`,
  'intervals-count': ({ have, need }) =>
    `${have} intervals for ${need} firings: give one from each firing to the next.`,
  'intervals-sum': ({ sum, cycle }) =>
    `The intervals add up to ${degrees(Number(sum))}; a cycle is ${degrees(Number(cycle))}.`,
  'sister-is-self': () => 'A sheet is not its own sister.',
  'unknown-group': ({ group }) => `There is no group ${group} in this set.`,
  'group-needed': ({ fastener }) => `Say which group ${fastener} belongs to.`,
  'unknown-fastener': ({ fastener }) => `There is no fastener ${fastener} in this set.`,
  'order-misses': ({ fastener }) =>
    `The order misses ${fastener}. Pull it, or leave it out on purpose.`,
  'order-repeats': ({ fastener }) => `The order names ${fastener} more than once.`,
  'left-out-but-ordered': ({ fastener }) =>
    `${fastener} is left out of this stage and stands in its order.`,
  'far-side-not-ordered': ({ fastener }) =>
    `${fastener} is pulled from the far side and is not in the order of this stage.`,
  'far-side-and-together': () =>
    'A fastener that two pull at once is pulled from both sides: say one or the other.',
  'no-value': ({ group }) =>
    group === ''
      ? 'No value is given here; the card asks for one before it opens.'
      : `No value is given for group ${group}; the card asks for one before it opens.`,
  'value-falls': ({ nm, beforeNm, bar, beforeBar }) =>
    bar === undefined
      ? `The value falls from ${torque(Number(beforeNm))} to ${torque(Number(nm))} without slackening between.`
      : `The pressure falls from ${pressure(Number(beforeBar))} to ${pressure(Number(bar))} without slackening between.`,
  'value-repeated': () => 'This group has a value in this stage already.',
  'stretch-disturbed': ({ about, source }) =>
    `${source} asks for ${DEMANDS[String(about)]}, which disturbs stretch bolts outside their own programme.`,
  'demands-contradict': ({ about, doSource, neverSource }) =>
    `${doSource} asks for ${DEMANDS[String(about)]}; ${neverSource} forbids it. It is left for a decision on the job.`,
  'unknown-piece': ({ id }) =>
    `There is no ${id} in this assembly. Enter it as a piece, or name another.`,
  'too-many-instances': ({ count, most }) =>
    `These pieces come to ${count} in all; no engine has more than ${most}. Say “one for each” of fewer of them.`,
  'rests-on-itself': ({ id }) => `${id} cannot rest on itself, or shut itself.`,
  'shares-nothing': ({ piece, id }) =>
    `${piece} and ${id} are over nothing in common. Write ${id}/* where all are meant, or say in covers what each is over.`,
  'assembly-circle': ({ direction, pieces }) =>
    direction === 'off'
      ? `These wait for each other to come off, in a circle: ${pieces}.`
      : `These wait for each other to go on, in a circle: ${pieces}.`,
  'act-never': ({ act, piece }) =>
    `${atStart(assemblyActName(act as AssemblyAct))} needs ${piece}, which has to come off to get there: it can never be done.`,
  'no-head-piece': () => 'One for each head: but no piece is of the kind head.',
  'covers-missing': () => 'Name its places in covers, one line each.',
  'unknown-place': ({ place, places }) => `There is no place ${place} here. There are: ${places}.`,
  'unknown-bearing': ({ bearing, count }) =>
    `There is no main bearing ${bearing}: this crank has ${count}.`,
  'piece-misses-cylinder': ({ name, cylinder }) => `${name}: none is over cylinder ${cylinder}.`,
  'clamps-nothing': ({ set }) => `Say which pieces ${set} clamp.`,
  'not-held': ({ name }) =>
    `Nothing holds ${name}: name it in the clamps of its bolts, or in heldBy.`,
  'unknown-part': ({ part }) => `The kit list has no part ${part}.`,
  'joints-not-kit': ({ part, kit, joints }) =>
    `${part}: the kit holds ${kit}, the joints take ${joints}.`,
  'unknown-set': ({ id }) =>
    `There is no set of fasteners ${String(id)}: name one, or the liners, or the valves.`,
  'unknown-wheel': ({ id }) => `There is no wheel ${String(id)}.`,
  'unknown-mark': ({ most }) => `There are ${String(most)} marks; count them from 1.`,
  'links-missing': () =>
    'A mark stands to a link: say how many links the chain has, or teeth the belt.',
  'outside-map': ({ fastener }) => `${fastener} stands outside the map.`,
  'same-place': ({ one, other }) => `${one} stands where ${other} stands.`,
  'no-tensioner': () =>
    'Without the jack’s area and the stud’s size, load and stretch cannot be reckoned.',
  'wait-without-time': () => 'How long is waited here?',
  'two-stroke-intake': () => 'A two-stroke of this kind has ports where others have inlet valves.',
  'strokes-differ': ({ strokes }) => `This engine is a ${strokes}-stroke.`,
  'cam-event-missing': () =>
    'This cam event is missing: its partner was given, and one without the other says nothing.',
  'cam-event-foreign': () =>
    'This cam event belongs to an engine with the other number of strokes.',
  'window-impossible': () => 'This opens after it closes, or never closes.',
  'overlap-strange': ({ overlap }) =>
    `Inlet and exhaust overlap by ${degrees(Number(overlap))}. Are opening and closing swapped, or before and after?`,
  'valve-missing': ({ cylinder, kind }) =>
    `Cylinder ${cylinder} has no ${kind === 'intake' ? 'inlet' : 'exhaust'} here, and others have.`,
  'rod-cap-missing': ({ have, of, cylinder }) =>
    `${have} of ${of} rod caps: the one of cylinder ${cylinder} is missing.`,
  'head-group-misses': ({ cylinder }) => `Cylinder ${cylinder} is under none of these heads.`,
  'valve-without-gap': ({ cylinder }) => `Cylinder ${cylinder} has no valve here.`,
  'gap-missing': ({ kind }) =>
    `No gap is given for the ${kind === 'intake' ? 'inlet' : 'exhaust'}; the valves card asks for one before it opens.`,
  'hydraulic-missing': () => 'Hydraulic tappets need their preload and how zero lash is felt.',
  'no-screw': () => 'Without the screw’s pitch and the rocker ratio no turn can be advised.',
  'no-shims': () => 'Without the sizes shims come in none can be chosen.',
  'unknown-valve': ({ valve }) => `There is no valve ${valve} here.`,
  'book-misses': ({ valves }) => `The book’s table leaves out ${valves}.`,
  'book-repeats': ({ valve }) => `The book’s table sets ${valve} twice.`,
  'book-doubtful': ({ valve, atDeg, clearanceDeg }) =>
    `The book sets ${valve} at ${degrees(Number(atDeg))}; by these cam events its cam is only ${degrees(Number(clearanceDeg))} away.`,
  'angle-outside-cycle': ({ atDeg, cycle }) =>
    `${degrees(Number(atDeg))} is beyond this engine’s cycle of ${degrees(Number(cycle))}.`,
  'height-of-other-school': ({ school, figure }) =>
    `${figure} is no height of a liner that is ${school}: a recess is negative. Is a sign missing?`,
  'grade-overlaps': ({ mark, before }) => `Grade ${mark} begins below where ${before} ends.`,
  'grade-rule-missing': () =>
    'By which rule is the grade chosen: the highest piston, the mean, or the mean and then the highest?',
  'cut-though-cam': () =>
    'This head carries the cam: a cut moves its bearings with its face. Is it really allowed?',
  'repair-above-standard': ({ repair, standard }) =>
    `The least thickness, ${repair}, is above the standard, ${standard}.`,
  'pairs-not-all': ({ cylinders }) => `No pair holds ${cylinders}.`,
  'override-nowhere': ({ pointer }) =>
    `The sheet has nothing at ${pointer}: a variant changes single figures that are there.`,
  'override-of-id': ({ pointer }) =>
    `${pointer} is the same on every engine of a sheet. Make another sheet instead.`,
  'override-kind': ({ pointer, kind }) => `At ${pointer} stands a ${kind}; this is another kind.`,
  'serials-upside-down': ({ from, to }) => `The serials run backwards: ${from} comes after ${to}.`,
  'option-not-told': ({ option }) =>
    `How is ${option} told from the others: by serial, or by something seen?`,
};

/** What does not add up about a sheet, as one sentence. */
export function sheetFindingSentence({
  code,
  facts,
}: Pick<SheetFinding, 'code' | 'facts'>): string {
  return SENTENCES[code](facts);
}
