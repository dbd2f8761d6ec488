import { z } from 'zod';
import {
  ASSEMBLY_ACTS,
  ATTITUDES,
  CONNECTION_KINDS,
  CRANK_PLACES,
  HELD_BY,
  PIECE_PER,
  PROOFS,
  TEMPORARY_BARS,
} from '@cardinex/core/sheet/spec/assembly';
import { named } from '../named';
import { truth, whole, words } from '../text';
import {
  cylinder,
  lengthLimits,
  liftMassFigure,
  listOf,
  oneOf,
  printedPressure,
  printedTorque,
  sourced,
  sourcedAsItsPiece,
} from './figures';
import { joint } from './joint';
import { keyPart, reference } from './reference';

const references = listOf(reference, 100);

const per = oneOf(PIECE_PER).describe(
  'One for each of these; one for the engine when left out; named: those listed in covers.',
);

const covers = listOf(
  z.strictObject({
    place: keyPart.describe('Its name within the piece: a bank, a cylinder, "front".'),
    cylinders: listOf(cylinder, 24).exactOptional(),
    bearings: listOf(whole(1, 40), 40).exactOptional().describe('Main bearings, from cylinder 1.'),
    valves: listOf(keyPart, 96).exactOptional(),
  }),
  96,
).describe('What each instance is over; all of the engine when it names nothing.');

const order = listOf(z.strictObject({ piece: reference, why: words(200) }), 40);

const crankPlace = named(
  'CrankPlace',
  z.strictObject({ stands: oneOf(CRANK_PLACES), says: words(400), ...sourced }),
);

const attitude = oneOf(ATTITUDES);

const piece = named(
  'Piece',
  z.strictObject({
    id: keyPart,
    name: words(60),
    kind: words(40).describe('How it is drawn: one of the kinds listed, or another word.'),
    per: per.exactOptional(),
    covers: covers.exactOptional(),
    restsOn: references
      .exactOptional()
      .describe('Cannot stay when these go: off before them, on after them.'),
    shuts: references
      .exactOptional()
      .describe('Pieces and acts it closes the way to: off before, on only when they are done.'),
    onAfter: order.exactOptional().describe('On after these, where both went.'),
    offAfter: order.exactOptional().describe('Off after these, where both go.'),
    eases: listOf(
      z.strictObject({
        piece: reference,
        how: words(160),
        fasteners: words(160).exactOptional(),
        again: listOf(oneOf(['pull', 'new-joint', 'prove-timing']), 3).exactOptional(),
      }),
      40,
    )
      .exactOptional()
      .describe('Loosened, and left on, when this comes off.'),
    inPlace: z.literal(true).exactOptional().describe('May not be put on at the bench.'),
    attitude: attitude.exactOptional(),
    heldBy: listOf(
      z.strictObject({
        by: oneOf(HELD_BY),
        says: words(200).exactOptional(),
        count: whole(1, 200).exactOptional(),
        value: printedTorque.exactOptional(),
        ...sourcedAsItsPiece,
      }),
      10,
    )
      .exactOptional()
      .describe('What holds it, where no fastened set clamps it.'),
    joints: listOf(joint, 20).exactOptional(),
    contacts: listOf(
      z.strictObject({
        what: words(80),
        lubricant: words(80).nullable().describe('null: nothing, on purpose.'),
        ...sourcedAsItsPiece,
      }),
      20,
    ).exactOptional(),
    facings: listOf(
      z.strictObject({
        faces: words(160),
        part: words(80).exactOptional(),
        ...sourcedAsItsPiece,
      }),
      20,
    ).exactOptional(),
    slidesIn: listOf(
      z.strictObject({
        what: words(120),
        watch: words(160).exactOptional(),
        ...sourcedAsItsPiece,
      }),
      20,
    )
      .exactOptional()
      .describe('What guides into it as it goes on.'),
    hides: listOf(
      z.strictObject({
        what: words(120),
        plug: oneOf(['new', 'cleaned']).exactOptional(),
        ...sourcedAsItsPiece,
      }),
      40,
    )
      .exactOptional()
      .describe('Looked for last before it shuts.'),
    connections: listOf(
      z.strictObject({
        what: words(80),
        kind: oneOf(CONNECTION_KINDS),
        to: words(120).exactOptional(),
        first: oneOf(['here', 'other'])
          .exactOptional()
          .describe('Which end goes on first: the one on this piece, or the other.'),
        value: printedTorque.exactOptional(),
        seal: words(120).exactOptional(),
        capOffLast: z.literal(true).exactOptional(),
        ...sourcedAsItsPiece,
      }),
      40,
    ).exactOptional(),
    lift: z
      .strictObject({
        mass: liftMassFigure.exactOptional(),
        people: whole(1, 10).exactOptional(),
        tackle: words(160).exactOptional(),
        guides: words(160).exactOptional(),
        watch: words(200).exactOptional(),
        ...sourcedAsItsPiece,
      })
      .exactOptional(),
    crank: crankPlace.exactOptional().describe('Where the crank stands before it goes on.'),
    mark: z
      .strictObject({ where: words(200).exactOptional(), never: words(200).exactOptional() })
      .exactOptional(),
    material: z.strictObject({ is: words(80), never: words(200).exactOptional() }).exactOptional(),
    prove: listOf(
      z.strictObject({
        what: oneOf(PROOFS),
        says: words(200).exactOptional(),
        pressure: printedPressure.exactOptional(),
        within: lengthLimits.exactOptional(),
        ...sourcedAsItsPiece,
      }),
      10,
    ).exactOptional(),
    prime: words(200).exactOptional(),
    ...sourced,
  }),
);

const act = named(
  'AssemblyAct',
  z.strictObject({
    act: oneOf(ASSEMBLY_ACTS),
    per: per.exactOptional(),
    covers: covers.exactOptional(),
    needs: references.exactOptional().describe('Pieces that are on and pulled while it is done.'),
    shutBy: references.exactOptional(),
    crank: crankPlace.exactOptional(),
    attitude: attitude.exactOptional(),
    ...sourced,
  }),
);

const temporary = named(
  'TemporaryPart',
  z.strictObject({
    what: words(80),
    in: reference.exactOptional().describe('In before this comes off, or before this is done.'),
    out: reference.exactOptional().describe('Out before this goes on, or before this is done.'),
    bars: oneOf(TEMPORARY_BARS).describe('What must not happen while it is in.'),
    shuts: references.exactOptional(),
    holdsLiners: truth.exactOptional(),
    holdsCase: truth.exactOptional(),
    ...sourced,
  }),
);

/** The engine as pieces that come off and go on as one. */
export const assembly = named(
  'Assembly',
  z.strictObject({
    pieces: listOf(piece, 200, 1).describe('Where several could be next the first listed is.'),
    acts: listOf(act, ASSEMBLY_ACTS.length).exactOptional(),
    temporary: listOf(temporary, 40).exactOptional(),
    ways: listOf(z.strictObject({ to: reference, ways: listOf(references, 8, 2), ...sourced }), 20)
      .exactOptional()
      .describe('Sets of pieces of which any one opens the way.'),
  }),
);
