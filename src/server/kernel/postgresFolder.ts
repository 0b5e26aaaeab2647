import { existsSync, readdirSync } from 'node:fs';
import path from 'node:path';

/** The newest PostgreSQL's programs; Debian keeps them off the path. */
export function findPostgresFolder(): string | undefined {
  const root = '/usr/lib/postgresql';
  if (!existsSync(root)) return undefined;
  const versions = readdirSync(root).filter((name) => existsSync(path.join(root, name, 'bin', 'initdb')));
  const newest = versions.sort((one, other) => Number(other) - Number(one))[0];
  return newest ? path.join(root, newest, 'bin') : undefined;
}
