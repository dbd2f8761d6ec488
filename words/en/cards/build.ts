import { besideWithin } from '../weighing';
import type { BuildFinding, Measured } from '@cardinex/core/job/checks/buildFindings';
import type { MatchMass } from '@cardinex/core/piston/matchMass';
import { againstWords } from '../inspection';
import { gapSentence, massSentence } from '../pistons';
import { mass } from '../mass';
import { wheelLineSentence } from '../timing';
import { METRIC, length, listed, type ReaderUnits } from '../quantity';

/** What readings come to, and what follows. */
export function buildFindingSentence(finding: BuildFinding, units: ReaderUnits = METRIC): string {
  switch (finding.kind) {
    case 'ring-gaps':
      return gapSentence(finding.found, units);
    case 'wheel-line':
      return wheelLineSentence(finding.found, units);
    case 'side-clearances':
      return measured('Side clearance', finding.found, units, {
        tight: 'clean the groove and look at the ring; a ring that sticks is not fitted',
        loose: 'the groove is worn, or the ring is not for it',
      });
    case 'rod-floats':
      return measured('Side float', finding.found, units, {
        tight: 'look for a cap the wrong way round or a rod turned end for end',
        loose: 'rod or crank cheeks are worn',
      });
    case 'stand-outs': {
      const text = measured('Stand-out', finding.found, units, {
        tight: 'look at the rod and its shells, then at the deck',
        loose: 'look for a rod or piston of another engine, or a deck cut before',
      });
      return `${text} It rocks by ${length(finding.found.rockMm, units)}.`;
    }
    case 'mass-beside': {
      const { beside, differenceGrams, limitGrams, verdict } = finding.found;
      const text = `${mass(differenceGrams)} between it and ${besideWithin(beside)}`;
      if (limitGrams === undefined) return `${text}.`;
      return verdict === 'over'
        ? `${text}: too much, at most ${mass(limitGrams)}.`
        : `${text}, at most ${mass(limitGrams)}. Within.`;
    }
    case 'masses': {
      const { found, opposed } = finding;
      const sentence = massSentence(named(found));
      if (opposed.length === 0) return sentence;
      const out = opposed.filter(({ verdict }) => verdict === 'over');
      const pairs = (out.length > 0 ? out : opposed).map(
        ({ cylinders, differenceGrams }) =>
          `${cylinders.join(' against ')} differ by ${mass(differenceGrams)}`,
      );
      return out.length === 0
        ? `Opposite pistons: ${listed(pairs)}. Within.`
        : `Opposite pistons: ${listed(pairs)}: too much. ${sentence}`;
    }
  }
}

/** Masses by the cylinder each piston is for. */
function named(found: MatchMass): MatchMass {
  const name = (id: string): string => `piston ${id}`;
  return {
    ...found,
    lightest: name(found.lightest),
    heaviest: name(found.heaviest),
    ...(found.pairs && {
      pairs: found.pairs.map((pair) => ({
        ...pair,
        ids: [name(pair.ids[0]), name(pair.ids[1])] as const,
      })),
    }),
  };
}

function measured(
  what: string,
  { mm, lowMm, highMm, verdict }: Measured,
  units: ReaderUnits,
  cure: { readonly tight: string; readonly loose: string },
): string {
  const text = `${what} ${length(mm, units)}`;
  if (verdict === 'tight') return `${text}, under ${length(lowMm ?? 0, units)}: ${cure.tight}.`;
  if (verdict === 'loose') return `${text}, over ${length(highMm ?? 0, units)}: ${cure.loose}.`;
  return `${text}: ${againstWords[verdict]}.`;
}
