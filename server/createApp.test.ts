import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import type { Server } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test, vi } from 'vitest';
import { createApp } from './createApp';

let server: Server;
let origin = '';

beforeAll(async () => {
  const root = mkdtempSync(join(tmpdir(), 'zelf-server-'));
  mkdirSync(join(root, 'assets'));
  mkdirSync(join(root, 'de'));
  writeFileSync(join(root, 'de', 'index.html'), '<!doctype html><title>Zelf auf Deutsch</title>');
  writeFileSync(join(root, 'index.html'), '<!doctype html><title>Zelf</title>');
  writeFileSync(join(root, 'assets', 'main-1a2b.js'), 'export {};');
  writeFileSync(join(root, '..', 'secret.txt'), 'secret');
  await new Promise<void>((resolve) => (server = createApp(root).listen(0, '127.0.0.1', resolve)));
  origin = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
});

afterAll(() => new Promise((resolve) => server.close(resolve)));

describe('the built app', () => {
  test('has a strict policy on its page', async () => {
    const answer = await fetch(`${origin}/`);
    expect(answer.status).toBe(200);
    const policy = answer.headers.get('content-security-policy') ?? '';
    expect(policy).toContain("script-src 'self'");
    expect(policy).not.toMatch(/script-src[^;]*unsafe/);
    expect(policy).toContain("object-src 'none'");
    expect(answer.headers.get('x-content-type-options')).toBe('nosniff');
  });
  test('answers unknown addresses with its page, unknown files with 404', async () => {
    expect(await (await fetch(`${origin}/some/place`)).text()).toContain('<title>Zelf</title>');
    expect((await fetch(`${origin}/assets/none.js`)).status).toBe(404);
  });
  test('a language’s folder has its own page, and ends in a slash', async () => {
    const title = async (path: string): Promise<string> => (await (await fetch(origin + path)).text()).slice(15);
    expect(await title('/de/')).toContain('auf Deutsch');
    expect(await title('/de/some/place')).toContain('auf Deutsch');
    for (const path of ['/', '/den/', '/fr/', '/some/de/']) expect(await title(path), path).not.toContain('Deutsch');
    const answer = await fetch(`${origin}/de`, { redirect: 'manual' });
    expect([answer.status, answer.headers.get('location')]).toEqual([302, '/de/']);
  });
  test('hashed files are kept for good, the page is asked for anew', async () => {
    expect((await fetch(`${origin}/assets/main-1a2b.js`)).headers.get('cache-control')).toContain('immutable');
    expect((await fetch(`${origin}/`)).headers.get('cache-control')).toBe('no-cache');
  });
  test('nothing outside its folder', async () => {
    for (const path of ['/../secret.txt', '/%2e%2e/secret.txt', '/..%2fsecret.txt']) {
      const answer = await fetch(origin + path);
      expect(await answer.text()).not.toContain('secret');
    }
  });
  test('only reading', async () => {
    const answer = await fetch(`${origin}/`, { method: 'POST', body: 'x' });
    expect([answer.status, await answer.text()]).toEqual([405, 'only reading is possible here']);
  });
  test('an inner error tells nothing of itself', async () => {
    const quiet = vi.spyOn(console, 'error').mockImplementation(() => undefined);
    const app = createApp('/nowhere');
    app.use(() => {
      throw new Error('the secret reason');
    });
    const broken = await new Promise<Server>((resolve) => {
      const opened = app.listen(0, '127.0.0.1', () => resolve(opened));
    });
    const answer = await fetch(`http://127.0.0.1:${(broken.address() as AddressInfo).port}/`);
    expect(await answer.text()).not.toContain('secret');
    broken.close();
    quiet.mockRestore();
  });
});
