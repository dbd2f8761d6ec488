import { moment, plural, timeOfDay } from './kit';
import type { Refusal, RefusalCode, RefusalFields } from '@cardinex/core/job/refusal';
import { cardOfName, cardTitle } from './cards/names';
import {
  METRIC,
  degrees,
  length,
  listed,
  pressure,
  setting,
  torque,
  type ReaderUnits,
} from './quantity';
import { pieceName, pieceRefName } from './pieces';
import { SETS_FOR } from './clocks';
import { attitudeWords, turnOverHoldsSentence } from './attitude';
import { crankHoldsSentence } from './register';
import { withinSentence } from './sentence';
import { sheetFindingSentence } from './sheets/findings';

/** The sentence of each code; one that is missing does not compile. */
const SENTENCES: {
  readonly [C in RefusalCode]: (fields: RefusalFields[C], units: ReaderUnits) => string;
} = {
  'role-may-not': () => 'Your role may look at this but not do it. Ask a mechanic or the lead.',
  'needs-fresh-proof': () =>
    'Give your PIN or passphrase again first: this lets something stand that the sheet does not.',
  'already-open': () => 'This job is open already.',
  'not-open': () => 'No such job is open in this shop.',
  'wrong-sheet': () => 'This job is pinned to another revision of the sheet.',
  'wrong-end': ({ end }) =>
    `On this engine cylinder 1 is at the ${end} end. Look again before numbering anything.`,
  'unknown-scope': () => 'Say which head or which cylinder it is, as this engine has them.',
  'not-wider': () => 'A job once opened only goes further. What was done cannot be left out again.',
  'job-parked': () => 'This job is parked. Take it up again first.',
  'not-parked': () => 'This job is not parked.',
  'unknown-check': ({ check }) => `This engine has no check ${check}.`,
  'unknown-place-of-check': ({ item }) => `There is nothing to read at ${item} here.`,
  'not-by-row': () =>
    'These are seen one by one: what is felt, tried or faces one way is not said of a whole row.',
  'still-setting': ({ until, what }) => `Not before ${moment(until)}: ${SETS_FOR[what]}.`,
  'bead-too-old': ({ since }) =>
    `Its time was over at ${timeOfDay(since)}. Wipe it off both faces and lay it anew.`,
  'unknown-route': () => 'Its sheet does not let pistons go in that way.',
  'route-begun': () => 'A piston is on its rod already: the others go in the same way.',
  'compared-with-what': () =>
    'Say what it is weighed against: the one that came out, or the one opposite.',
  'no-bead': () => 'No bead was begun there, or the piece is on it.',
  'no-clearance-here': () => 'A clearance is read between a journal and its bearing only.',
  'deviation-differs': () =>
    'What the gauge showed and the size it was set to do not make this reading.',
  'always-here': () =>
    'This is on every such engine. Say that it is done, or what is wrong with it.',
  'unknown-remark': () => 'This remark is not open: it was seen to, or left as it is, already.',
  'wear-needed': () => 'Say how this shell was found.',
  'one-cap-at-a-time': ({ bearing }) =>
    `Bearing ${bearing} is open. The crank hangs in the others: pull its cap down first.`,
  'thrust-last': ({ bearings }) =>
    `This bearing carries the thrust: it is opened last. Still to do: ${listed(bearings)}.`,
  'cap-not-off': () => 'The cap of this bearing is on. It comes off first.',
  'rod-not-in': ({ cylinder }) => `Piston ${cylinder} goes in first, and its own cap on its rod.`,
  'bearing-not-laid': ({ bearing }) =>
    `Bearing ${bearing} is not ready for its cap: its card says what is left.`,
  'beyond-reach': ({ lowMm, highMm }, units) =>
    `Between ${length(lowMm, units)} and ${length(highMm, units)} is possible here. Look at the decimal mark.`,
  'turn-over-held': ({ holds }) => turnOverHoldsSentence(holds),
  'turn-over-looks': ({ looks }) => attitudeWords.stillToSee(looks),
  'turn-over-first': ({ to }) => attitudeWords.first(to),
  'crank-held': ({ holds }) => crankHoldsSentence(holds),
  'liners-loose': () =>
    'The liners are loose: a piston pulled past one lifts it. Clamp them first.',
  'not-loose-yet': () => 'Its bolts first: they are not all out.',
  'unknown-piece': ({ piece }) => `${piece} does not come off on this job. Look at its scope.`,
  'piece-first': ({ piece }) =>
    `Still on: ${withinSentence(pieceRefName(piece))}. It comes off first.`,
  'marks-first': ({ marks }) => `Mark first, while it is in its place: ${listed(marks)}.`,
  'ease-first': ({ piece }) =>
    `Ease first what stays: ${withinSentence(pieceRefName(piece))}. The card says how.`,
  'nothing-out': () => 'Nothing is out there, so there is nothing to decide.',
  'not-to-be-reworked': () => 'By its figures it cannot be worked on. It is replaced.',
  'lead-lets-stand': () => 'Only the lead lets something stand that is out of its limits.',
  'unknown-mark': () =>
    'That is not how this part is marked on this engine. Look at the card again.',
  'unknown-bolts': () => 'This engine has no such bolts in this job.',
  'joints-uncounted': () => 'Count them, and type how many there are.',
  'joints-differ': ({ count, total, old }) =>
    old && count < total
      ? `${count} counted, ${total} there must be. One is still on a face, and lifts the new one: find it.`
      : `${count} counted, ${total} there must be. Count again; what is not so is said by “Not good”.`,
  'not-all-bolts': ({ count, total: of }) =>
    `${count} counted, ${of} there must be. One missing is in the engine or under the bench: find it.`,
  'uses-needed': () => 'Say how often they had been used before: these may be used only so often.',
  'cannot-be-kept': ({ piece }) =>
    `${pieceName({ id: piece })} cannot stay where it stands: it has to come off by itself for this.`,
  'hands-not-in': () => 'Nobody has said that those hands are in.',
  'unknown-temporary-part': () => 'There is no such thing in the register.',
  'already-out': ({ what }) => `${what} is out already.`,
  'unknown-part': () => 'That part is not on the list of this job.',
  'part-short': ({ count, total: of }) =>
    `${count} came, ${of} are needed: say that not all of it came.`,
  'unknown-work': () => 'That is not among what was sent out.',
  'too-many-photographs': ({ most }) => `A job holds ${most} photographs at most.`,
  'parts-missing': () => 'A part for this is not here, or not right. See Parts in.',
  'unknown-bore': ({ bore }) => `This engine has no bore ${bore}.`,
  'unknown-place': ({ places }) => `A liner is read at ${places} places on this sheet.`,
  'liners-incomplete': ({ bores }) =>
    `Read each liner at two places or more first. Still to read: ${listed(bores)}.`,
  'liners-out': () =>
    'The liners are out of limits. Put them right, or let the lead accept them with a reason.',
  'card-barred': ({ card }) => `${cardTitle(card)} is barred until the card before it is done.`,
  'card-before': ({ card, set }) => `First: ${cardOfName(card, set)}.`,
  'unknown-run': () => 'This sheet has no such set of fasteners or programme.',
  'run-not-prepared': () => 'Choose the wrench and confirm the treatment before the first pull.',
  'wrench-out-of-range': ({ setNm, lowNm, highNm }, units) =>
    `${setting(setNm, units)} is outside this wrench, ${setting(lowNm, units)} to ${setting(highNm, units)}. Take another.`,
  'unknown-fastener': () => 'That fastener is not in this stage.',
  'stage-not-current': ({ bolt }) =>
    `Bolt ${bolt} is not in the stage now open. Close the open stage first.`,
  'pass-taken': ({ bolt }) => `Bolt ${bolt} already has this pull.`,
  'figure-not-shown': ({ nm, setNm }, units) =>
    `The figures do not match the sheet and the wrench in hand: ${torque(nm, units)}, set ${setting(setNm, units)}.`,
  'setting-not-shown': () =>
    'What was set is not what the sheet and the wrench in hand ask for now. Look at the card again.',
  'not-this-way': () => 'This step is not done that way. Look at the card again.',
  'angle-not-shown': ({ deg }) => `The sheet turns this by ${degrees(deg)}.`,
  'pressure-not-shown': ({ bar }, units) => `The sheet wants ${pressure(bar, units)} here.`,
  'sheet-lacks': () => 'The sheet lacks a figure for this. Enter it on the sheet first.',
  'tool-out-of-date': ({ name }) =>
    `${name} has no check in date, and this sheet demands calibrated tools. Take another, or let the lead say why it may be used.`,
  'tool-off': ({ name }) => `${name} was found off. Take another, or have it checked first.`,
  'differences-open': () =>
    'Sheet and leaflets differ here, and nobody has decided which holds. Decide that first.',
  'crib-disagrees': () =>
    'It was pulled with a wrench that is not in the crib as was said. Put the crib right, or strike it, first.',
  'decision-pending': () =>
    'Something was decided here without knowing all. Say first whether it holds.',
  'facts-unseen': ({ count }) =>
    plural(count, {
      one: 'Something was done that it did not know of.',
      other: `${count} things were done that it did not know of.`,
    }),
  'layer-taken': () => 'That leaflet is on this job already.',
  'nothing-said': () => 'Enter at least one thing the leaflet says.',
  'place-nowhere': ({ place }) => `No leaflet can change ${place}: the sheet has no such figure.`,
  'place-repeated': ({ place }) => `${place} stands here twice. Keep one.`,
  'place-overlaps': ({ place, other }) =>
    `${place} and ${other} are part of each other. Enter one of them.`,
  'nobody-differs': ({ place }) => `There is nothing to decide at ${place}.`,
  'others-spoke': () => 'Another leaflet has been entered since. Look at what it says first.',
  'does-not-add-up': ({ finding }) =>
    `With this the sheet would not add up. ${sheetFindingSentence(finding)}`,
  'run-not-done': () => 'Pull every stage first; then let the wrench back.',
  'not-newer': ({ revision }) => `This job runs on revision ${revision} or a newer one already.`,
  'unknown-variant': ({ question }) =>
    `Say which variant this engine is before the job opens: ${question}`,
  'not-contested': () => 'Nobody contests that pull.',
  'unknown-valve': ({ valve }) => `This engine has no valve ${valve}.`,
  'caution-first': () => 'Read the caution and acknowledge it before anything turns.',
  'crank-unknown': () =>
    'Where the crank stands is not known. Bring it to a position and say what you see.',
  'top-first': () => 'Find the top first: the mark is made where it is.',
  'stops-tell-nothing': () =>
    'Both stops are at one place, or half a turn apart: between them is no top to be told. Read them again.',
  'tensioner-waits': ({ left }) =>
    `Its pin stays in until all before it is done: ${left} ${plural(left, { one: 'step is', other: 'steps are' })} open. Put it back if it is out.`,
  'crank-elsewhere': ({ beforeTopDeg }) =>
    beforeTopDeg === 0
      ? 'The crank does not stand at cylinder 1’s firing top. Bring it there first.'
      : `The crank does not stand ${degrees(beforeTopDeg)} before cylinder 1’s firing top. Bring it there first.`,
  'not-settable-here': ({ valve, atDeg }) =>
    `${valve} may not be set with the crank at ${degrees(atDeg)}: its cam is on it or too near.`,
  'school-not-here': () => 'This engine cannot be gone round that way.',
  'unknown-cover': () => 'The sheet has no such cover.',
  'cover-waits': ({ items }) => `The cover waits: still to set under it are ${listed(items)}.`,
  'cover-first': () => 'Its cover goes on first.',
  'shim-leaves': ({ valve }) =>
    `That shim does not bring ${valve} within its limits: reckon them again.`,
  'unknown-cylinder': () => 'This engine has no such cylinder, or its injectors no codes.',
  'code-letter': ({ letter }) => `No code has a “${letter}”. Look at it once more.`,
  'code-length': ({ have, need }) => `A code has ${need} characters; this one has ${have}.`,
  'code-twice': ({ cylinder }) =>
    `Cylinder ${cylinder} has that code already: one injector, one code. Look at both.`,
  'reading-of-recheck': () => 'Hot readings belong to the recheck: begin it first.',
  'unknown-target': () => 'There is no such act on this job to strike.',
  'already-struck': () => 'That is struck already.',
  'words-needed': () => 'Say in a few words why.',
  'not-strikable': () => 'That cannot be struck.',
  'seals-first': ({ bores }) =>
    `Count the seals first, out and in: bore ${listed(bores)}. Then read it again.`,
  'liners-to-mark': ({ bores }) =>
    `A liner that moved still carries its old mark: bore ${listed(bores)}. Mark it anew first.`,
  'not-a-placement': () => 'Each bore needs one liner, and each liner one bore.',
  'turn-first': ({ bolts }) =>
    `Turn the crank by hand first: bolts ${listed(bolts)} were pulled since it was last turned.`,
  'no-turn-due': () => 'There is no cap just pulled that asks for a turn.',
  'look-first': () => 'Look over all it hides first: afterwards nobody can.',
  'crank-again': () => 'The crank was left, or turned, since it was placed. Prove it again first.',
  'step-first': () => 'A step before this one is not taken yet.',
  'temporary-parts-in': ({ parts: things }) =>
    `Still in the engine: ${listed(things)}. Take it out first.`,
  'head-not-on': () => 'The head is not on and flush yet.',
  'which-end': ({ bolt }) => `Bolt ${bolt} is pulled by two together: say at which end.`,
  'still-to-wait': ({ minutes }) =>
    `${minutes} ${plural(minutes, { one: 'minute is', other: 'minutes are' })} still to wait.`,
  'reached-outside': ({ by, reached, low, high }, units) => {
    const say = (value: number): string =>
      by === 'bar' ? pressure(value, units) : by === 'deg' ? degrees(value) : setting(value, units);
    return `It reached ${say(reached)}; from ${say(low)} to ${say(high)} was asked. Say “Not so”.`;
  },
  'stretch-spent': ({ bolt }) =>
    `Bolt ${bolt} has been stretched and is not used again: a new one goes in.`,
  'heat-first': () => 'The engine has not been run to working heat yet.',
  'still-cooling': ({ until }) => `It is cooling: not before ${moment(until)}.`,
  'unknown-gasket': ({ mark }) => `The sheet has no gasket marked ${mark}.`,
  'gasket-by-measure': () =>
    'Pistons came out on this job: the old gasket says nothing of how they stand out now.',
  'stand-outs-first': () => 'Read every piston at both places first.',
};

/** Why an act was not accepted, and what to do, in the reader's units. */
export function refusalSentence(refusal: Refusal, units: ReaderUnits = METRIC): string {
  // Which sentence goes with which fields is lost once the refusal may be any.
  const sentence = SENTENCES[refusal.code] as (fields: Refusal, units: ReaderUnits) => string;
  return sentence(refusal, units);
}

/** What a server's answer says of an act that was refused: as far as it is known here. */
interface Refused {
  /** In the server's words. */
  readonly detail: string;
  readonly refusal?: { readonly code: string };
}

/** Why a server did not take an act: in the reader's units where the code is known here, else in its words. */
export function refusedSentence({ detail, refusal }: Refused, units: ReaderUnits = METRIC): string {
  return refusal && isKnown(refusal) ? refusalSentence(refusal, units) : detail;
}

function isKnown(refusal: { readonly code: string }): refusal is Refusal {
  return Object.hasOwn(SENTENCES, refusal.code);
}
