import { pistonTravel } from '@cardinex/core/crank/pistonTravel';
import { feelerStackDrawing } from '../../bench/feelerStack';
import { plungerDrawing } from '../../bench/plunger';
import { rimDrawing } from '../../bench/rim';
import { screwTurnDrawing } from '../../bench/screwTurn';
import { sliderCrankDrawing } from '../../bench/sliderCrank';
import { wrenchDrawing } from '../../bench/wrench';
import type { Drawing } from '../../shape';
import { figure } from './common';

export function benchSamples(): readonly Drawing[] {
  const slider = { strokeMm: 120, rodMm: 210, offsetMm: 2, crankDeg: 70 };
  const { belowTopMm } = pistonTravel(slider);
  return [
    feelerStackDrawing({ leavesMm: [0.3, 0.15, 0.05], description: 'Leaves', figure }),
    plungerDrawing({ share: 0.4, description: 'A plunger' }),
    plungerDrawing({ share: 1.2, description: 'A plunger, bottomed' }),
    rimDrawing({ deg: 100, description: 'Along the rim' }),
    rimDrawing({ deg: -250, description: 'Back along the rim' }),
    screwTurnDrawing({ deg: 200, direction: 'out', description: 'Out' }),
    screwTurnDrawing({ deg: 60, direction: 'in', description: 'In' }),
    sliderCrankDrawing({ ...slider, belowTopMm, description: 'Crank, rod and piston' }),
    wrenchDrawing({
      armMm: 420,
      adapterMm: 90,
      adapterDeg: 90,
      description: 'A wrench',
      arm: '420 mm',
    }),
  ];
}
