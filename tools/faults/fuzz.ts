import { chanceFrom, type Chance } from '../../bench/chance';
import { CIRCUIT_CASES } from '../../tests/cases/circuit';
import { caseOf } from '../../tests/support/caseBuilder';

/** Case files gone wrong in many ways, the same ones for the same seed. */

const NASTY_WORDS = [
  'constructor',
  '__proto__',
  'toString',
  '\u0000',
  '\ud800',
  '<script>',
  '=1+1',
  '𝕫'.repeat(50),
  '',
];
const NASTY_VALUES = [null, true, -1, 1e308, '1', [], {}, [[]], { constructor: {} }, 'x'.repeat(30_000)];

type Mutation = (text: string, chance: Chance) => string;

/** Puts something odd in place of one value somewhere within. */
function oddValue(text: string, chance: Chance): string {
  const data = JSON.parse(text) as unknown;
  let here = data;
  for (;;) {
    if (typeof here !== 'object' || here === null) break;
    const holder = here as Record<string, unknown>;
    const keys = Object.keys(holder);
    if (keys.length === 0) break;
    const key = chance.pick(keys);
    const isLeaf = typeof holder[key] !== 'object' || holder[key] === null;
    if (isLeaf || chance.hits(0.25)) {
      holder[key] = chance.pick(NASTY_VALUES);
      break;
    }
    here = holder[key];
  }
  return JSON.stringify(data);
}

const MUTATIONS: readonly Mutation[] = [
  (text, chance) => text.slice(0, chance.whole(0, text.length)),
  (text, chance) => {
    const at = chance.whole(0, text.length - 1);
    return text.slice(0, at) + String.fromCharCode(chance.whole(0, 0xffff)) + text.slice(at + 1);
  },
  (text, chance) => {
    const [from, length] = [chance.whole(0, text.length - 1), chance.whole(1, 400)];
    return text.slice(0, from) + text.slice(from, from + length).repeat(chance.whole(2, 9)) + text.slice(from + length);
  },
  (text, chance) =>
    text.replaceAll(
      chance.pick(['kind', 'channel', 'id', 'observations', 'front-left', 'sound']),
      chance.pick(NASTY_WORDS),
    ),
  oddValue,
  oddValue,
  (text, chance) => '['.repeat(chance.whole(1, 100_000)) + text,
  (text, chance) =>
    text.replace('"observations":[', `"observations":[${'{"id":"x"},'.repeat(chance.whole(1, 20_000))}`),
];

/**
 * One file gone wrong.
 * @param at its number. @returns its bytes; now and then no UTF-8.
 */
export function fuzzedFile(at: number): Buffer {
  const chance = chanceFrom(1).branch(`file ${at}`);
  const { vehicle, steps } = chance.pick(CIRCUIT_CASES);
  const seen = steps.filter((step) => 'kind' in step);
  let text = JSON.stringify({ ...caseOf(vehicle, seen), notes: [{ id: 'n', text: 'wet' }] });
  const rounds = chance.whole(1, 3);
  for (let round = 0; round < rounds; round += 1)
    try {
      text = chance.pick(MUTATIONS)(text, chance);
    } catch {
      break; /* no JSON any more: odd enough */
    }
  const bytes = Buffer.from(text);
  if (chance.hits(0.1) && bytes.length > 0) bytes[chance.whole(0, bytes.length - 1)] = chance.whole(128, 255);
  return bytes;
}
