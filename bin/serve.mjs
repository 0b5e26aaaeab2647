// The web server: the framework's own handler behind one look at the address, which it answers with an error of its own when a percent sign in it is broken.
// Plain JavaScript: the server needs no loader. Usage: node bin/serve.mjs PORT
import { createServer } from 'node:http';
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
const server = createServer((request, response) => {
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
});
server.listen(port, hostname, () => console.log(`listening on http://${hostname}:${port}`));
server.on('error', (error) => {
  console.error(error.message);
  process.exit(1);
});

let stopping = false;
for (const signal of ['SIGTERM', 'SIGINT'])
  process.on(signal, () => {
    if (stopping) return;
    stopping = true;
    // What is being answered is answered; lines that stay open are hung up.
    server.close(() => process.exit(0));
    server.closeIdleConnections();
    setTimeout(() => server.closeAllConnections(), 1500).unref();
    setTimeout(() => process.exit(0), 4000).unref();
  });
