import { wordsMatch } from './wordsMatch';

describe('a search in a list', () => {
  it.each([
    ['', true],
    ['  ', true],
    ['baler', true],
    ['BALER tol', true],
    ['44 t44-20817', true],
    ['bäler', true],
    ['baler pump', false],
    ['balers', false],
  ])('%j', (search, found) => {
    expect(wordsMatch(search, 'Tolvane 44 · top-field baler · T44-20817')).toBe(found);
  });

  it('looks past accents on both sides', () => {
    expect(wordsMatch('kuhlpumpe', 'Kühlpumpe')).toBe(true);
  });
});
