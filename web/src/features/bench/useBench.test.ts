import { QueryClient } from '@tanstack/react-query';
import { expect, test } from 'vitest';
import { takenUp } from './useBench';

const part = (...ids: string[]) => ({ pages: [{ all: ids.length, books: ids.map((id) => ({ id })), stages: [] }] });

test('a book that is put elsewhere lies where it lay no longer', () => {
  const client = new QueryClient();
  client.setQueryData(['bench', false, '', ''], part('log', 'diary'));
  client.setQueryData(['bench', true, '', ''], part('song'));
  client.setQueryData(['bench', 'now'], { today: 'sew the log' });
  takenUp(client, 'log');
  expect(client.getQueryData(['bench', false, '', ''])).toEqual(part('diary'));
  expect(client.getQueryData(['bench', true, '', ''])).toEqual(part('song'));
  expect(client.getQueryData(['bench', 'now'])).toEqual({ today: 'sew the log' });
});
