import pg from 'pg';

type Listener = (said: string) => void;
interface Ear {
  readonly listeners: Map<string, Set<Listener>>;
  client?: pg.Client;
  opening?: Promise<void>;
}
const holder = globalThis as typeof globalThis & { owlEar?: Ear };

function ear(): Ear {
  holder.owlEar ??= { listeners: new Map() };
  return holder.owlEar;
}

/** Calls `listener` whenever marks of a round or a second review change, or something is told about a reel, through whichever server, until the answer is called. One connection hears for all. */
export function hear(scopeId: string, listener: Listener): () => void {
  const { listeners } = ear();
  const known = listeners.get(scopeId) ?? new Set();
  known.add(listener);
  listeners.set(scopeId, known);
  void listen();
  return () => {
    known.delete(listener);
    if (known.size === 0) listeners.delete(scopeId);
  };
}

const AGAIN_MS = 2000;

/** Comes back once this server hears (or has begun to try again): what changes after that reaches every listener. */
export const startHearing = (): Promise<void> => listen();

async function listen(): Promise<void> {
  const one = ear();
  if (one.client || one.opening) return one.opening;
  one.opening = open(one).finally(() => {
    one.opening = undefined;
  });
  return one.opening;
}

async function open(one: Ear): Promise<void> {
  const client = new pg.Client({ connectionString: process.env.OWL_DATABASE_URL, connectionTimeoutMillis: 5000 });
  const lose = () => {
    if (one.client === client) one.client = undefined;
    void client.end().catch(() => undefined);
    // Somebody still listens: try again, and let everybody look for what was missed meanwhile.
    if (one.listeners.size > 0) setTimeout(() => void listen().then(() => tellAll(one)), AGAIN_MS).unref();
  };
  client.on('error', lose);
  client.on('end', () => one.client === client && lose());
  client.on('notification', ({ payload }) => {
    const [scopeId = '', said = ''] = (payload ?? '').split(' ');
    for (const listener of one.listeners.get(scopeId) ?? []) listener(said);
  });
  try {
    await client.connect();
    await client.query('listen marks_changed; listen reel_told');
    one.client = client;
  } catch {
    lose();
  }
}

const tellAll = ({ listeners }: Ear): void => {
  for (const known of listeners.values()) for (const listener of known) listener('');
};
