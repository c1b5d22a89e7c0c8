import { readdirSync, readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import { describe, expect, test } from 'vitest';
import { composed, displaysOf, figuresAlone } from '../../app/shared/drawings/composed';
import type { Plate } from '../../app/shared/drawings/plate';
import { CHECK_PLATES, checkPlate } from '../../app/shared/drawings/plates/checks';
import { cornerPlate } from '../../app/shared/drawings/plates/corner';
import { LOOK_PLATES, lookPlate } from '../../app/shared/drawings/plates/looks';
import { routeOf } from '../../app/shared/drawings/plates/route';
import { SYMBOLS, TOOL_PLATES } from '../../app/shared/drawings/plates/tools';
import { rungPlate, RUNG_PLATES, STEP_PLATES, stepPlate } from '../../app/shared/drawings/plates/steps';
import { SCENES, type SceneId } from '../../app/shared/drawings/sceneStates';
import { CHANNELS, LOOK_FINDINGS, PLUG_PLACES, SENSOR_PLACES, type LookPart } from '../../core/casefile/words';
import { CHECKS } from '../../core/knowledge/checks/all';
import * as hub from '../../core/knowledge/guide/hubSteps';
import * as opening from '../../core/knowledge/guide/openingSteps';
import type { StepRow } from '../../core/knowledge/guide/step';
import { STEP_IDS } from '../../core/knowledge/guide/stepIds';
import { ALL_REPAIRS } from '../../core/knowledge/repairs/all';
import { texts as drawings } from '../../core/words/en/shared/drawings';
import { texts as looks } from '../../core/words/en/shared/looks';

const FOLDER = 'app/shared/drawings/scenes';
const scene = (name: string): string => readFileSync(`${FOLDER}/${name}.svg`, 'utf8');
const NAMES = Object.keys(SCENES) as SceneId[];
const KB = 1024;

/** The way of a lead for every wheel and every place of its plug. */
const ROUTES = CHANNELS.flatMap((channel) =>
  [...PLUG_PLACES, undefined].map((plug) => ({ name: `route ${channel} ${plug}`, route: routeOf(channel, plug) })),
);

/** Every plate with the name of what it stands for. */
const PLATES: readonly (readonly [string, Plate])[] = [
  ...Object.entries(LOOK_PLATES).flatMap(([part, plates]) =>
    Object.entries(plates as Readonly<Record<string, Plate>>).map(
      ([finding, plate]) => [`${part} ${finding}`, plate] as const,
    ),
  ),
  ...Object.entries(CHECK_PLATES),
  ...Object.entries(STEP_PLATES).flatMap(([id, { forward, back }]) => [
    [id, forward] as const,
    ...(back ? [[`${id} back`, back] as const] : []),
  ]),
  ...Object.entries(RUNG_PLATES),
  ...Object.entries(TOOL_PLATES),
  ...ROUTES.map(({ name, route }) => [name, route.plate] as const),
  ...CHANNELS.map((channel) => [`lead ${channel}`, cornerPlate('lead', channel)] as const),
  ...['differential', 'one-piece-hub', 'behind-disc'].map(
    (place) => [place, stepPlate('sensor-out', false, { place })] as const,
  ),
];

describe('scenes', () => {
  test('each has its file, and no file is without a scene', () => {
    const files = readdirSync(FOLDER).map((name) => name.replace('.svg', ''));
    expect(files.toSorted()).toEqual(NAMES.toSorted());
    expect(NAMES.length).toBeGreaterThan(25);
  });
  test.each(NAMES)('%s: every state is drawn, or is how it stands by itself', (name) => {
    const svg = scene(name);
    const own = /class="([^"]*)"/.exec(svg)?.[1] ?? '';
    const BY_ITSELF = ['whole', 'apart', 'caliper-hung', 'off', 'assembled'];
    const missing = SCENES[name].filter(
      (state) =>
        !BY_ITSELF.includes(state) &&
        !new RegExp(`(is-${state}|on-${state}|\\.${state}|[" ]${state})[\\s".{:>,]`).test(
          svg.replace(/<desc>[\s\S]*?<\/desc>/, ''),
        ),
    );
    expect(missing, own).toEqual([]);
  });
  test.each(NAMES)('%s: nothing from outside, no program, no words but figures on displays', (name) => {
    const svg = scene(name);
    expect(svg).not.toMatch(/<script|<image|<foreignObject|\son\w+="|href="(?!#)|url\((?!#)|@import/i);
    const words = [...svg.matchAll(/<text[^>]*>([^<]*)/g)].map((match) => match[1]?.trim() ?? '');
    const ALLOWED = /^[\d.,]*$|^[NS]$|^OL$|^(V|A|mA|Hz|COM|OFF|10 A)$/;
    expect(words.filter((word) => !ALLOWED.test(word))).toEqual([]);
  });
  test('small enough: each under 40 kB gzip, all together under 400 kB', () => {
    const sizes = NAMES.map((name) => gzipSync(scene(name)).length);
    expect(Math.max(...sizes)).toBeLessThan(40 * KB);
    expect(sizes.reduce((sum, size) => sum + size, 0)).toBeLessThan(400 * KB);
  });
});

describe('plates', () => {
  test('there are as many as there are findings, checks and steps', () => expect(PLATES.length).toBeGreaterThan(130));
  test.each(PLATES)('%s: its parts and figures exist in its scene, its crop lies inside', (_, plate) => {
    const svg = scene(plate.scene);
    for (const part of [...(plate.focus ?? []), ...(plate.act ?? []), ...Object.keys(plate.figures ?? {})])
      expect(svg, part).toContain(`id="${part}"`);
    const [left, top, width, height] = (/viewBox="([^"]*)"/.exec(svg)?.[1] ?? '').split(/\s+/).map(Number) as [
      number,
      number,
      number,
      number,
    ];
    if (!plate.crop) return;
    expect(plate.crop[0]).toBeGreaterThanOrEqual(left);
    expect(plate.crop[1]).toBeGreaterThanOrEqual(top);
    expect(plate.crop[0] + plate.crop[2]).toBeLessThanOrEqual(left + width);
    expect(plate.crop[1] + plate.crop[3]).toBeLessThanOrEqual(top + height);
  });
  test('every check of the catalogue has one', () => {
    const checks = CHECKS.map(({ check }) => check);
    expect(checks.length).toBeGreaterThan(30);
    for (const check of checks) expect(checkPlate(check, 'front-left'), check).toBeDefined();
  });
  test('every step has one, and one for the way back where it is undone; the list of steps is the catalogue', () => {
    const rows = [
      ...Object.values({ ...opening, ...hub }).filter((row): row is StepRow => typeof row === 'object' && 'id' in row),
      ...ALL_REPAIRS.flatMap((repair) => [...(repair.opens ?? []), ...(repair.steps ?? [])]),
    ];
    expect(new Set(rows.map((row) => row.id))).toEqual(new Set(STEP_IDS.filter((id) => id !== 'own')));
    for (const row of rows) expect(STEP_PLATES[row.id].back !== undefined, row.id).toBe(row.undo !== undefined);
  });
  test('findings of one part never share a drawing, and each has its words', () => {
    for (const [part, findings] of Object.entries(LOOK_FINDINGS) as [LookPart, readonly string[]][]) {
      const drawn = findings
        .filter((finding) => finding !== 'hidden')
        .map((finding) => JSON.stringify(lookPlate(part, finding)));
      expect(new Set(drawn).size, part).toBe(findings.length - 1);
      const words: Readonly<Record<string, string>> = looks[part];
      expect(Object.keys(words).toSorted(), part).toEqual(
        findings.filter((finding) => finding !== 'hidden').toSorted(),
      );
      expect(looks.how[part].length).toBeGreaterThan(20);
    }
    expect(lookPlate('ring', 'hidden')).toBeNull();
  });
  test('every scene and state has its words for those who do not see it', () => {
    expect(Object.keys(drawings.scenes).toSorted()).toEqual(NAMES.toSorted());
    for (const name of NAMES)
      for (const state of SCENES[name]) expect(Object.keys(drawings.states), state).toContain(state);
  });
});

describe('by place', () => {
  test('the symbols of the tools stand in the scene in the order of their list', () => {
    const drawn = [...scene('tools').matchAll(/id="tool-([\w-]+)"[^>]*translate\((\d+) (\d+)\)/g)].map(
      ([, name, x, y]) => [name, Number(x) / 96 + (9 * Number(y)) / 96],
    );
    expect(drawn).toEqual(SYMBOLS.map((name, at) => [name, at]));
  });
  test.each(ROUTES)('$name: its bad places lie inside what is shown, in the order from the wheel', ({ route }) => {
    const [left, top, width, height] = route.crop;
    expect(route.marks.length).toBeGreaterThanOrEqual(3);
    expect(route.marks[0]?.place).toBe('first-clip');
    for (const { place, at } of route.marks) {
      expect(at[0] > left && at[0] < left + width, place).toBe(true);
      expect(at[1] > top && at[1] < top + height, place).toBe(true);
    }
  });
  test('the tyre rubs only where the lead stays in the arch, the exhaust only burns what passes it', () => {
    const places = (channel: 'front-left' | 'rear-left', plug: (typeof PLUG_PLACES)[number]) =>
      routeOf(channel, plug).marks.map(({ place }) => place);
    expect(places('front-left', 'arch-liner')).toContain('tyre');
    expect(places('front-left', 'sill')).not.toContain('tyre');
    expect(places('rear-left', 'underbody')).toContain('heat-shield');
    expect(places('front-left', 'bonnet')).not.toContain('heat-shield');
  });
  test('the usual place is drawn where nobody has said, and it is told so', () => {
    expect(routeOf('front-left', undefined)).toMatchObject({ isOwn: false, plate: { state: 'arch-liner' } });
    expect(routeOf('rear-left', 'arch-liner')).toMatchObject({ isOwn: true, plate: { state: 'arch-liner' } });
  });
  test('the reader shows the wheel in question', () => {
    const drawn = (['front-left', 'front-right', 'rear-left', 'rear-right'] as const).map((channel) =>
      JSON.stringify(checkPlate('live:hand-spin', channel)),
    );
    expect(new Set(drawn).size).toBe(4);
    for (const wheel of ['fr', 'rl', 'rr']) expect(scene('reader')).toContain(`.at-${wheel} .value-${wheel}`);
  });
  test('the sensor is shown where it sits; in a knuckle, and where nobody has said, at the corner', () => {
    const drawn = SENSOR_PLACES.map((sensor) => checkPlate('look:sensor', 'front-left', { sensor }).scene);
    expect(drawn).toEqual(
      SENSOR_PLACES.map(
        (place) =>
          ({ differential: 'differential', 'behind-disc': 'behind-disc', knuckle: 'corner' })[place as string] ??
          'hub-unit',
      ),
    );
    expect(checkPlate('look:sensor', 'front-left').scene).toBe('corner');
    expect(stepPlate('sensor-out', true, { place: 'differential' })).toMatchObject({
      scene: 'differential',
      state: 'whole',
    });
    expect(stepPlate('sensor-out', true, { place: 'knuckle' })).toBe(STEP_PLATES['sensor-out'].back);
  });
  test('the end that is worked on rises, and the chocks stand at the other', () => {
    for (const id of ['chock', 'nuts-cracked', 'raised', 'wheel-off'] as const) {
      const { forward } = STEP_PLATES[id];
      for (const channel of ['front-left', 'front-right', undefined] as const)
        expect(stepPlate(id, false, { channel })).toBe(forward);
      for (const channel of ['rear-left', 'rear-right', 'rear-axle'] as const)
        expect(stepPlate(id, false, { channel })).toEqual({ ...forward, mirror: true, classes: ['rear'] });
    }
    expect(stepPlate('photo', false, { channel: 'rear-right' })).toMatchObject({ scene: 'rear-corner', mirror: true });
    for (const id of ['photo', 'liner-off', 'clips-out', 'own'] as const) {
      const { forward } = STEP_PLATES[id];
      expect(stepPlate(id, false, { channel: 'front-left' })).toBe(forward);
      expect(stepPlate(id, false, { channel: 'front-right' })).toEqual({ ...forward, mirror: true });
      const rear = stepPlate(id, false, { channel: 'rear-left' });
      expect(rear).toMatchObject({ scene: 'rear-corner', ...(forward.focus ? { focus: forward.focus } : {}) });
      expect(rear).not.toHaveProperty('mirror');
      expect(stepPlate(id, false, { channel: 'rear-right' })).toEqual({ ...rear, mirror: true });
    }
    expect(stepPlate('bolt-out', false, { channel: 'rear-right' })).toBe(STEP_PLATES['bolt-out'].forward);
    expect(rungPlate('nut-bar', 'rear-left')).toMatchObject({ mirror: true, classes: ['rear'] });
    expect(rungPlate('nut-bar', 'front-left')).toBe(RUNG_PLATES['nut-bar']);
    expect(rungPlate('rock', 'rear-left')).toBe(RUNG_PLATES.rock);
  });
});

describe('composing', () => {
  const SCENE =
    '<svg viewBox="0 0 100 50" class="a is-x"><style>.a{}</style><g id="p"><text id="t">0</text></g><g id="q" class="z"/></svg>';
  const plate = { scene: 'lead', state: 'chafed' } as const;
  test('the state is a class on the root, the scene’s own state is gone', () => {
    expect(composed(SCENE, plate)).toMatch(/<svg[^>]* class="a is-chafed chafed"/);
  });
  test('crop, focus, figures and mirror', () => {
    const made = composed(SCENE, {
      ...plate,
      crop: [10, 5, 40, 20],
      focus: ['p', 'q'],
      figures: { t: '<1>' },
      mirror: true,
    });
    expect(made).toContain('viewBox="10 5 40 20"');
    expect(made).toContain('<g class="focus" id="p">');
    expect(made).toContain('class="z focus"');
    expect(made).toContain('quiet');
    expect(made).toContain('&lt;1>');
    expect(made).toContain('translate(60 0) scale(-1 1)');
  });
  test('a lens shows the scene once more, larger; an arrow ends where it points', () => {
    const made = composed(SCENE, {
      ...plate,
      lens: { on: [20, 20], at: [70, 25], radius: 20, zoom: 4 },
      arrows: [{ kind: 'pull', from: [0, 0], to: [30, 0] }],
    });
    expect(made).toContain('translate(-10 -55) scale(4)');
    expect(made).toMatch(/M0 0Q15 0 30 0/);
  });
  test('figures alone: their own groups and the styles, nothing else', () => {
    const shown = { ...plate, crop: [10, 5, 40, 20], figures: { t: '5' } } as const;
    const made = figuresAlone(displaysOf(SCENE, shown), shown);
    expect(made).toContain('viewBox="10 5 40 20"');
    expect(made).toContain('<style>.a{}</style><g id="p"><text id="t">5</text></g>');
    expect(made).not.toContain('id="q"');
    expect(figuresAlone(displaysOf(SCENE, plate), plate)).not.toContain('<text');
  });
  test('the meter’s figures lie where its display is, and are light to draw', () => {
    const meter = CHECK_PLATES['meter:sensor:resistance'];
    const made = figuresAlone(displaysOf(scene('probing'), meter), meter);
    expect(made).toMatch(/translate\(34 52\)[\s\S]*class="dig"[^>]*>1\.12</);
    expect(made).toContain('>kΩ<');
    expect(made.length).toBeLessThan(12_000);
  });
  test('what is no scene is a bug that says so', () => {
    expect(() => composed('<p>', plate)).toThrow('one SVG element');
  });
});
