import { LOOK_FINDINGS, type LookPart } from '../../casefile/words';
import type { Cause } from '../faults';
import type { Table } from './table';

/** What an eye finds. `sound` by eye clears an outside cut well, an inner break only in part. */

type Rows = readonly (readonly [faults: readonly Cause[], gives: Readonly<Record<string, number>>, why: string])[];

function look(
  part: LookPart,
  sound: number,
  soundWhy: string,
  rows: Rows,
  usual: Readonly<Record<string, number>> = {},
): Table {
  return {
    topic: `look-${part}`,
    outcomes: LOOK_FINDINGS[part],
    mistaken: 0.014,
    otherwise: { gives: { sound, ...usual }, why: soundWhy },
    rows: rows.map(([faults, gives, why]) => ({ for: faults, gives, why })),
  };
}

export const LOOK_TABLES: Readonly<Record<LookPart, Table>> = {
  ring: look(
    'ring',
    0.915,
    'old iron is rusty without being at fault',
    [
      [
        ['ring-damaged'],
        { cracked: 0.5, 'teeth-missing': 0.22, sound: 0.14, scored: 0.05, swollen: 0.05 },
        'cracks hide under rust',
      ],
      [
        ['ring-swollen'],
        { swollen: 0.5, scored: 0.22, cracked: 0.08, sound: 0.17 },
        'rust lifts it; the tip leaves marks',
      ],
      [
        ['ring-wrong'],
        { reversed: 0.3, 'wrong-part': 0.25, sound: 0.42 },
        'an encoder is invisible without a magnetic card',
      ],
      [['ring-debris'], { debris: 0.78, sound: 0.17 }, 'fuzz and mud can be seen'],
      [['bearing-play'], { sound: 0.62, scored: 0.26, debris: 0.05 }, 'a wandering ring is rubbed'],
      [['sensor-damaged'], { sound: 0.72, scored: 0.16 }, 'what scored the tip marked the ring'],
      [['gap-wide'], { sound: 0.85, debris: 0.08 }, 'scale from the seat'],
    ],
    { debris: 0.025, scored: 0.02 },
  ),
  gap: look(
    'gap',
    0.87,
    'a seat with some rust that sits flat is common',
    [
      [
        ['gap-wide'],
        { 'lifted-by-rust': 0.52, 'not-seated': 0.18, bent: 0.1, corroded: 0.06, dirty: 0.02, sound: 0.12 },
        'a lifted flange can be seen',
      ],
      [['bearing-play'], { sound: 0.7, corroded: 0.12 }, 'the seat itself is well'],
      [['sensor-dirty', 'ring-debris'], { sound: 0.62, dirty: 0.22, corroded: 0.1 }, 'dirt all around'],
    ],
    { corroded: 0.08, dirty: 0.025, 'lifted-by-rust': 0.012, 'not-seated': 0.004 },
  ),
  bearing: look('bearing', 0.95, 'play is felt', [[['bearing-play'], { play: 0.85 }, 'rocked at twelve and six']]),
  sensor: look(
    'sensor',
    0.931,
    'dirt is common',
    [
      [['sensor-damaged'], { scored: 0.5, cracked: 0.28, sound: 0.12, dirty: 0.06 }, 'worn or cracked for all to see'],
      [['sensor-dirty'], { dirty: 0.88, sound: 0.08 }, 'that is what it is'],
      [['sensor-short'], { wet: 0.3, cracked: 0.12, sound: 0.46, dirty: 0.08 }, 'water inside seldom shows outside'],
      [['ring-swollen', 'bearing-play'], { scored: 0.22, sound: 0.66, dirty: 0.08 }, 'a touching ring scores the tip'],
      [['ring-debris'], { dirty: 0.3, sound: 0.62, scored: 0.05 }, 'the same fuzz'],
      [
        ['sensor-open', 'sensor-weak', 'sensor-dead', 'sensor-intermittent'],
        { sound: 0.83, dirty: 0.05, cracked: 0.07, wet: 0.03, scored: 0.01 },
        'an inner fault does not show',
      ],
    ],
    { dirty: 0.038, scored: 0.01, wet: 0.012, cracked: 0.006, 'wrong-part': 0.003 },
  ),
  lead: look(
    'lead',
    0.9,
    'a lead out of a clip is common and harmless for a while',
    [
      [
        ['lead-open'],
        { sound: 0.4, chafed: 0.15, nicked: 0.08, severed: 0.17, stretched: 0.08, unclipped: 0.07, brittle: 0.04 },
        'an inner break does not show; a cut does',
      ],
      [
        ['lead-intermittent'],
        { sound: 0.5, chafed: 0.13, stretched: 0.1, brittle: 0.08, unclipped: 0.11, nicked: 0.06 },
        'strands break inside',
      ],
      [
        ['lead-short'],
        { sound: 0.2, chafed: 0.46, nicked: 0.16, brittle: 0.06, wet: 0.05, severed: 0.02, unclipped: 0.05 },
        'rubbed through',
      ],
    ],
    { unclipped: 0.045, chafed: 0.015, brittle: 0.012, wet: 0.012, nicked: 0.008, stretched: 0.0075, severed: 0.0005 },
  ),
  plug: look(
    'plug',
    0.95,
    'a film on old pins is common',
    [
      [['plug-corroded'], { corroded: 0.66, wet: 0.22, sound: 0.1 }, 'green pins'],
      [['plug-loose'], { loose: 0.42, unplugged: 0.32, bent: 0.13, sound: 0.1 }, 'seen or felt'],
      [
        ['sensor-short', 'loom-open', 'lead-open'],
        { sound: 0.92, corroded: 0.038, wet: 0.025 },
        'wet places come together, beyond what pairs.ts tells of them',
      ],
    ],
    { corroded: 0.022, wet: 0.014, loose: 0.01, bent: 0.003, unplugged: 0.001 },
  ),
  loom: look(
    'loom',
    0.9,
    'most of it cannot be seen',
    [
      [
        ['loom-open'],
        { sound: 0.55, corroded: 0.13, severed: 0.1, nicked: 0.05, chafed: 0.09, brittle: 0.03 },
        'breaks hide under clips and tape',
      ],
      [['loom-intermittent'], { sound: 0.65, chafed: 0.1, corroded: 0.1, brittle: 0.06 }, 'strands break inside'],
      [
        ['loom-short-to-ground', 'loom-short-to-supply', 'loom-short-across'],
        { sound: 0.38, chafed: 0.35, nicked: 0.12, wet: 0.04, brittle: 0.05 },
        'chafed against something',
      ],
      [['loom-crossed'], { sound: 0.7, nicked: 0.12 }, 'an old mend may be seen'],
    ],
    { unclipped: 0.03, chafed: 0.02, wet: 0.015, corroded: 0.015, severed: 0.001 },
  ),
  module: look('module', 0.95, 'usually dry', [
    [['module-plug-corroded'], { corroded: 0.64, wet: 0.22, loose: 0.04, sound: 0.1 }, 'green pins'],
    [['module-supply'], { sound: 0.8, loose: 0.06, corroded: 0.1 }, 'its ground pin rots too'],
  ]),
  battery: look('battery', 0.85, 'white bloom is common', [
    [['battery-low'], { corroded: 0.3, loose: 0.2, sound: 0.5 }, 'bad terminals starve the car'],
    [['module-supply'], { sound: 0.78, corroded: 0.12 }, 'a shared ground'],
  ]),
  fuse: look('fuse', 0.97, 'fuses seldom blow', [
    [
      ['module-supply'],
      { blown: 0.4, corroded: 0.06, loose: 0.05, sound: 0.49 },
      "many of the module's feed faults are a fuse",
    ],
    [['loom-short-to-supply', 'loom-short-to-ground'], { blown: 0.05, sound: 0.93 }, 'a signal wire seldom blows one'],
  ]),
  'ground-point': look('ground-point', 0.92, 'usually sound', [
    [['module-supply'], { corroded: 0.35, loose: 0.15, sound: 0.5 }, 'a rusty ground'],
    [['battery-low'], { corroded: 0.1, loose: 0.05, sound: 0.85 }, 'a bad ground starves too'],
  ]),
  fluid: look('fluid', 0.96, 'usually in order', [
    [['brake-fluid-low'], { 'level-low': 0.93 }, 'seen at the reservoir'],
  ]),
  tyres: look('tyres', 0.97, 'usually alike', [[['tyre-mismatch'], { 'mixed-sizes': 0.85 }, 'read on the wall']]),
  'brake-switch': look('brake-switch', 0.97, 'brake lights tell', [
    [['brake-switch'], { loose: 0.35, broken: 0.4 }, 'brake lights stay on or stay dark'],
  ]),
};

/** What hid from a first look mostly hides from a second: this share of what it would show is settled by the first. */
const SETTLED = 0.6;
/** Faults that work may have left meanwhile: seen afresh. */
const MAY_BE_NEW: readonly Cause[] = ['plug-loose'];

/** The same look once more, where the first found nothing and no repair has touched the part since. */
function again(table: Table): Table {
  const rest = 1 - SETTLED;
  const settle = (gives: Readonly<Record<string, number>>): Record<string, number> => {
    const value = Object.values(gives).reduce((sum, give) => sum + give, 0);
    const sound =
      gives['sound'] ?? Math.max(0, 1 - value) / Math.max(1, table.outcomes.length - Object.keys(gives).length);
    const others = Object.entries(gives).filter(([finding]) => finding !== 'sound');
    return {
      ...Object.fromEntries(others.map(([finding, entry]) => [finding, rest * entry])),
      sound: SETTLED + rest * sound,
    };
  };
  return {
    ...table,
    topic: `${table.topic}-again`,
    otherwise: { ...table.otherwise, gives: settle(table.otherwise.gives) },
    rows: table.rows.flatMap((row) => {
      const [fresh, old] = [true, false].map((isNew) =>
        row.for.filter((fault) => MAY_BE_NEW.includes(fault) === isNew),
      );
      return [
        ...(old && old.length > 0 ? [{ ...row, for: old, gives: settle(row.gives) }] : []),
        ...(fresh && fresh.length > 0 ? [{ ...row, for: fresh }] : []),
      ];
    }),
  };
}

/** By part: what a second look shows after a first that found nothing. */
export const LOOK_AGAIN_TABLES: Readonly<Record<LookPart, Table>> = Object.fromEntries(
  Object.entries(LOOK_TABLES).map(([part, table]) => [part, again(table)]),
) as Readonly<Record<LookPart, Table>>;
