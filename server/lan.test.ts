import { mkdtempSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { X509Certificate } from 'node:crypto';
import { request as get } from 'node:https';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from 'vitest';
import { createServer } from './createServer';
import { isOwnHost } from './hosts';
import { certificateFor, codeOf, fingerprintOf, hostsOf, lanAddresses } from './lan';

const DAY = 86_400_000;
const NOW = Date.parse('2026-05-04T12:00:00Z');
const entry = (address: string, family: 'IPv4' | 'IPv6', internal: boolean) => ({
  address,
  family,
  internal,
  netmask: '',
  mac: '',
  cidr: null,
  ...(family === 'IPv6' ? { scopeid: 0 } : {}),
});

test('the addresses in the network: none of its own loop, none of the longer kind', () => {
  const interfaces = {
    lo: [entry('127.0.0.1', 'IPv4', true)],
    wlan: [entry('192.168.7.20', 'IPv4', false), entry('fe80::1', 'IPv6', false)],
  };
  expect(lanAddresses(interfaces as never)).toEqual(['192.168.7.20']);
  expect(lanAddresses({})).toEqual([]);
});

test('answers to its own addresses and to no other name', () => {
  const hosts = hostsOf(['192.168.7.20']);
  expect(['192.168.7.20:4180', 'localhost:4180', '127.0.0.1'].every((host) => isOwnHost(host, hosts))).toBe(true);
  expect(['192.168.7.21:4180', 'elsewhere.example', undefined].some((host) => isOwnHost(host, hosts))).toBe(false);
  expect(isOwnHost('192.168.7.20:4180')).toBe(false);
});

test('the certificate is kept while it serves, and made anew for other addresses or when its time is nearly over', async () => {
  const folder = join(mkdtempSync(join(tmpdir(), 'zelf-lan-')), 'kept');
  const first = await certificateFor(folder, ['192.168.7.20'], NOW);
  const read = new X509Certificate(first.cert);
  expect(read.checkIP('192.168.7.20')).toBeDefined();
  expect(read.checkIP('192.168.7.21')).toBeUndefined();
  expect(statSync(join(folder, 'key.pem')).mode & 0o077).toBe(0);
  expect(await certificateFor(folder, ['192.168.7.20'], NOW + 300 * DAY)).toEqual(first);
  expect((await certificateFor(folder, ['192.168.7.20'], NOW + 396.5 * DAY)).cert).not.toBe(first.cert);
  const moved = await certificateFor(folder, ['10.0.0.5'], NOW);
  expect(new X509Certificate(moved.cert).checkIP('10.0.0.5')).toBeDefined();
  expect(readFileSync(join(folder, 'certificate.pem'), 'utf8')).toBe(moved.cert);
  expect(fingerprintOf(moved)).toMatch(/^(?:[0-9A-F]{2}:){31}[0-9A-F]{2}$/u);
});

test('serves the app encrypted, with the same policy; another name is refused', async () => {
  const root = mkdtempSync(join(tmpdir(), 'zelf-lan-app-'));
  writeFileSync(join(root, 'index.html'), '<title>Zelf</title>');
  const certificate = await certificateFor(join(root, '.lan'), ['127.0.0.1'], Date.now());
  const server = createServer(root, { certificate, hosts: hostsOf([]) });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', () => resolve()));
  const { port } = server.address() as AddressInfo;
  const ask = (host: string): Promise<{ readonly status: number; readonly policy: string }> =>
    new Promise((resolve, reject) => {
      const asked = get(
        { port, host: '127.0.0.1', path: '/', ca: certificate.cert, servername: 'localhost', headers: { host } },
        (answer) => {
          answer.resume();
          resolve({ status: answer.statusCode ?? 0, policy: String(answer.headers['content-security-policy']) });
        },
      );
      asked.on('error', reject);
      asked.end();
    });
  expect((await ask(`127.0.0.1:${port}`)).policy).toContain("script-src 'self'");
  expect((await ask('elsewhere.example')).status).toBe(421);
  server.closeAllConnections();
  await new Promise((resolve) => server.close(resolve));
});

test('the address as a code that a camera reads is drawn in full lines', async () => {
  const lines = (await codeOf('https://192.168.7.20:4180/')).split('\n').filter(Boolean);
  expect(lines.length).toBeGreaterThan(12);
});
