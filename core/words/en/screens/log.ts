import { plural } from '#words/language';
import type { Said } from '../../said';

export const texts = {
  title: 'Have you recorded the four speeds?',
  intro:
    'Many readers export a drive as a CSV file. Zelf reads it here, on this device: any column order, any language of decimals.',
  choose: 'Open a recording (CSV)',
  reading: (percent: Said) => `Reading, ${percent} %`,
  cancel: 'Cancel',
  summary: (rows: Said, seconds: Said, rate: Said) =>
    `${rows} rows over ${seconds} seconds, ${rate} readings a second.`,
  nothingFound: 'All wheels follow each other: this recording shows no fault.',
  notRead: (message: Said) => `This file ${message}. Nothing was recorded.`,
  lineTrouble: (line: Said, message: Said) => `Line ${line} ${message}.`,
  assumedUnit:
    'No unit is printed: km/h is assumed. If your reader shows miles, name the unit in the header, such as "FL (mph)".',
  record: (count: number) => plural(count, { one: 'Record this as evidence', other: 'Record these # as evidence' }),
  recorded: 'The findings of the recording are kept.',
  takeBack: 'Take them back',
  seconds: 'seconds',
  kilometresAnHour: 'km/h',
  chartMissing: 'The chart could not be loaded. The findings above say what it shows.',
  chartAlternative: (findings: Said) => `Speeds of the wheels over time. ${findings}`,
  findings: {
    zero: (wheel: Said) => `${wheel} stays at zero while the car moves.`,
    'drops-out': (wheel: Said, percent: Said) =>
      `${wheel} drops out again and again; then ${percent} % of its speed is missing.`,
    erratic: (wheel: Said) => `${wheel} jumps about far more than the other wheels.`,
    'reads-fast': (wheel: Said, percent: Said) => `${wheel} reads ${percent} % fast: look at its tyre and its ring.`,
    'reads-slow': (wheel: Said, percent: Said) => `${wheel} reads ${percent} % slow: look at its tyre and its ring.`,
    'wrong-direction': (wheel: Said) => `${wheel} runs backwards by its sign while the others run forwards.`,
    'stuck-high': (wheel: Said) => `${wheel} shows a speed although the car stands.`,
    'cuts-in-late': (wheel: Said, _percent: Said, speed: Said) =>
      `${wheel} answers only above ${speed}: its signal is weak. Look at the gap and the sensor.`,
  },
  trembling: (wheel: Said, percent: Said, share: Said) =>
    `${wheel} trembles once a wheel turn, by ${percent} % of its speed. About ${share} % of a turn is bad: look at the ring. Peaks at two and three a turn are echoes of the same place.`,
  confidence: (percent: Said) => `${percent} % sure`,
};
