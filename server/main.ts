import type { Server } from 'node:http';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { createServer, type ServerWish } from './createServer';
import { certificateFor, codeOf, fingerprintOf, hostsOf, lanAddresses } from './lan';
import { serveReader } from './readerSocket';
import { texts } from '#words/server';

const FIRST_PORT = 4180;
const PORTS_TO_TRY = 20;

interface Wish {
  readonly port: number;
  /** Fail rather than take another port. */
  readonly exact: boolean;
  /** Serve this machine's network, too, encrypted. */
  readonly lan: boolean;
}

function stopWith(message: string): never {
  console.error(texts.zelf(message));
  process.exit(2);
}

function readWords(): { readonly port?: string; readonly exact?: boolean; readonly lan?: boolean } {
  try {
    return parseArgs({ options: { port: { type: 'string' }, exact: { type: 'boolean' }, lan: { type: 'boolean' } } })
      .values;
  } catch (error) {
    return stopWith(error instanceof Error ? error.message : texts.theWordsAreNot);
  }
}

function readWish(): Wish {
  const { port: named, exact = false, lan = false } = readWords();
  const wanted = named ?? process.env['PORT'];
  const port = wanted === undefined ? FIRST_PORT : Number(wanted);
  const isPort = Number.isInteger(port) && port >= 1 && port <= 65_535;
  return isPort ? { port, exact, lan } : stopWith(texts.thePortIsNo(wanted ?? ''));
}

/** What is served, and to whom. */
interface Plan extends ServerWish {
  readonly addresses: readonly string[];
}

const KEPT_IN = fileURLToPath(new URL('../../.lan', import.meta.url));

async function planFor(lan: boolean): Promise<Plan> {
  if (!lan) return { addresses: [] };
  const addresses = lanAddresses();
  if (addresses.length === 0) return stopWith(texts.noNetwork);
  return { addresses, hosts: hostsOf(addresses), certificate: await certificateFor(KEPT_IN, addresses) };
}

function listen(root: string, port: number, plan: Plan): Promise<Server | null> {
  const address = plan.certificate ? '0.0.0.0' : '127.0.0.1';
  return new Promise((resolve, reject) => {
    const server = createServer(root, plan).listen(port, address, () => resolve(server));
    server.once('error', (error: NodeJS.ErrnoException) =>
      error.code === 'EADDRINUSE' ? resolve(null) : reject(error),
    );
  });
}

/** Says where it is; in a network also how a phone gets there and what it will ask. */
async function announce({ addresses, certificate }: Plan, port: number): Promise<void> {
  if (!certificate) return console.log(texts.zelfIsAtHttp(port));
  console.log(texts.zelfIsAtHttps(port));
  for (const address of addresses) {
    console.log(`https://${address}:${port}/`);
    console.log(await codeOf(`https://${address}:${port}/`));
  }
  console.log(texts.whatThePhoneAsks(fingerprintOf(certificate)));
}

async function start(): Promise<void> {
  const root = fileURLToPath(new URL('../app', import.meta.url));
  const { port, exact, lan } = readWish();
  const plan = await planFor(lan);
  for (let candidate = port; candidate < port + (exact ? 1 : PORTS_TO_TRY); candidate += 1) {
    const server = await listen(root, candidate, plan);
    if (!server) {
      console.error(texts.portIsTaken(candidate, exact ? '.' : texts.trying(candidate + 1)));
      continue;
    }
    await announce(plan, candidate);
    const endLinks = serveReader(server, plan.hosts);
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
