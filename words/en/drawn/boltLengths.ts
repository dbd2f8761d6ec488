import { groupMark } from '@cardinex/core/sheet/groupMark';
import { groupOf } from '@cardinex/core/sheet/programmeOf';
import type { FastenedSet } from '@cardinex/core/sheet/spec/fastening';
import type { Drawing } from '@cardinex/drawings/shape';
import { boltLengthsDrawing } from '@cardinex/drawings/tighten/boltLengths';
import { coveringWords } from '../cards/covering';
import { treatmentsSaid } from '../treatments';

/** Which bolt goes into which hole. */
export function boltLengths(set: FastenedSet): Drawing {
  const sentences = set.groups.map((group) => {
    const own = set.fasteners.filter((fastener) => groupOf(set, fastener) === group);
    return coveringWords.lengthIn(
      groupMark(set, group),
      group.name,
      own.map(({ number }) => number).join(', '),
    );
  });
  const description =
    `${coveringWords.groupMap(sentences.join(' '))} ${treatmentsSaid(set)}`.trim();
  return boltLengthsDrawing({ set, description });
}
