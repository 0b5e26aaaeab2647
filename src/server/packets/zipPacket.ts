import { Readable } from 'node:stream';
import { ZipFile } from 'yazl';
import { pool } from '@/data/client';
import { listClips } from '@/data/clips/clips';
import { findPacket } from '@/data/packets/packets';
import { storedPath, storedSize } from '../footage/storage';
import { isUuid } from '../kernel/isUuid';
import { findOpenSecondReview } from '../reviews/blindness';
import { clipName, packetPage } from './packetPage';

/** A packet as one ZIP: a page with the clips beside it. Undefined when it is gone, or its round is reviewed blind by this coach. */
export async function zipPacket(packetId: string, coachId: string): Promise<Response | undefined> {
  const packet = isUuid(packetId) ? await findPacket(pool(), packetId) : undefined;
  if (!packet || (await findOpenSecondReview(packet.roundId, coachId))) return undefined;
  const { content } = packet;
  const clips = new Map(
    (
      await listClips(
        pool(),
        content.clipIds.flatMap((id) => id ?? []),
      )
    ).map((one) => [one.id, one]),
  );
  const files = await Promise.all(
    content.clipIds.map(async (id) => {
      const name = id ? clips.get(id)?.storageName : undefined;
      return name && (await storedSize(name)) !== undefined ? storedPath(name) : undefined;
    }),
  );
  const zip = new ZipFile();
  const page = packetPage(
    content,
    files.map((one) => one !== undefined),
    packet.madeAt.slice(0, 10),
  );
  zip.addBuffer(Buffer.from(page), 'index.html');
  // Films do not become smaller.
  for (const [at, file] of files.entries()) if (file) zip.addFile(file, clipName(at), { compress: false });
  zip.end();
  return new Response(Readable.toWeb(zip.outputStream as Readable) as ReadableStream, {
    headers: {
      'content-type': 'application/zip',
      'content-disposition': `attachment; filename="evidence-${packet.madeAt.slice(0, 10)}.zip"`,
      'cache-control': 'private, no-store',
    },
  });
}
