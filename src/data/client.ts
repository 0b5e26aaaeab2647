import pg from 'pg';

export type Database = pg.Pool | pg.PoolClient;

// Dates stay calendar dates: the driver's default would turn them into instants of the server's zone.
pg.types.setTypeParser(pg.types.builtins.DATE, (text) => text);
pg.types.setTypeParser(pg.types.builtins.INT8, (text) => Number(text));

const holder = globalThis as typeof globalThis & { owlPool?: pg.Pool };

/** The one pool of this process. Throws when no database address is set. */
export function pool(): pg.Pool {
  if (!holder.owlPool) {
    const connectionString = process.env.OWL_DATABASE_URL;
    if (!connectionString) throw new Error('OWL_DATABASE_URL is not set: start the application with bin/owl');
    // Compiling a statement of a page takes longer than running it.
    holder.owlPool = new pg.Pool({
      connectionString,
      // Each lane of background work listens on one of its own.
      max: 18,
      connectionTimeoutMillis: 5000,
      options: '-c jit=off',
    });
    keepAlive(holder.owlPool);
  }
  return holder.owlPool;
}

/** A database that goes away must not end the process: the next statement fails, and the one after it finds a new connection. */
export function keepAlive(one: pg.Pool): void {
  one.on('error', () => undefined);
  one.on('connect', (client) => void client.on('error', () => undefined));
}

const MOST_LOOK_MS = 2500;

/** Whether the database answers now. */
export async function canReachDatabase(database: pg.Pool = pool()): Promise<boolean> {
  const late = new Promise<boolean>((resolve) => setTimeout(() => resolve(false), MOST_LOOK_MS).unref());
  const here = database.query('select 1').then(
    () => true,
    () => false,
  );
  return Promise.race([here, late]);
}

/** Runs the work in one transaction: committed when it returns, rolled back when it throws. */
export async function inTransaction<Value>(
  database: pg.Pool,
  work: (client: pg.PoolClient) => Promise<Value>,
): Promise<Value> {
  const client = await database.connect();
  try {
    await client.query('begin');
    const value = await work(client);
    await client.query('commit');
    return value;
  } catch (error) {
    await client.query('rollback').catch(() => undefined);
    throw error;
  } finally {
    client.release();
  }
}

/** Runs reading work on one state of the database, whatever is written meanwhile. */
export const inOneState = <Value>(database: pg.Pool, work: (client: pg.PoolClient) => Promise<Value>): Promise<Value> =>
  inTransaction(database, async (client) => {
    await client.query('set transaction isolation level repeatable read, read only');
    return work(client);
  });
