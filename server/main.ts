import type { Server } from 'node:http';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { createServer } from './createServer';
import { serveReader } from './readerSocket';

const FIRST_PORT = 4180;
const PORTS_TO_TRY = 20;

interface Wish {
  readonly port: number;
  /** Fail rather than take another port. */
  readonly exact: boolean;
}

function stopWith(message: string): never {
  console.error(`zelf: ${message}`);
  process.exit(2);
}

function readWords(): { readonly port?: string; readonly exact?: boolean } {
  try {
    return parseArgs({ options: { port: { type: 'string' }, exact: { type: 'boolean' } } }).values;
  } catch (error) {
    return stopWith(error instanceof Error ? error.message : 'the words are not understood');
  }
}

function readWish(): Wish {
  const { port: named, exact = false } = readWords();
  const wanted = named ?? process.env['PORT'];
  const port = wanted === undefined ? FIRST_PORT : Number(wanted);
  const isPort = Number.isInteger(port) && port >= 1 && port <= 65_535;
  return isPort ? { port, exact } : stopWith(`the port "${wanted}" is no number from 1 to 65535`);
}

function listen(root: string, port: number): Promise<Server | null> {
  return new Promise((resolve, reject) => {
    const server = createServer(root).listen(port, '127.0.0.1', () => resolve(server));
    server.once('error', (error: NodeJS.ErrnoException) =>
      error.code === 'EADDRINUSE' ? resolve(null) : reject(error),
    );
  });
}

async function start(): Promise<void> {
  const root = fileURLToPath(new URL('../app', import.meta.url));
  const { port, exact } = readWish();
  for (let candidate = port; candidate < port + (exact ? 1 : PORTS_TO_TRY); candidate += 1) {
    const server = await listen(root, candidate);
    if (!server) {
      console.error(`Port ${candidate} is taken${exact ? '.' : `; trying ${candidate + 1}.`}`);
      continue;
    }
    console.log(`Zelf is at http://127.0.0.1:${candidate}/ (stop with Ctrl+C)`);
    const endLinks = serveReader(server);
    const stop = (): void => {
      endLinks();
      server.closeAllConnections();
      server.close(() => process.exit(0));
    };
    process.once('SIGINT', stop);
    process.once('SIGTERM', stop);
    return;
  }
  console.error(`zelf: no free port from ${port} on; name one with --port`);
  process.exit(2);
}

await start();
