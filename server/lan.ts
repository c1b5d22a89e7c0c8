import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { networkInterfaces } from 'node:os';
import { join } from 'node:path';
import { X509Certificate } from 'node:crypto';
import { toString as asCode } from 'qrcode';
import { generate } from 'selfsigned';
import type { Certificate } from './createServer';
import { LOOPBACK } from './hosts';

type Interfaces = ReturnType<typeof networkInterfaces>;

/** A certificate that a phone was once told to trust stays the same until it runs out. */
const VALID_DAYS = 397;
const DAY = 86_400_000;
const [KEY_FILE, CERTIFICATE_FILE] = ['key.pem', 'certificate.pem'];

/** The addresses of this machine in its own network: IPv4, private, not its own loop. */
export function lanAddresses(interfaces: Interfaces = networkInterfaces()): readonly string[] {
  return Object.values(interfaces)
    .flatMap((entries) => entries ?? [])
    .filter(({ family, internal }) => family === 'IPv4' && !internal)
    .map(({ address }) => address);
}

/** The names that the server answers to. */
export const hostsOf = (addresses: readonly string[]): ReadonlySet<string> => new Set([...LOOPBACK, ...addresses]);

/** Whether a kept certificate still serves: for all these addresses, and for another day at least. */
function serves({ cert }: Certificate, addresses: readonly string[], now: number): boolean {
  try {
    const read = new X509Certificate(cert);
    return Date.parse(read.validTo) > now + DAY && addresses.every((address) => read.checkIP(address) !== undefined);
  } catch {
    return false;
  }
}

/**
 * The server's own certificate: the kept one, or a new one where the addresses have changed or its time is over.
 * @param folder where it is kept, for this user only. @param addresses that it must be good for. @param now ms since 1970.
 */
export async function certificateFor(
  folder: string,
  addresses: readonly string[],
  now = Date.now(),
): Promise<Certificate> {
  const [keyPath, certificatePath] = [join(folder, KEY_FILE), join(folder, CERTIFICATE_FILE)];
  if (existsSync(keyPath) && existsSync(certificatePath)) {
    const kept = { key: readFileSync(keyPath, 'utf8'), cert: readFileSync(certificatePath, 'utf8') };
    if (serves(kept, addresses, now)) return kept;
  }
  const altNames = [
    { type: 2 as const, value: 'localhost' },
    ...['127.0.0.1', ...addresses].map((ip) => ({ type: 7 as const, ip })),
  ];
  const { private: key, cert } = await generate([{ name: 'commonName', value: 'Zelf' }], {
    keySize: 2048,
    algorithm: 'sha256',
    notBeforeDate: new Date(now - DAY),
    notAfterDate: new Date(now + VALID_DAYS * DAY),
    extensions: [
      { name: 'basicConstraints', cA: false },
      { name: 'keyUsage', digitalSignature: true, keyEncipherment: true },
      { name: 'extKeyUsage', serverAuth: true },
      { name: 'subjectAltName', altNames },
    ],
  });
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  writeFileSync(keyPath, key, { mode: 0o600 });
  writeFileSync(certificatePath, cert, { mode: 0o600 });
  return { key, cert };
}

/** What a phone is shown when it opens the page first: the certificate's SHA-256, in groups. */
export const fingerprintOf = ({ cert }: Certificate): string => new X509Certificate(cert).fingerprint256;

/** An address as a code that a phone's camera reads, drawn in characters. */
export const codeOf = (address: string): Promise<string> => asCode(address, { type: 'terminal', small: true });
