import { drawDown } from '@cardinex/core/assembly/drawDown';
import { reach } from '@cardinex/core/assembly/reach';
import { ReckoningFault } from '@cardinex/core/quantity/reckoningFault';
import { drawDownSentence, reachSentence } from './assembly';
import { faultSentence } from './faults';

const pieces = [
  { id: 'head', eases: ['pipe'] },
  { id: 'cover', restsOn: ['head'], shuts: ['set'] },
  { id: 'pipe' },
];

describe('what comes off', () => {
  it.each([
    ['head', '2 pieces come off, in this order: cover and head. Eased, and left on: pipe.'],
    ['set', '1 piece comes off, in this order: cover.'],
    ['look', 'Nothing has to come off.'],
  ])('to get at %s', (target, sentence) => {
    const acts = [{ id: 'set' }, { id: 'look' }];
    expect(reachSentence(reach({ pieces, acts, targets: [target] }))).toBe(sentence);
  });

  it('cannot be told of a circle, which is named round', () => {
    const round = [
      { id: 'a', restsOn: ['b'] },
      { id: 'b', restsOn: ['a'] },
    ];
    const said = (): string => {
      try {
        return reachSentence(reach({ pieces: round, targets: ['a'] }));
      } catch (fault) {
        return faultSentence(fault as ReckoningFault);
      }
    };
    expect(said()).toBe('pieces go round in a circle: to come off, a waits for b, b waits for a.');
  });
});

it('how a shaft is drawn down', () => {
  const [first, second] = [
    { id: '1', xMm: 0, yMm: 0 },
    { id: '2', xMm: 100, yMm: 0 },
  ];
  const found = drawDown({
    fasteners: [first, second],
    order: ['1', '2'],
    pitchMm: 1.5,
    downMm: 5,
    stepMm: 1,
  });
  expect(drawDownSentence(found)).toBe(
    '5 rounds of 240° at each; it leans 0.57° at most. Then to the printed values; off again in the same steps, the last one first.',
  );
});
