import { wordsOf } from '../identifier';
import { atStart } from './kit';
import type {
  Fault,
  FaultAt,
  FaultFields,
  ReckoningFaultCode,
} from '@cardinex/core/quantity/reckoningFault';

/** What is wrong, after the field's name; a code that is missing does not compile. */
const SENTENCES: { readonly [C in ReckoningFaultCode]: (fields: FaultFields[C]) => string } = {
  empty: () => 'needs at least one entry',
  repeated: ({ id }) => `repeats ${id}, which already stands in the list`,
  'not-a-number': () => 'must be a number',
  'must-be-positive': () => 'must be above zero',
  'must-not-be-negative': () => 'must be zero or above',
  'range-upside-down': () => 'is below the low limit it belongs to',
  'missing-partner': () =>
    'is missing: its partner was given, and one without the other says nothing',
  'wrong-for-strokes': () => 'does not belong to an engine with this number of strokes',
  'window-without-length': () => 'must begin and end at different angles',
  'window-fills-cycle': () => 'would never close within one cycle',
  'unknown-cylinder': ({ cylinder }) =>
    `names cylinder ${cylinder}, which is not in the firing list`,
  'unknown-fastener': ({ id }) => `names ${id}, which is not among the fasteners`,
  'unknown-wheel': ({ id }) => `names ${id}, which is not among the wheels`,
  'not-in-order': ({ id }) => `names ${id}, which is not in the order of its stage`,
  'adapter-too-long': () =>
    'folded back this far leaves less than half the arm: use a longer wrench or a shorter adapter',
  'must-rise': () => 'must be above the point before it: a wrench’s points are listed rising',
  'must-be-whole': () => 'must be a whole number',
  'not-a-date': () => 'must be a day there is, like 2026-03-31',
  'due-before-check': () => 'is before the check it follows',
  'not-that-many': ({ most }) => `must be a whole number from 1 to ${most}`,
  'so-many': ({ count }) => `needs ${count} readings`,
  'beyond-size': () => 'is beyond the size it is taken from',
  'unknown-bore': ({ id }) => `names bore ${id}, which is not among the bores`,
  'fewer-than-bores': ({ bores }) => `must be as many as the bores, ${bores}, or more`,
  'at-most': ({ most }) => `must be ${most} at most`,
  'too-few-shims': ({ bores }) =>
    `leaves some of the ${bores} liners without the shim each must have`,
  'cannot-be-placed': () => 'cannot all be placed: too many fit only one bore',
  'no-oil-ring': () => 'is an expander with no oil ring beside it in the list',
  'odd-count': () => 'must be an even number to be paired',
  overlaps: ({ mark }) => `overlaps ${mark}`,
  'no-clearance-left': () => 'leaves no room above the piston: look at signs and units',
  between: ({ low, high }) => `must be from ${low} to ${high}`,
  'pitch-too-coarse': ({ diaMm }) => `leaves no core in a thread of ${diaMm} mm`,
  'no-bearing-face': ({ holeMm }) => `must be larger than the hole, ${holeMm} mm`,
  misses: ({ id }) => `leaves out ${id}`,
  'must-not-fall': () => 'is less than the one before it: list them in the order they were taken',
  'stops-alike': () => 'is where the other stop was met: between them is no top',
  'stops-opposite': () =>
    'is exactly half a turn from the other stop: which of the two middles is the top cannot be told',
  'beyond-counting': () =>
    'come round together only after more turns than can be counted exactly: look at the teeth once more',
  'unknown-id': ({ id }) => `names ${id}, which is not in the lists`,
  circle: ({ direction, ids }) =>
    direction === 'off'
      ? `go round in a circle: to come off, ${waitsFor(ids)}`
      : `go round in a circle: to go on, ${waitsFor(ids)}`,
  'needs-what-is-off': ({ id }) => `needs ${id}, which has to come off to get at it`,
  'kept-on-itself': () => 'is kept, by what it is on, on itself',
  'kept-must-come-off': ({ target }) => `cannot be kept: it must come off to get at ${target}`,
  'kept-rests-on-what-stays': ({ id }) =>
    `cannot go with another piece: it rests on ${id}, which stays`,
  'too-many-ways': ({ most }) =>
    `can be combined in more than ${most} ways: choose for some targets`,
  'too-many-rounds': ({ most }) =>
    `would take more than ${most} rounds: is the decimal mark missing?`,
  'same-place': ({ id, other }) => `puts ${other} where ${id} stands`,
  'rod-too-short': () => 'must be longer than half the stroke and the offset together',
  'must-turn-on': () => 'must be an angle beyond the sample before it',
  'one-of': ({ fields }) => `: give exactly one of ${fields.join(', ')}`,
};

/** What is wrong with the input of a reckoning, beginning with the field as the wire names it. */
export function faultSentence({ field, fault }: FaultAt): string {
  return `${field} ${says(fault)}.`;
}

/** The same for whoever looks at a screen: "Bore must be above zero." */
export function faultInWords({ field, fault }: FaultAt): string {
  return `${atStart(fieldInWords(field))} ${says(fault)}.`;
}

/** "a waits for b, b waits for a", of a round of ids. */
function waitsFor(ids: readonly string[]): string {
  return ids
    .map((id, place) => `${id} waits for ${ids[(place + 1) % ids.length] ?? id}`)
    .join(', ');
}

function says(fault: Fault): string {
  // Which sentence goes with which fields is lost once the fault may be any.
  return (SENTENCES[fault.code] as (fields: Fault) => string)(fault);
}

/** Units that a field's name ends in; the figure beside it shows them. */
const UNIT = /(Mm2|Mm|Nm|Deg|Bar|Kn|Mpa|Gpa|Grams|Cc|TempC|PerK)$/;

/** "rings[1].limit.highMm" as "rings, number 2, limit, high". */
function fieldInWords(field: string): string {
  return field
    .split('.')
    .map((part) => {
      const [, name = part, nth] = /^(.*?)(?:\[(\d+)\])?$/.exec(part) ?? [];
      const words = wordsOf(name.replace(UNIT, '') || name);
      return nth === undefined ? words : `${words}, number ${Number(nth) + 1}`;
    })
    .join(', ');
}
