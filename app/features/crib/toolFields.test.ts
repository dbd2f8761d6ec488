import { readTool } from './toolFields';

describe('a tool as it is typed', () => {
  it('is read with comma or point', () => {
    expect(
      readTool('torque-wrench', {
        square: '1/2 in',
        lowNm: '20',
        highNm: '100',
        stepNm: '0,5',
        lengthMm: '420',
        reads: 'click',
      }),
    ).toEqual({
      kind: 'torque-wrench',
      spec: {
        square: '1/2 in',
        lowNm: 20,
        highNm: 100,
        stepNm: 0.5,
        lengthMm: 420,
        reads: 'click',
      },
    });
  });

  it('of leaves in thou keeps them in millimetres', () => {
    expect(readTool('feelers', { unit: 'thou', leavesMm: '2 10' })).toEqual({
      kind: 'feelers',
      spec: { unit: 'thou', leavesMm: [0.0508, 0.254] },
    });
  });

  it('names every field that is missing or no number, and none that may be left out', () => {
    expect(readTool('torque-wrench', { lowNm: 'twenty', highNm: '100' })).toEqual({
      wrong: ['square', 'lowNm', 'lengthMm', 'reads'],
    });
    expect(readTool('feelers', { unit: 'mm', leavesMm: '0.05 x' })).toEqual({
      wrong: ['leavesMm'],
    });
    expect(readTool('crank-bar', {})).toEqual({ kind: 'crank-bar', spec: {} });
  });
});
