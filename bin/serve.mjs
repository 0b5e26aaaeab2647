// The web server: the framework's own handler behind one look at the address, which it answers with an error of its own when a percent sign in it is broken.
// Plain JavaScript: the server needs no loader. Usage: node bin/serve.mjs PORT. Listens on loopback; with OWL_DOOR (address, port, certificate and key as JSON)
// also there, with TLS and never without.
import { readFileSync, statSync } from 'node:fs';
import { createServer } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import next from 'next';
import { takeHandOvers } from './handOver.mjs';

const port = Number(process.argv[2]);
const hostname = '127.0.0.1';
const dir = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '..');

/** Whether every part of the address can be read. @source RFC 3986, 2.1 (a percent sign is followed by two hexadecimal digits), RFC 3629 (UTF-8) */
function isReadable(address) {
  try {
    decodeURIComponent(address.split('?')[0] ?? '');
    return true;
  } catch {
    return false;
  }
}

const app = next({ dev: false, dir, hostname, port });
await app.prepare();
const handle = app.getRequestHandler();
function answer(request, response) {
  if (isReadable(request.url ?? '/')) {
    takeHandOvers(response);
    return void handle(request, response);
  }
  response.writeHead(400, {
    'content-type': 'application/json',
    'content-security-policy': "default-src 'none'; frame-ancestors 'none'; sandbox",
    'x-content-type-options': 'nosniff',
  });
  response.end('{"code":"not-understood"}');
}
const server = createServer(answer);
server.listen(port, hostname, () => console.log(`listening on http://${hostname}:${port}`));
const servers = [server];

const door = process.env.OWL_DOOR ? JSON.parse(process.env.OWL_DOOR) : undefined;
if (door) {
  const read = () => ({ cert: readFileSync(door.certificate), key: readFileSync(door.key) });
  const secure = createSecureServer(read(), (request, response) => {
    // Nobody stands between: whoever asks is who the socket says, whatever they write of themselves.
    request.headers['x-forwarded-for'] = request.socket.remoteAddress;
    request.headers['x-forwarded-proto'] = 'https';
    // Only for a certificate that browsers know: they would let nobody past the question about one of our own. @source RFC 6797, sections 8.1 and 12.1
    if (!door.isOwn) response.setHeader('strict-transport-security', `max-age=${180 * 86_400}`);
    answer(request, response);
  });
  secure.listen(door.port, door.address, () => console.log(`listening on https://${door.address}:${door.port}`));
  servers.push(secure);
  // A certificate that was renewed is taken without a start.
  let writtenAt = statSync(door.certificate).mtimeMs;
  setInterval(() => {
    try {
      const now = statSync(door.certificate).mtimeMs;
      if (now === writtenAt) return;
      secure.setSecureContext(read());
      writtenAt = now;
      console.log('took the renewed certificate');
    } catch (error) {
      console.error(`the certificate cannot be read: ${error.message}`);
    }
  }, 60_000).unref();
}
for (const one of servers)
  one.on('error', (error) => {
    console.error(error.message);
    process.exit(1);
  });

let stopping = false;
for (const signal of ['SIGTERM', 'SIGINT'])
  process.on(signal, () => {
    if (stopping) return;
    stopping = true;
    // What is being answered is answered; lines that stay open are hung up.
    let open = servers.length;
    for (const one of servers) {
      one.close(() => {
        open -= 1;
        if (open === 0) process.exit(0);
      });
      one.closeIdleConnections();
      setTimeout(() => one.closeAllConnections(), 1500).unref();
    }
    setTimeout(() => process.exit(0), 4000).unref();
  });
