import { placeText, valueAt, withValue } from './draftPath';

describe('a draft', () => {
  it('takes a value at a place that is not there yet', () => {
    expect(withValue({ name: 'x' }, ['liners', 'low', 'text'], '0.05 mm')).toEqual({
      name: 'x',
      liners: { low: { text: '0.05 mm' } },
    });
    expect(withValue({}, ['banks', 1, 'id'], 'b')).toEqual({ banks: [undefined, { id: 'b' }] });
  });

  it('lets go of a section with its last field, and keeps an entry of a list', () => {
    expect(withValue({ name: 'x', liners: { low: 1 } }, ['liners', 'low'], undefined)).toEqual({
      name: 'x',
    });
    expect(withValue({ banks: [{ id: 'a' }] }, ['banks', 0, 'id'], undefined)).toEqual({
      banks: [{}],
    });
  });

  it('leaves what it was made from as it was', () => {
    const before = { layout: { banks: [{ id: 'a' }] } };
    withValue(before, ['layout', 'banks', 0, 'id'], 'b');
    expect(before.layout.banks[0]?.id).toBe('a');
  });

  it('names and reads its places as the checks do', () => {
    const path = ['fastenedSets', 0, 'groups', 1, 'thread'];
    expect(placeText(path)).toBe('fastenedSets[0].groups[1].thread');
    expect(valueAt({ fastenedSets: [{ groups: [{}, { thread: 'M12' }] }] }, path)).toBe('M12');
    expect(valueAt({ fastenedSets: [] }, path)).toBeUndefined();
  });
});
