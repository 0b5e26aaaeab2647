import { pool } from '../src/data/client';
import { runWorker } from '../src/server/jobs/runWorker';

const say = (text: string): void => console.log(`${new Date().toISOString()} ${text}`);

const worker = await runWorker({ atOnce: Number(process.env.OWL_WORK_AT_ONCE ?? 2), watchesInbox: true, say });
say(`at work as number ${worker.number}`);

let stopping = false;
const stop = async (): Promise<void> => {
  if (stopping) return;
  stopping = true;
  await worker.stop().catch(() => undefined);
  await pool()
    .end()
    .catch(() => undefined);
  process.exit(0);
};
process.on('SIGTERM', () => void stop());
process.on('SIGINT', () => void stop());
// Whatever nobody foresaw is told and ends the process: its supervisor starts another, which takes up what this one was at.
process.on('uncaughtException', (error) => {
  say(`ended by: ${error.stack ?? error.message}`);
  process.exit(1);
});
