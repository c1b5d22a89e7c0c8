import { mount } from '@vue/test-utils';
import { describe, expect, test } from 'vitest';
import { car, caseOf } from '../tests/support/caseBuilder';
import { assessFully } from '../core/judgement/assess';
import { evidenceLines } from './features/find/evidenceView';
import { emptyForm, formOf, vehicleOf } from '../core/vehicle/sheetForm';
import Keypad from './shared/keypad/Keypad.vue';
import { nextMoveView } from './shared/nextMove/moveView';
import { percent } from '../core/words/percent';
import { pathOf, summaryOf } from './shared/path/pathView';
import { cornersOf } from './shared/plan/planView';
import { isoWithOffset } from './shared/time';

const file = caseOf(car('passive'), [
  { kind: 'code', code: 'C0039-13', status: 'current' },
  { kind: 'meter', channel: 'rear-right', point: 'sensor', quantity: 'resistance', value: 'overload' },
  { kind: 'live', channel: 'front-left', while: 'hand-spin', finding: 'follows' },
  { kind: 'history', event: 'salted-roads' },
]);
const assessment = assessFully(file);

describe('what is drawn is what the core says', () => {
  test('the path', () => {
    const pieces = pathOf(assessment.parts, 'rear-right', assessment.verdicts);
    expect(pieces.map((piece) => piece.name)).toEqual(['Ring', 'Gap', 'Sensor', 'Lead', 'Plug', 'Loom', 'Module']);
    expect(pieces[2]).toMatchObject({ state: 'suspect' });
    expect(pieces[2]?.label).toMatch(/^suspect \d+\u00a0%$/);
    expect(summaryOf(pieces)).toMatch(/^0 of 7 checked good, .*suspect: /);
  });
  test('the corners, spoken as the owner speaks', () => {
    const corners = cornersOf(file, assessment, 'nearside-offside');
    expect(corners.map((corner) => corner.name)).toEqual([
      'Front nearside',
      'Front offside',
      'Rear nearside',
      'Rear offside',
    ]);
    expect(corners[0]).toMatchObject({ word: 'checked good', state: 'checked-good' });
    expect(corners[3]).toMatchObject({ state: 'at-fault', reading: 'OL' });
  });
  test('before codes no corner is called suspect', () => {
    const lamps = caseOf(car('passive'), [{ kind: 'lamps', lit: ['abs'] }]);
    expect(cornersOf(lamps, assessFully(lamps), 'left-right').map((lamp) => lamp.state)).toEqual(
      Array(4).fill('not-checked'),
    );
  });
  test('the next move, or the stop', () => {
    expect(nextMoveView(assessment, file, 'left-right')?.button).toBe('Do this check');
    const soft = caseOf(car('passive'), [{ kind: 'symptom', symptom: 'pedal-soft' }]);
    expect(nextMoveView(assessFully(soft), soft, 'left-right')).toMatchObject({ isStop: true });
  });
  test('of a closed job: how it ended, and nothing more to do', () => {
    const closed = { ...caseOf(car('passive'), []), ending: 'unsolved' as const };
    expect(nextMoveView(assessFully(closed), closed, 'left-right')).toMatchObject({
      heading: 'This job is closed',
      sentence: 'Ended unsolved.',
      cost: null,
      to: { name: 'notebook' },
    });
  });
  test('evidence carries weight for what it speaks for', () => {
    const lines = evidenceLines(file, assessment, 'rear-right', { sides: 'left-right' });
    expect(lines[1]?.weighs?.decibans).toBeGreaterThan(5);
    expect(lines[1]?.weighs?.words).toMatch(/^points (strongly )?to (lead or sensor|sensor or lead|sensor|lead)$/);
    expect(lines[2]?.weighs).toBeNull();
  });
  test('shares are never shown as certain', () =>
    expect([percent(0), percent(0.004), percent(0.5), percent(0.9999), percent(1)]).toEqual([
      '<1\u00a0%',
      '<1\u00a0%',
      '50\u00a0%',
      '>99\u00a0%',
      '>99\u00a0%',
    ]));
});

describe('the keypad', () => {
  test('digits, one point, OL, delete', async () => {
    const pad = mount(Keypad, {
      props: {
        units: ['kΩ', 'Ω', 'MΩ'],
        hasOverload: true,
        text: '',
        unit: 'kΩ',
        'onUpdate:text': (text: string) => pad.setProps({ text }),
        'onUpdate:unit': (unit: string) => pad.setProps({ unit }),
      },
    });
    const press = async (key: string) =>
      pad
        .findAll('button')
        .find((entry) => entry.text() === key || entry.attributes('aria-label') === key)
        ?.trigger('click');
    for (const key of ['0', '.', '.', '3', '8']) await press(key);
    expect(pad.props('text')).toBe('0.38');
    await press('Delete');
    expect(pad.props('text')).toBe('0.3');
    await press('OL');
    expect(pad.props('text')).toBe('OL');
    await press('7');
    expect(pad.props('text')).toBe('7');
    await press('MΩ');
    expect(pad.props('unit')).toBe('MΩ');
  });
});

describe('the spec sheet', () => {
  const vehicle = { ...car('passive'), colour: 'green' } as never;
  test('read and written back it is the same, unknown keys too', () => {
    const { vehicle: again, problems } = vehicleOf(formOf(vehicle), vehicle);
    expect(problems).toEqual([]);
    expect(again).toMatchObject({
      ...(vehicle as object),
      specs: { sensorResistance: { min: 1000, max: 1400, at: 20 } },
    });
  });
  test('what is wrong is named and left out', () => {
    const form = {
      ...emptyForm(),
      coilMin: 'x',
      coilMax: '1.4k',
      tyre: 'round',
      teeth: '2',
      torques: { 'sensor-bolt': '-1' },
    };
    const made = vehicleOf(form, vehicle);
    expect(made.problems.map((problem) => problem.path)).toEqual(['coilMin', 'teeth', 'tyre', 'torque.sensor-bolt']);
    expect(made.vehicle.specs?.sensorResistance).toBeUndefined();
  });
});

test('moments carry their offset', () =>
  expect(isoWithOffset(new Date('2026-05-04T15:30:00Z'))).toMatch(/^2026-05-0[45]T\d\d:30:00(Z|[+-]\d\d:\d\d)$/));
