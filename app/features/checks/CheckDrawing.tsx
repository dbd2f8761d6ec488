import { isBuildKind } from '@cardinex/core/job/checks/check';
import { STRAIGHTEDGE_LINES } from '@cardinex/core/block/headFlatness';
import type { CheckView } from '@cardinex/core/job/checks/view';
import { readingOf } from '@cardinex/core/job/checks/state';
import { figureMm } from '@cardinex/core/quantity/figureMm';
import { setOf } from '@cardinex/core/sheet/programmeOf';
import { inspectionBench as w } from '@cardinex/words/bench';
import { findingSentence } from '@cardinex/words/cards/inspect';
import { itemName } from '@cardinex/words/checkNames';
import { useUnits } from '../../device/preferences';
import { useJob } from '../job/JobProvider';
import { BoreDrawing } from './BoreDrawing';
import { HolesMap } from './HolesMap';
import type { Slot } from './ReadingGrid';
import { StraightedgeDrawing } from './StraightedgeDrawing';

interface Props {
  readonly view: CheckView;
  readonly at: Slot | null;
  readonly onChoose: (slot: Slot) => void;
}

/** What is being measured, drawn: a head with its lines, a bore in section, bolts where they belong. */
export function CheckDrawing({ view, at, onChoose }: Props) {
  const { sheet, state } = useJob();
  const units = useUnits();
  const { check, judged } = view;
  const read = (item: string, place = ''): number | undefined =>
    readingOf(state.checks, check.id, item, place)?.mm;
  const { kind } = check;
  if (isBuildKind(kind)) return null;
  switch (kind) {
    case 'flatness': {
      const limit = sheet.head?.flatness;
      const map = setOf(sheet, check.set ?? '')?.map;
      return (
        <StraightedgeDrawing
          readings={STRAIGHTEDGE_LINES.flatMap((line) => {
            const gapMm = read(line);
            return gapMm === undefined ? [] : [{ line, gapMm }];
          })}
          limitMm={limit ? figureMm(limit) : 0}
          current={STRAIGHTEDGE_LINES.find((line) => line === at?.item)}
          map={map}
          onPress={(item) => onChoose({ item, place: '' })}
        />
      );
    }
    case 'bores': {
      const item = at?.item ?? check.items.at(-1) ?? '';
      const nominal = sheet.bore;
      const nominalMm = nominal ? figureMm(nominal) : 0;
      const pair = (height: string): readonly (number | null)[] => [
        read(item, `${height}-along`) ?? null,
        read(item, `${height}-across`) ?? null,
      ];
      const finding = judged.find((entry) => entry.item === item)?.finding;
      return (
        <BoreDrawing
          readingsMm={{ top: pair('top'), middle: pair('middle'), bottom: pair('bottom') }}
          nominalMm={nominalMm}
          label={w.boreFound(
            itemName(sheet, check, item),
            finding ? findingSentence(finding, units) : null,
          )}
        />
      );
    }
    case 'lengths':
      return (
        <HolesMap
          check={check}
          current={at?.item ?? null}
          standing={(item) => {
            const verdict = judged.find((each) => each.item === item)?.verdict;
            return verdict === 'out' ? 'failed' : verdict === 'unread' ? 'open' : 'done';
          }}
          onPress={(item) => onChoose({ item, place: '' })}
        />
      );
    case 'holes':
    case 'journals':
    case 'clearances':
    case 'rings':
    case 'shells-found':
    case 'look':
    case 'unclamped':
      return null;
  }
}
