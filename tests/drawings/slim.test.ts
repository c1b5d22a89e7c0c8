import { readdirSync, readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import { slim } from '../../tools/vite/slimScenes';

const FOLDER = 'app/shared/drawings/scenes';
const SCENES = readdirSync(FOLDER).filter((file) => file.endsWith('.svg'));

/** Names by which plates light parts and choose states. */
const namesIn = (svg: string): string[] =>
  [...svg.matchAll(/ (?:id|class)="([^"]*)"/g)].map(([, name = '']) => name.trim()).toSorted();
const styleOf = (svg: string): string => /<style>[\s\S]*?<\/style>/.exec(svg)?.[0] ?? '';

test.each(SCENES)('%s ships smaller, with its styles, ids and classes', (file) => {
  const svg = readFileSync(`${FOLDER}/${file}`, 'utf8');
  const shipped = slim(svg);
  expect(shipped.length).toBeLessThan(svg.length);
  expect(styleOf(shipped)).toBe(styleOf(svg));
  expect(styleOf(svg)).not.toBe('');
  expect(new Set(namesIn(shipped))).toEqual(new Set(namesIn(svg)));
  expect(shipped).toMatch(/^<svg [^>]*viewBox=/);
  expect(/^<svg[^>]*>/.exec(shipped)?.[0]).not.toMatch(/stroke/);
});

test('a dot of no length, and a line that ends where it began, stay', () => {
  const svg =
    '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 10 10"><title>t</title><style>.a{stroke-linecap:round}</style><path class="a" d="M5 5h0"/><path class="a" d="M1 1H9V9L1 1"/></svg>';
  expect(slim(svg)).toMatch(/d="M5 5h0"/);
  expect(slim(svg)).not.toMatch(/title|z"/i);
});
