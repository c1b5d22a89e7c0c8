import type { Server } from 'node:http';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { createServer } from './createServer';
import { serveReader } from './readerSocket';
import { texts } from '#words/server';

const FIRST_PORT = 4180;
const PORTS_TO_TRY = 20;

interface Wish {
  readonly port: number;
  /** Fail rather than take another port. */
  readonly exact: boolean;
}

function stopWith(message: string): never {
  console.error(texts.zelf(message));
  process.exit(2);
}

function readWords(): { readonly port?: string; readonly exact?: boolean } {
  try {
    return parseArgs({ options: { port: { type: 'string' }, exact: { type: 'boolean' } } }).values;
  } catch (error) {
    return stopWith(error instanceof Error ? error.message : texts.theWordsAreNot);
  }
}

function readWish(): Wish {
  const { port: named, exact = false } = readWords();
  const wanted = named ?? process.env['PORT'];
  const port = wanted === undefined ? FIRST_PORT : Number(wanted);
  const isPort = Number.isInteger(port) && port >= 1 && port <= 65_535;
  return isPort ? { port, exact } : stopWith(texts.thePortIsNo(wanted ?? ''));
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
      console.error(texts.portIsTaken(candidate, exact ? '.' : texts.trying(candidate + 1)));
      continue;
    }
    console.log(texts.zelfIsAtHttp(candidate));
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
  console.error(texts.zelfNoFreePort(port));
  process.exit(2);
}

await start();
