import { DEAD_VOLT, flexed, FULL_COIL_RANGE_OHM, INSULATED_OHM, insulation } from './meterSensor';
import type { Says, Scale } from './outcome';
import { texts } from '#words/knowledge/outcomes';

/** Readings along the body wiring, and of what feeds the car and the module. */

/** A wire end to end: what a probe's contact adds is some tenths of an ohm, rot is much more. */
const GOOD_WIRE_OHM = 5;

function wire(number: 1 | 2): Scale {
  const bad = { tone: 'bad', bad: ['loom'] } as const;
  return {
    topic: `wire-${number}`,
    unit: 'Ω',
    sound: 'good',
    shows: [0, 2e6],
    overload: { believedFrom: FULL_COIL_RANGE_OHM, believed: { open: 1 } },
    outcomes: [
      {
        id: 'good',
        tone: 'good',
        good: ['loom'],
        with: `wire-${number === 1 ? 2 : 1}`,
        text: texts.aWholeWire,
        below: { fixed: GOOD_WIRE_OHM },
      },
      { id: 'some', ...bad, text: texts.resistanceWhereNoneShould, below: { fixed: INSULATED_OHM } },
      { id: 'open', ...bad, text: texts.overloadOlNoConnection, ofNumber: texts.asGoodAsOpen },
      { id: 'unsteady', ...bad, text: texts.itJumpsAContact, offScale: true },
    ],
  };
}

export const WIRE_SCALES: Readonly<Record<1 | 2, Scale>> = { 1: wire(1), 2: wire(2) };
const moved = flexed('wire-wiggle', ['loom'], []);
export const WIRE_WIGGLE_SCALE: Scale = { ...moved, outcomes: moved.outcomes.filter(({ id }) => id !== 'open') };
export const WIRE_TO_GROUND_SCALES: Readonly<Record<1 | 2, Scale>> = {
  1: insulation('wire-1-to-ground', ['loom']),
  2: insulation('wire-2-to-ground', ['loom']),
};
export const WIRE_TO_WIRE_SCALE = insulation('wire-to-wire', ['loom']);

/** A wire with both ends off is dead. */
export const WIRE_VOLTAGE_SCALE: Scale = {
  topic: 'wire-voltage',
  unit: 'V',
  sound: 'none',
  shows: [0.005, 30],
  outcomes: [
    { id: 'none', tone: 'good', text: texts.noForeignVoltage, below: { fixed: DEAD_VOLT } },
    { id: 'some', tone: 'bad', bad: ['loom'], text: texts.foreignVoltage },
  ],
};

function supply(topic: string, at12V: number, parts: Says['good'] & object): Scale {
  return {
    topic,
    unit: 'V',
    sound: 'well',
    shows: [3, 30],
    outcomes: [
      { id: 'low', tone: 'bad', bad: parts, text: texts.tooLow, below: { at12V } },
      { id: 'well', tone: 'good', good: parts, text: texts.asItShouldBe },
    ],
  };
}

/** Generic for lead-acid batteries; other nominal voltages in proportion. */
export const BATTERY_REST_SCALE = supply('battery-rest', 12.4, ['supply']);
export const BATTERY_CRANKING_SCALE = supply('battery-cranking', 9.6, ['supply']);
export const MODULE_SUPPLY_SCALE = supply('module-supply', 11, ['supply']);
