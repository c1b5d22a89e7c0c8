import { describe, expect, test, vi } from 'vitest';
import { mount } from '@vue/test-utils';
import { car } from '../../../tests/support/caseBuilder';
import type { Fault } from '../../storage/faults';
import { handsOn, layOut, newTab, until } from '../../testSupport';
import { useJob } from '../../stores/job';
import { useTrouble } from '../../stores/trouble';
import { WorkerTrouble } from '../../workers/supervised';
import { withUnsaved } from './saveWhatIsLeft';
import TroubleBar from './TroubleBar.vue';
import { ADVISER_WORDS, FAULT_WORDS } from './troubleWords';

const FAULTS = Object.keys(FAULT_WORDS) as Fault[];

async function bar() {
  const garage = await layOut(car('passive'));
  newTab(garage);
  const screen = mount(TroubleBar, { attachTo: document.body });
  return { garage, trouble: useTrouble(), ...handsOn(screen) };
}

describe('a fault of the storage', () => {
  test.each(FAULTS)('%s: said in words, with a way on', async (fault) => {
    const { trouble, says, press, mark } = await bar();
    const again = trouble.patience.failed(fault, null);
    await says(FAULT_WORDS[fault].title);
    await says(FAULT_WORDS[fault].help);
    expect(mark('save-what-is-left').exists()).toBe(true);
    await press('try-again');
    expect(await again).toBe(true);
    await until(() => expect(mark('storage-trouble').exists()).toBe(false));
  });
  test('all that waits is tried again together', async () => {
    const { trouble, press } = await bar();
    const all = [trouble.patience.failed('full', null), trouble.patience.failed('full', null)];
    await press('try-again');
    expect(await Promise.all(all)).toEqual([true, true]);
  });
  test('an open job can go on without what could not be stored', async () => {
    const { garage, trouble, press } = await bar();
    await useJob().open('j');
    const again = trouble.patience.failed('full', { job: 'j', change: (job) => job });
    await press('Go on without storing this');
    expect(await again).toBe(false);
    expect((await garage.job()).id).toBe('j');
  });
  test('a slow store is said, and no more once it answers', async () => {
    const { trouble, says, mark } = await bar();
    const answered = trouble.patience.waiting();
    await says(FAULT_WORDS.blocked.title);
    answered();
    await until(() => expect(mark('storage-trouble').exists()).toBe(false));
  });
  test('without any storage one can work on, and is told that nothing is kept', async () => {
    const { garage, trouble, says, press } = await bar();
    const keepInMemory = vi.spyOn(garage.ports as { keepInMemory: () => void }, 'keepInMemory');
    const again = trouble.patience.failed('absent', null);
    await press('without-storage');
    expect(await again).toBe(true);
    expect(keepInMemory).toHaveBeenCalledOnce();
    await says('Nothing is stored');
  });
  test('the file that is saved has what could not be stored', async () => {
    const { garage } = await bar();
    const job = await garage.job();
    const saved = withUnsaved(job, [
      { job: 'j', change: (before) => ({ ...before, title: 'renamed' }) },
      { job: 'other', change: (before) => ({ ...before, title: 'not mine' }) },
      { job: 'j', change: (before) => ({ ...before, subject: 'rear-left' }) },
    ]);
    expect([saved.title, saved.subject]).toEqual(['renamed', 'rear-left']);
  });
});

describe('the adviser', () => {
  test('that cannot be had is said; its advice is old until it answers; entries are stored', async () => {
    const garage = await layOut(car('passive'));
    const { adviser } = garage.ports;
    let fails = false;
    Object.assign(garage.ports, {
      adviser: {
        ...adviser,
        assess: (file: Parameters<typeof adviser.assess>[0]) =>
          fails ? Promise.reject(new WorkerTrouble('died', 'it was ended')) : adviser.assess(file),
      },
    });
    newTab(garage);
    const { says, press, mark } = handsOn(mount(TroubleBar, { attachTo: document.body }));
    const job = useJob();
    await job.open('j');
    await until(() => expect(job.assessment).not.toBeNull());
    const before = job.assessment;
    fails = true;
    await job.observe({ kind: 'lamps', lit: ['abs'] });
    await says(ADVISER_WORDS.died);
    expect([job.isStale, job.assessment]).toEqual([true, before]);
    expect((await garage.job()).file.observations).toHaveLength(1);
    fails = false;
    await press('ask-again');
    await until(() => expect(mark('adviser-trouble').exists()).toBe(false));
    await until(() => expect(job.isStale).toBe(false));
    expect(job.assessment).not.toBe(before);
  });
  test('while it is started again that is said, without a button', async () => {
    const { trouble, says, mark } = await bar();
    trouble.adviser = { fault: 'hung', message: 'late', retry: null };
    await says('It is being started again.');
    expect(mark('ask-again').exists()).toBe(false);
  });
});

test('a new version of the program is said', async () => {
  const { trouble, says } = await bar();
  trouble.isNewVersion = true;
  await says('There is a new version of Zelf');
});
