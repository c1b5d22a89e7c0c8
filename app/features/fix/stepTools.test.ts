import { describe, expect, test } from 'vitest';
import { car } from '../../../tests/support/caseBuilder';
import type { Vehicle } from '../../../core/casefile/contract';
import { handsOn, layOut, show, until } from '../../testSupport';

const HERE = 'front-left';
const forward = (steps: readonly string[]) => steps.map((step, at) => ({ id: `w${at}`, step }));

async function at(repair: string, work: readonly string[], vehicle: Partial<Vehicle> = {}) {
  const garage = await layOut(car('passive', vehicle), { work: forward(work) });
  const { screen } = await show(
    garage,
    `/job/j/fix?repair=${repair}&at=${HERE}&night=${work.includes('night') ? 1 : 0}`,
  );
  return { garage, screen, file: async () => (await garage.job()).file, ...handsOn(screen) };
}
/** The wheel was off and is back: only its nuts are owed. */
async function nuts(vehicle: Partial<Vehicle> = {}) {
  const garage = await layOut(car('passive', vehicle), {
    work: [{ id: 'w', step: `wheel-off@${HERE}`, undone: true }],
  });
  const { screen } = await show(garage, `/job/j/fix?repair=replaced:sensor&at=${HERE}&night=1`);
  return { garage, screen, file: async () => (await garage.job()).file, ...handsOn(screen) };
}

describe('a torque', () => {
  test('without a figure is asked for, and none is invented', async () => {
    const { mark, says, file, press } = await nuts();
    await says('figure of your manual');
    expect(mark('keep-torque').attributes('disabled')).toBeDefined();
    for (const wrong of ['0', '-5', '5000', 'tight']) {
      await mark('torque-figure').setValue(wrong);
      expect(mark('keep-torque').attributes('disabled'), wrong).toBeDefined();
    }
    await mark('torque-figure').setValue('110');
    await until(() => expect(mark('keep-torque').attributes('disabled')).toBeUndefined());
    await press('keep-torque');
    await until(async () => expect((await file()).vehicle.specs?.torques).toEqual({ 'wheel-nut': 110 }));
    await says('81.1 lbf·ft');
  });
  test('wheel nuts are ticked in their star, twice round; one can be taken back', async () => {
    const { mark, press, says } = await nuts({ specs: { torques: { 'wheel-nut': 110 } } });
    await says('Nut 1 of 5 clicked');
    await press('4');
    await says('Nut 1 of 4 clicked');
    for (let click = 0; click < 5; click += 1) await press('nut-clicked');
    await says('Nut 2 of 4 clicked');
    await press('One back');
    await press('One back');
    await says('Nut 4 of 4 clicked');
    for (let click = 0; click < 5; click += 1) await press('nut-clicked');
    await says('All nuts have clicked twice');
    expect(mark('nut-clicked').attributes('disabled')).toBeDefined();
  });
});

describe('where practitioners differ', () => {
  const UP_TO_JOINT = [
    'ignition-off',
    'chock',
    `nuts-cracked@${HERE}`,
    `raised@${HERE}`,
    `wheel-off@${HERE}`,
    `photo@${HERE}`,
    `plug-apart@${HERE}`,
    `wire-cut@${HERE}`,
  ];
  test('the ways stand with their reasons, and the choice is kept for the next job, too', async () => {
    const joint = [...UP_TO_JOINT, `copper-bright@${HERE}`, `piece-set-in@${HERE}`];
    const { mark, press, file, garage } = await at('repaired-wire:lead', joint);
    await until(() => expect(mark('school-joint').exists()).toBe(true));
    expect(mark('way-solder').attributes('aria-pressed')).toBe('true');
    await press('way-crimp');
    await until(async () => expect((await file()).owner?.schools).toEqual({ joint: 'crimp' }));
    await until(() => expect(mark('way-crimp').attributes('aria-pressed')).toBe('true'));
    await until(async () =>
      expect((await garage.database.vehicles.get('v'))?.owner.schools).toEqual({ joint: 'crimp' }),
    );
  });
  test('the wire is measured before and after, and the joint is judged', async () => {
    const { mark, press, says, file } = await at('repaired-wire:lead', UP_TO_JOINT.slice(0, -1));
    await until(() => expect(mark('ohm-typed').exists()).toBe(true));
    await mark('ohm-typed').setValue('OL');
    await press('keep-before');
    await until(() => expect(mark('ohm-before').text()).toMatch(/Before: OL/));
    await mark('ohm-typed').setValue('7.5');
    await press('keep-after');
    await says('make the joint again');
    await mark('ohm-typed').setValue('0.4 Ω');
    await press('keep-after');
    await says('a joint that no meter sees');
    expect((await file()).work?.at(-1)?.step).toBe(`wire-ohm:after:0.4@${HERE}`);
    await mark('ohm-typed').setValue('much');
    await press('keep-after');
    await until(() => expect(mark('wire-ohms').find('[role="alert"]').exists()).toBe(true));
  });
  test('dark copper is soaked by a timer', async () => {
    const { says } = await at('repaired-wire:lead', UP_TO_JOINT);
    await says('Then wait 15 minutes');
  });
});

describe('a spacer', () => {
  const UP_TO_SPACER = [
    'ignition-off',
    'chock',
    `nuts-cracked@${HERE}`,
    `raised@${HERE}`,
    `wheel-off@${HERE}`,
    `bolt-out@${HERE}`,
    `sensor-out@${HERE}`,
    `bore-bright@${HERE}`,
  ];
  test('says what it costs in signal, and where it is too thick', async () => {
    const { says, press, mark } = await at('spaced:gap', UP_TO_SPACER, {
      specs: { ringDiameter: 0.09, toneRingTeeth: 48 },
    });
    await says('59 % of the signal is left.');
    expect(mark('spacer').text()).not.toContain('Too thick');
    await press('1 mm');
    await says('34 % of the signal is left.');
    await until(() => expect(mark('spacer').text()).toContain('Too thick'));
  });
});

describe('the fastener board', () => {
  const ROWS = '[data-test="fastener"]';
  const UP_TO_CLIPS = [
    'ignition-off',
    'chock',
    `nuts-cracked@${HERE}`,
    `raised@${HERE}`,
    `wheel-off@${HERE}`,
    `photo@${HERE}`,
    `plug-apart@${HERE}`,
  ];
  test('what a step takes out is put on the card in one tap, and can be described, moved and taken off', async () => {
    const { press, file, mark, says, screen } = await at('replaced:sensor', UP_TO_CLIPS);
    await press('note-fasteners');
    await until(async () =>
      expect((await file()).fasteners).toMatchObject([
        { name: 'lead clips', count: 2, step: `clips-out@${HERE}`, place: 1 },
      ]),
    );
    await press('open-board');
    await says('2 lead clips');
    await press('add-fastener');
    await until(() => expect(screen.findAll(ROWS)).toHaveLength(2));
    await press('flag-renew');
    await press('up');
    await until(async () =>
      expect((await file()).fasteners?.map(({ name, place, renew }) => [name, place, renew])).toEqual([
        ['lead clips', 2, undefined],
        ['hex bolt', 1, true],
      ]),
    );
    await press('Take off the card');
    await until(async () => expect((await file()).fasteners).toHaveLength(1));
    expect(mark('board').exists()).toBe(true);
  });
  test('before the wheel goes on, what is missing is said; back in or left out knowingly, it is not', async () => {
    const garage = await layOut(car('passive'), {
      work: [{ id: 'w', step: `wheel-off@${HERE}` }],
      fasteners: [
        { id: 'c', kind: 'clip', name: 'lead clips', count: 2, back: 1, channel: HERE, step: `clips-out@${HERE}` },
        { id: 's', kind: 'star', name: 'disc screw', count: 1, empty: true, channel: HERE, step: `disc-off@${HERE}` },
        { id: 'n', kind: 'nut', name: 'wheel nuts', count: 5, channel: HERE, step: `wheel-off@${HERE}` },
      ],
    });
    const { screen } = await show(garage, `/job/j/fix?repair=replaced:sensor&at=${HERE}&night=1`);
    const { mark, press } = handsOn(screen);
    await until(() => expect(mark('missing').text()).toContain('1 lead clips missing'));
    expect(mark('missing').text()).not.toContain('disc screw');
    expect(mark('step-fasteners').text()).toContain('5 wheel nuts');
    await press('Leave it out');
    await until(() => expect(mark('missing').exists()).toBe(false));
    expect((await garage.job()).file.fasteners?.[0]).toMatchObject({ back: 1, leftOut: true });
  });
});

describe('the new part', () => {
  const UP_TO_PART = [
    'ignition-off',
    'chock',
    `nuts-cracked@${HERE}`,
    `raised@${HERE}`,
    `wheel-off@${HERE}`,
    `photo@${HERE}`,
    `plug-apart@${HERE}`,
    `clips-out@${HERE}`,
    `bolt-out@${HERE}`,
    `sensor-out@${HERE}`,
    `bore-bright@${HERE}`,
    `ring-seen@${HERE}`,
  ];
  test('is compared trait by trait; another one is sent back, and the job reminds of it', async () => {
    const { press, mark, file, says } = await at('replaced:sensor', UP_TO_PART);
    await says('New beside old');
    await press('plug-same');
    await until(() => expect(mark('plug-same').attributes('aria-pressed')).toBe('true'));
    expect(mark('wrong-part').exists()).toBe(false);
    await press('lead-other');
    await until(() => expect(mark('wrong-part').exists()).toBe(true));
    await press('send-back');
    await says('The job reminds you to send it');
    expect((await file()).work?.at(-1)).toMatchObject({ step: `wrong-part@${HERE}`, note: 'lead' });
  });
  test('is measured before it is fitted: outside the band is a warning, open is not', async () => {
    const { mark } = await at('replaced:sensor', UP_TO_PART, {
      specs: { sensorResistance: { min: 1000, max: 1400, at: 20 } },
    });
    await until(() => expect(mark('new-reading').exists()).toBe(true));
    for (const [typed, says, isBad] of [
      ['1.1 kΩ', 'Inside the band', false],
      ['1.6k', 'Some good parts are', false],
      ['OL', 'it is dead', true],
    ] as const) {
      await mark('new-reading').setValue(typed);
      await until(() => expect(mark('new-verdict').text()).toContain(says));
      expect(mark('new-verdict').classes('warning'), typed).toBe(isBad);
    }
  });
  test('what is needed is ticked off, part by part', async () => {
    const { mark, press } = await at('replaced:sensor', []);
    await until(() => expect(mark('needs').text()).toMatch(/(\d+) of \1 still to get/));
    await press('New O-ring for it');
    await until(() => expect(mark('needs').text()).not.toMatch(/(\d+) of \1 still to get/));
  });
  test('prices of its kinds are set side by side; the chosen kind is the one that is reckoned with', async () => {
    const { write, press, says, file, mark } = await at('replaced:sensor', []);
    await until(() => expect(mark('price-genuine').exists()).toBe(true));
    await write('price-genuine', '140');
    await until(async () => expect((await file()).owner?.prices).toEqual({ 'replaced:sensor@genuine': 140 }));
    await write('price-used', '12,50');
    await says('the cheapest');
    await says(/127\.50.EUR more/);
    await press('part-used');
    await says(/reckons with 12\.50.EUR/);
    await write('price-used', 'cheap');
    expect((await file()).owner?.prices).toMatchObject({ 'replaced:sensor@used': 12.5 });
    await write('price-used', '');
    await until(async () => expect((await file()).owner?.prices).toEqual({ 'replaced:sensor@genuine': 140 }));
  });
});
