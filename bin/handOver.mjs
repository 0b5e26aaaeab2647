// Files that a route handed over: the route looks at who asks and writes the headers, the bytes go from the disk to the socket without passing through the framework.
import { createReadStream } from 'node:fs';

/** Says which bytes of which file are the body: `FIRST-LAST PATH`. Never leaves the server. The routes read the name from the environment. */
const HEADER = 'x-owl-hand-over';
process.env.OWL_HAND_OVER_HEADER = HEADER;
const CHUNK_BYTES = 1024 * 1024;

/** Makes a response whose body may be handed over. */
export function takeHandOvers(response) {
  const { writeHead, end } = response;
  let handed;
  const take = () => {
    handed ??= response.getHeader(HEADER);
    if (!response.headersSent) response.removeHeader(HEADER);
  };
  response.writeHead = (...given) => {
    take();
    return writeHead.apply(response, given);
  };
  response.end = (...given) => {
    take();
    response.end = end;
    if (handed === undefined) return end.apply(response, given);
    const [, first, last, file] = /^(\d+)-(\d+) (.+)$/.exec(handed);
    const bytes = createReadStream(decodeURIComponent(file), {
      start: Number(first),
      end: Number(last),
      highWaterMark: CHUNK_BYTES,
    });
    // A file that breaks off breaks the answer off, so that the browser asks again for the rest and does not wait for it.
    bytes.once('error', () => response.destroy());
    bytes.once('end', () => {
      if (bytes.bytesRead === Number(last) - Number(first) + 1) end.call(response);
      else response.destroy();
    });
    response.once('close', () => bytes.destroy());
    bytes.pipe(response, { end: false });
    return response;
  };
}
