import { hydraulicPreload } from '@cardinex/core/overhead/hydraulicPreload';
import type { ScrewPlace } from '@cardinex/core/overhead/screwTurn';
import { plungerDrawing } from '@cardinex/drawings/bench/plunger';
import { screwBench } from '@cardinex/words/bench';
import { hydraulicSentence } from '@cardinex/words/overhead';
import { overheadBench as w } from '@cardinex/words/overheadBench';
import { DrawingView } from '../../../ui/drawing/DrawingView';
import { OneOf } from '../OneOf';
import type { CalculatorBench } from '../CalculatorBench';
import { inSentence } from '../inSentence';
import type { FigureField } from '../readFigures';

const FIELDS: readonly FigureField[] = [
  { key: 'turns', label: w.turns, kind: 'number', unit: w.turnsUnit },
  { key: 'pitchMm', label: screwBench.pitch, kind: 'mm' },
  { key: 'rockerRatio', label: screwBench.ratio, kind: 'number' },
  { key: 'plungerTravelMm', label: w.travel, kind: 'mm' },
];

const PLACES: Readonly<Record<ScrewPlace, string>> = screwBench.places;

/** How deep a hydraulic tappet is pressed by its preload. */
export const hydraulicBench: CalculatorBench = {
  fields: FIELDS,
  starting: { turns: '0.5', pitchMm: '1', rockerRatio: '1.5', screwAt: 'pushrod' },
  answer: inSentence(({ figures }, units, { screwAt = 'pushrod' }) => {
    const { turns = 0, pitchMm = 0, rockerRatio = 0, plungerTravelMm = 0 } = figures;
    const found = hydraulicPreload({
      turns,
      pitchMm,
      rockerRatio,
      plungerTravelMm,
      screwAt: screwAt as ScrewPlace,
    });
    return {
      sentence: hydraulicSentence(found, units),
      good: found.code === 'within',
      drawing: <Plunger share={found.shareOfTravel} />,
    };
  }),
  below: (values, set) => (
    <OneOf name="screwAt" label={screwBench.at} labels={PLACES} values={values} set={set} />
  ),
};

function Plunger({ share }: { share: number }) {
  const description = w.plunger(Math.round(share * 100));
  return <DrawingView drawing={plungerDrawing({ share, description })} width={120} height={150} />;
}
