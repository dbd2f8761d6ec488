import { neverDone } from './neverDone';
import { reach } from './reach';

const pieces = [
  { id: 'shaft', restsOn: ['cover'] },
  { id: 'cover', shuts: ['set'] },
  { id: 'head', shuts: ['read'] },
];

it('names an act that needs a piece which has to come off to get at it', () => {
  const acts = [
    { id: 'set', needs: ['head', 'shaft'] },
    { id: 'read', needs: ['shaft'] },
    { id: 'turn' },
  ];
  expect(neverDone({ pieces, acts })).toEqual([{ act: 'set', needs: 'shaft' }]);
});

it('says of every act what reach refuses of it', () => {
  const acts = ['shaft', 'cover', 'head'].flatMap((piece) =>
    ['set', 'read'].map((shut) => ({ id: `${shut}-${piece}`, needs: [piece], shut })),
  );
  const shutting = pieces.map((piece) => ({
    ...piece,
    shuts: (piece.shuts ?? []).flatMap((shut) =>
      acts.filter((act) => act.shut === shut).map(({ id }) => id),
    ),
  }));
  const asked = { pieces: shutting, acts: acts.map(({ id, needs }) => ({ id, needs })) };
  const refused = asked.acts.filter(({ id }) => {
    try {
      reach({ ...asked, targets: [id] });
      return false;
    } catch {
      return true;
    }
  });
  expect(refused.length).toBeGreaterThan(0);
  expect(neverDone(asked).map(({ act }) => act)).toEqual(refused.map(({ id }) => id));
});
