import { readdirSync, readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import { allTexts } from './texts';

const ROOMS = ['app', 'core', 'cli', 'server', 'bench'];

/** A text that nothing shows any more would be translated for nothing. */
test('every text of the catalogue is shown somewhere', async () => {
  const sources = ROOMS.flatMap((room) =>
    readdirSync(room, { recursive: true, encoding: 'utf8' })
      .filter((file) => /\.(ts|vue)$/.test(file))
      .map((file) => readFileSync(`${room}/${file}`, 'utf8')),
  );
  const keys = new Map((await allTexts()).map(({ file, key }) => [`${file} ${key.split('.')[0]}`, file] as const));
  const users = new Map(
    [...new Set(keys.values())].map((file) => [file, sources.filter((source) => source.includes(`'#words/${file}'`))]),
  );
  const page = readFileSync('app/index.html', 'utf8') + readFileSync('vite.config.ts', 'utf8');
  const standsInPage = (key: string): boolean => page.includes(`%${key}%`) || page.includes(`].${key}`);
  expect(keys.size).toBeGreaterThan(1800);
  const idle = [...keys].filter(([place, file]) => {
    const key = place.split(' ')[1] ?? '';
    if (file === 'shared/page' && standsInPage(key)) return false;
    return !(users.get(file) ?? []).some((source) => {
      const name = new RegExp(`texts as (\\w+) \\} from '#words/${file}'`).exec(source)?.[1] ?? 'texts';
      return new RegExp(`\\b${name}(\\.${key}\\b|\\[)`).test(source);
    });
  });
  expect(idle.map(([place]) => place)).toEqual([]);
});
