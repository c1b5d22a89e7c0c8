import { afterEach, describe, expect, test, vi } from 'vitest';
import { car, caseOf, type Loose } from '../../../tests/support/caseBuilder';
import { readCaseFile } from '../../../core/casefile/read';
import type { CaseFile } from '../../../core/casefile/contract';
import { handsOn, layOut, show, until } from '../../testSupport';

afterEach(() => vi.restoreAllMocks());

async function atNotebook(seen: readonly Loose[], extra: Partial<CaseFile> = {}) {
  const garage = await layOut(car('passive'), {
    ...extra,
    observations: caseOf(car('passive'), seen).observations,
  });
  const { screen } = await show(garage, '/job/j/notebook');
  const hands = handsOn(screen);
  await hands.says('What happened, newest first');
  return { garage, screen, ...hands };
}

const CODE: Loose = { kind: 'code', code: 'C0034', status: 'current', at: '2026-05-01T10:00:00+02:00' };
const LOOK: Loose = {
  kind: 'look',
  part: 'plug',
  finding: 'corroded',
  channel: 'front-right',
  at: '2026-05-02T10:00:00+02:00',
};

describe('the notebook', () => {
  test('has what happened, the newest first, withdrawn things marked', async () => {
    const { list } = await atNotebook([CODE, { ...LOOK, withdrawn: true }]);
    await until(() => expect(list('[data-test="timeline"] li')).toHaveLength(2));
    const lines = list('[data-test="timeline"] li').map((line) => line.text());
    expect(lines[0]).toContain('withdrawn');
    expect(lines[1]).toContain('C0034');
  });
  test('says what is most likely, and what was spent in the owner’s currency', async () => {
    const costs = [{ id: 'c', item: 'sensor', amount: 31.5, use: 'needed' }] as const;
    const { says } = await atNotebook([CODE], { costs, owner: { currency: 'JPY' } });
    await says(/Most likely now: \w+/);
    await says(/Spent 32.JPY/);
  });
  test('says how the job ended', async () => {
    const { mark } = await atNotebook([CODE], { ending: 'handed-over' });
    await until(() => expect(mark('ended').text()).toBe('Handed over to a workshop.'));
  });
  test('a note of blanks is none', async () => {
    const { button, screen } = await atNotebook([CODE]);
    await screen.find('textarea').setValue('   ');
    expect(button('Note it')?.attributes('disabled')).toBeDefined();
  });
  test('the job is saved as a file that is read again whole, under its name', async () => {
    const { garage, press } = await atNotebook([CODE, LOOK], { notes: [{ id: 'n', text: 'wet' }] });
    const saved: Blob[] = [];
    const names: string[] = [];
    vi.spyOn(URL, 'createObjectURL').mockImplementation((blob) => {
      saved.push(blob as Blob);
      return 'blob:test';
    });
    vi.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(function (this: HTMLAnchorElement) {
      names.push(this.download);
    });
    await press('export');
    await until(() => expect(saved).toHaveLength(1));
    const read = readCaseFile(await (saved[0] as Blob).text());
    expect(read.ok && read.value).toEqual((await garage.job()).file);
    expect(names).toEqual(['tansy-a-job-2026-05-04.zelf.json']);
  });
  test('nothing has happened yet', async () => {
    const { says } = await atNotebook([]);
    await says('Nothing yet.');
  });
});
