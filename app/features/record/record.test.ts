import { unzipSync } from 'fflate';
import { afterEach, describe, expect, test, vi } from 'vitest';
import { car, caseOf, type Loose } from '../../../tests/support/caseBuilder';
import { handsOn, layOut, show, until } from '../../testSupport';

const SECTIONS = '[data-section]';
const FIGURES = '[data-section="photos"] figure';
const SEEN: Loose[] = [
  { kind: 'lamps', lit: ['abs'] },
  { kind: 'code', code: 'C003A', status: 'current' },
  { kind: 'meter', point: 'sensor', quantity: 'resistance', value: 392, channel: 'rear-right', temperature: 9 },
];

async function opened(seen: readonly Loose[]) {
  const vehicle = car('passive', { specs: { sensorResistance: { min: 1000, max: 1400, at: 20 } } });
  const garage = await layOut(vehicle, {
    observations: caseOf(vehicle, seen).observations,
    costs: [{ id: 'c', item: 'pattern sensor', amount: 31, use: 'needed' }],
  });
  const { screen } = await show(garage, '/job/j/record');
  return { garage, screen, ...handsOn(screen) };
}

/** Files that the page hands to the browser. */
function savedFiles(): { readonly name: string; readonly text: () => Promise<string> }[] {
  const saved: { name: string; text: () => Promise<string> }[] = [];
  let last: Blob | null = null;
  vi.spyOn(URL, 'createObjectURL').mockImplementation((blob) => {
    last = blob as Blob;
    return 'blob:x';
  });
  vi.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(function click(this: HTMLAnchorElement) {
    const blob = last;
    saved.push({ name: this.download, text: () => blob?.text() ?? Promise.resolve('') });
  });
  return saved;
}
afterEach(() => vi.restoreAllMocks());

describe('the record', () => {
  test('tells what was seen, each reading beside its band, and money only on request', async () => {
    const { says, mark, screen, press } = await opened(SEEN);
    await says("Well below the manual's band");
    expect(screen.findAll(SECTIONS).map((section) => section.attributes('data-section'))).toEqual([
      'lamps',
      'codes',
      'readings',
    ]);
    expect(mark('record').text()).not.toContain('pattern sensor');
    await press('with-costs');
    await says('pattern sensor');
  });
  test('once a repair has cured it, that is what is told, and no fault that was left over', async () => {
    const vehicle = car('passive');
    const { observations, repairs } = caseOf(vehicle, SEEN, [
      { channel: 'rear-right', action: 'replaced', segment: 'sensor', result: 'fixed', after: 'o3' },
    ]);
    const garage = await layOut(vehicle, { observations, ...(repairs ? { repairs } : {}), ending: 'solved' });
    const { screen } = await show(garage, '/job/j/record');
    const { mark, says } = handsOn(screen);
    await says('What cured it');
    expect(mark('cured').text()).toMatch(/sensor.*rear right/iu);
    expect(mark('record').text()).not.toContain('Most likely');
  });
  test('of an empty job says that it is empty', async () => {
    const { says } = await opened([]);
    await says('Nothing was noted in this job yet');
  });
  test('is saved as Markdown, tables and a question for others', async () => {
    const files = savedFiles();
    const { press, says } = await opened(SEEN);
    await says("Well below the manual's band");
    for (const name of ['save-markdown', 'save-readings', 'save-ledger', 'ask-others']) await press(name);
    await until(() => expect(files).toHaveLength(4));
    const [markdown, readings, ledger, question] = await Promise.all(files.map(({ text }) => text()));
    expect(markdown).toContain('## Readings');
    expect(readings?.split('\r\n')[0]).toBe('when,what,value,detail');
    expect(ledger).toContain('pattern sensor,needed,31');
    expect(question).toContain('what would you check next?');
  });
});

describe('photos', () => {
  async function withPhoto() {
    const made = await opened(SEEN);
    const picture = (id: string) => ({
      id,
      type: 'image/jpeg',
      full: Uint8Array.of(255, 216, 9),
      small: Uint8Array.of(1),
    });
    await made.garage.storage.putPhotos([picture('p1')]);
    const { observations } = (await made.garage.job()).file;
    const at = (id: string, of: string) => ({
      id,
      name: `${id}.jpg`,
      type: 'image/jpeg',
      of,
      takenAt: '2026-05-01T10:00:00Z',
    });
    const attachments = [at('p1', observations[2]?.id ?? ''), at('p2', 'elsewhere')];
    await made.garage.storage.changeJob('j', (job) => ({ ...job, file: { ...job.file, attachments } }));
    return made;
  }
  test('stand in the record with what they show and when; one that is on another device does not', async () => {
    const { screen } = await withPhoto();
    await until(() => expect(screen.findAll(FIGURES)).toHaveLength(1));
    const figure = screen.find('[data-section="photos"] figure').text();
    expect(figure).toContain('392');
    expect(figure).toMatch(/1 May/u);
  });
  test('go with the question for others, in one file with it', async () => {
    const { screen, press } = await withPhoto();
    await until(() => expect(screen.findAll(FIGURES)).toHaveLength(1));
    const blobs: Blob[] = [];
    vi.spyOn(URL, 'createObjectURL').mockImplementation((blob) => {
      blobs.push(blob as Blob);
      return 'blob:x';
    });
    vi.spyOn(HTMLAnchorElement.prototype, 'click').mockReturnValue(undefined);
    await press('ask-others');
    await until(() => expect(blobs).toHaveLength(1));
    const files = unzipSync(new Uint8Array(await (blobs[0] as Blob).arrayBuffer()));
    expect(Object.keys(files).toSorted()).toEqual(['photo-1.jpg', 'zelf-question.txt']);
    expect([...(files['photo-1.jpg'] ?? [])]).toEqual([255, 216, 9]);
  });
});
