import ICAL from 'ical.js';
import { describe, expect, test } from 'vitest';
import { car } from '../../../tests/support/caseBuilder';
import { handsOn, layOut, show, until } from '../../testSupport';
import { calendarOf } from './calendar';

const reminder = (id: string, due: string, words = 'Check, the; nuts') => ({
  id,
  words,
  why: 'They settle\nsoon.',
  due,
  done: false,
});

describe('the calendar', () => {
  test('is read back by another program: whole days, stable ids, all signs kept', async () => {
    const text = await calendarOf(
      [
        { vehicle: 'Tansy', reminder: reminder('a', '2026-12-31') },
        { vehicle: 'Bertie', reminder: reminder('b', '2027-03-28', 'Ω, ÄÖ; ' + 'long '.repeat(40)) },
      ],
      '-//Zelf//Test//EN',
    );
    expect(text.split('\r\n').every((line) => line.length <= 75)).toBe(true);
    const events = new ICAL.Component(ICAL.parse(text) as string)
      .getAllSubcomponents('vevent')
      .map((part) => new ICAL.Event(part));
    expect(events.map(({ uid }) => uid)).toEqual(['a@zelf', 'b@zelf']);
    expect(events[0]?.summary).toBe('Tansy: Check, the; nuts');
    expect(events[0]?.description).toBe('They settle\nsoon.');
    expect(events[0]?.startDate.isDate).toBe(true);
    expect([events[0]?.startDate.toString(), events[0]?.endDate.toString()]).toEqual(['2026-12-31', '2027-01-01']);
    expect(events[1]?.summary).toContain('Ω, ÄÖ; long long');
  });
});

describe('reminders on the screen', () => {
  const work = [{ id: 'w', at: '2026-05-04T17:30:00+02:00', step: 'wheel-torqued@front-left' }];
  test('stand in the garage with their vehicle, and go when they are done', async () => {
    const garage = await layOut(car('passive'), { work });
    const { screen } = await show(garage, '/');
    const { says, press, mark } = handsOn(screen);
    await says('Check the wheel nuts at their torque, front left');
    await press('done-nuts-front-left-2026-05-04T17:30:00+02:00');
    await until(() => expect(mark('reminders').exists()).toBe(false));
    expect((await garage.job()).file.work?.at(-1)?.step).toMatch(/^reminder:nuts/);
  });
  test('stand in the notebook of their job, too', async () => {
    const garage = await layOut(car('passive'), { work });
    const { screen } = await show(garage, '/job/j/notebook');
    const { says, press, mark } = handsOn(screen);
    await says('To be done later');
    await press('done-nuts-front-left-2026-05-04T17:30:00+02:00');
    await until(() => expect(mark('reminders').exists()).toBe(false));
  });
});
