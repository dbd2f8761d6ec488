import type {
  ConnectionSpec,
  HeldBySpec,
  HidesSpec,
  LiftSpec,
  ProofSpec,
} from '@cardinex/core/sheet/spec/assembly';
import type { JointKind, JointSpec, SealantSpec } from '@cardinex/core/sheet/spec/joint';
import { atStart } from './kit';
import { printedText } from './quantity';

const JOINTS: Readonly<Record<JointKind, string>> = {
  gasket: 'Gasket',
  ring: 'Ring',
  'o-ring': 'O-ring',
  sealant: 'Sealant',
  washer: 'Washer',
  paste: 'Paste',
  dry: 'Metal to metal, dry',
};

const USE = { new: 'new', again: 'used again', 'if-whole': 'used again if whole' } as const;

const CLOSE = { wet: 'closed wet', tacky: 'closed tacky', set: 'closed once set' } as const;

const CURE_BARS = {
  pull: 'no pull',
  fill: 'not filled',
  turn: 'not turned',
  run: 'not run',
} as const;

const HELD: Readonly<Record<HeldBySpec['by'], string>> = {
  screws: 'screws',
  thread: 'screwed in',
  press: 'pressed in',
  ring: 'by a ring',
  clip: 'by a clip',
  'what-lies-on-it': 'by what lies on it',
};

const PROOFS: Readonly<Record<ProofSpec['what'], string>> = {
  'turns-freely': 'turns freely',
  'moves-freely': 'moves freely',
  'holds-pressure': 'holds pressure',
  'opening-pressure': 'opens at its pressure',
  spray: 'sprays evenly',
};

/** What lies between, by its kind: "O-ring". */
export function jointKindName({ kind }: Pick<JointSpec, 'kind'>): string {
  return JOINTS[kind];
}

/** What lies between, in one line: "Gasket: cork, new, dry". */
export function jointSentence(joint: JointSpec): string {
  const { kind, what, count, use, lubricant, lies, oldStaysOn, glued, sealant } = joint;
  const said = [
    what,
    count !== undefined && count > 1 && `${count} of them`,
    use && USE[use],
    lubricant === null ? 'dry' : lubricant,
    lies,
    glued && `glued to ${glued.to}${glued.dry ? `, dry in ${glued.dry.text}` : ''}`,
    oldStaysOn !== undefined && `the old one clings to ${oldStaysOn}`,
    sealant && sealantSentence(sealant),
  ].filter(Boolean);
  return said.length === 0 ? JOINTS[kind] : `${JOINTS[kind]}: ${said.join(', ')}`;
}

/** A bead and its clocks. */
function sealantSentence(sealant: SealantSpec): string {
  const { what, where, bead, never, dry, close, closeFrom, closeTo, nip, pullAfter, cure } =
    sealant;
  return [
    `${what}, ${where}`,
    bead && `bead ${bead.text}`,
    never !== undefined && `never ${never}`,
    dry !== undefined && `dry: ${dry}`,
    CLOSE[close],
    closeFrom && `from ${closeFrom.text}`,
    closeTo && `within ${closeTo.text}`,
    nip,
    pullAfter && `pulled after ${pullAfter.text}`,
    cure && `${cure.bars.map((bar) => CURE_BARS[bar]).join(', ')} for ${cure.time.text}`,
  ]
    .filter(Boolean)
    .join('; ');
}

/** What is looked for before it shuts. */
export function hiddenSentence({ what, plug }: HidesSpec): string {
  return plug === 'new' ? `${what}, new` : what;
}

export function heldSentence({ by, count, says, value }: HeldBySpec): string {
  const held = count === undefined ? HELD[by] : `${count} ${HELD[by]}`;
  return [atStart(held), says, value && printedText(value)].filter(Boolean).join(', ');
}

export function connectionSentence(connection: ConnectionSpec): string {
  const { what, to, first, value, seal, capOffLast } = connection;
  return [
    to === undefined ? what : `${what} to ${to}`,
    first && (first === 'here' ? 'this end first' : 'the other end first'),
    value && printedText(value),
    seal,
    capOffLast && 'its cap off last',
  ]
    .filter(Boolean)
    .join(', ');
}

export function liftSentence({ mass, people, tackle, guides, watch }: LiftSpec): string {
  return [
    mass?.text,
    people !== undefined && people > 1 && `${people} people`,
    tackle,
    guides,
    watch,
  ]
    .filter(Boolean)
    .join(', ');
}

export function proofSentence({ what, says, pressure }: ProofSpec): string {
  return [PROOFS[what], says, pressure && printedText(pressure)].filter(Boolean).join(', ');
}
