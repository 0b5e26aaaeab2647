import { afterAll, expect, it } from 'vitest';
import { destroyCluster, startCluster } from '../../bin/cluster';

const options = { name: 'started-at-once', firstPort: 54_910, durable: false };
afterAll(() => destroyCluster(options.name));

it('a database that several processes start at once is made and started once', async () => {
  const started = await Promise.all([startCluster(options), startCluster(options), startCluster(options)]);
  expect(new Set(started.map(({ port, password }) => `${port} ${password}`)).size).toBe(1);
});
