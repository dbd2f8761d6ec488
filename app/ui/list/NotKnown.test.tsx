import { render } from '@testing-library/react';
import { NotKnown } from './NotKnown';

it('says whether a list is asked for, or got no answer; nothing of one that is known, though empty', () => {
  const { rerender, container } = render(<NotKnown of={{ data: undefined, isError: false }} />);
  expect(container.textContent).toBe('Asking the shop.');
  rerender(<NotKnown of={{ data: undefined, isError: true }} />);
  expect(container.textContent).toMatch(/^No answer from the shop/);
  rerender(<NotKnown of={{ data: { jobs: [] }, isError: true }} />);
  expect(container.textContent).toBe('');
});
