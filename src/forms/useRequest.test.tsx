import { act, cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { afterEach, expect, it } from 'vitest';
import { useRequest } from './useRequest';

afterEach(cleanup);

const seen: string[] = [];

function Asking({ work }: { readonly work: () => Promise<string> }) {
  const [answer, setAnswer] = useState('nothing');
  const { isAsking, ask } = useRequest();
  seen.push(`${isAsking ? 'busy' : 'idle'}, ${answer}`);
  return (
    <button type="button" onClick={() => ask(work, (one) => setAnswer(one ?? 'away'))}>
      Ask
    </button>
  );
}

it.each([
  ['what is answered', 'kept', 'idle, kept'],
  ['that nobody answers', undefined, 'idle, away'],
])('shows %s when it is ready for the next press, not before', async (_, answer, last) => {
  seen.length = 0;
  let settle = () => {};
  const work = () =>
    new Promise<string>((resolve, reject) => {
      settle = () => (answer ? resolve(answer) : reject(new Error('gone')));
    });
  render(<Asking work={work} />);
  await userEvent.click(screen.getByRole('button', { name: 'Ask' }));
  expect(seen.at(-1)).toBe('busy, nothing');
  await act(async () => settle());
  expect([...new Set(seen)]).toEqual(['idle, nothing', 'busy, nothing', last]);
});
