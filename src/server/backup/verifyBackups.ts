import path from 'node:path';
import { digestOfFile, sizeOf } from '../footage/storage';
import { listDump } from './dump';
import { DUMP, listBackups, storePath } from './manifest';

export interface Verdict {
  readonly name: string;
  /** What is wrong with it, a line each; nothing where every byte is as it was. */
  readonly faults: readonly string[];
  readonly bytes: number;
}

/** Reads every byte of every backup of a folder, each file once. */
export async function verifyBackups(
  folder: string,
  tell: (words: string) => void = () => undefined,
): Promise<readonly Verdict[]> {
  const known = new Map<string, string | undefined>();
  const faultOf = async (file: string, sha256: string, bytes: number): Promise<string | undefined> => {
    const size = await sizeOf(file);
    if (size === undefined) return 'is missing';
    if (size !== bytes) return `has ${size} bytes instead of ${bytes}`;
    return (await digestOfFile(file)) === sha256 ? undefined : 'is damaged';
  };
  const verdicts: Verdict[] = [];
  for (const { name, manifest, isBrokenOff } of await listBackups(folder)) {
    if (!manifest) {
      verdicts.push({ name, faults: [isBrokenOff ? 'it was broken off' : 'its list cannot be read'], bytes: 0 });
      continue;
    }
    tell(name);
    const faults: string[] = [];
    const dump = path.join(folder, name, DUMP);
    const dumpFault = await faultOf(dump, manifest.database.sha256, manifest.database.bytes);
    if (dumpFault) faults.push(`the database ${dumpFault}`);
    else await listDump(dump).catch((error: Error) => faults.push(`the database cannot be read: ${error.message}`));
    for (const file of manifest.files) {
      if (!known.has(file.sha256))
        known.set(file.sha256, await faultOf(storePath(folder, file.sha256), file.sha256, file.bytes));
      const fault = known.get(file.sha256);
      if (fault) faults.push(`${file.path} ${fault}`);
    }
    const bytes = manifest.files.reduce((sum, one) => sum + one.bytes, manifest.database.bytes);
    verdicts.push({ name, faults, bytes });
  }
  return verdicts;
}
