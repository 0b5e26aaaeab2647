import { measureLongRound } from './bench/longRound';
import { openServer } from './tests/support/server';
const server = await openServer('bench', true);
try { console.log(await measureLongRound(server)); } finally { await server.close(); }
