import { CORNER_OF } from './channels';
import { texts } from '#words/core/vehicle';
import type { Channel, Side } from '../casefile/words';

/** How an owner speaks of sides. */
export const SIDE_SPEECHES = ['left-right', 'driver-passenger', 'nearside-offside'] as const;
export type SideSpeech = (typeof SIDE_SPEECHES)[number];

/** Ends and sides as readers print them, in several languages, without accents. */
const FRONT =
  /\b(front|fore|frt|vorn\w*|vorder\w*|avant|av|delanter[oa]|anterior[ei]?|avan|voor|dianteir[oa]|przedni\w*|lewy przod|prawy przod|przod)\b/;
const REAR = /\b(rear|back|hind|hinten|hinter\w*|arriere|ar|traser[oa]|posterior[ei]?|achter|tyln\w*|tyl)\b/;
const LEFT =
  /\b(left|lh|l\/h|links?|linke[rs]?|gauche|izquierd[oa]|sinistr[oa]|sx|linker\w*|esquerd[oa]|lew[aey]\w*)\b/;
const RIGHT =
  /\b(right|rh|r\/h|rechts?|rechte[rs]?|droite?|derech[oa]|destr[oa]|dx|rechter\w*|direit[oa]|praw[aey]\w*)\b/;
const COMPACT = /^(?:([fr])([lr])|([lr])([fr]))$/;
/** Abbreviations that readers in other languages print: end, then side. */
const ABBREVIATED: Readonly<Record<string, Channel>> = {
  vl: 'front-left',
  vr: 'front-right',
  hl: 'rear-left',
  hr: 'rear-right',
  avg: 'front-left',
  avd: 'front-right',
  arg: 'rear-left',
  ard: 'rear-right',
};
/** The driver sits on the steering side; the nearside is the kerb's, away from it. */
const TOWARDS_DRIVER = /\b(driver'?s?|offside|off ?side|o\/s)\b/;
const FROM_DRIVER = /\b(passenger'?s?|nearside|near ?side|n\/s|kerb ?side)\b/;

function opposite(side: Side): Side {
  return side === 'left' ? 'right' : 'left';
}

function sideIn(words: string, steeringSide: Side | undefined): Side | null {
  const left = LEFT.test(words);
  const right = RIGHT.test(words);
  if (left !== right) return left ? 'left' : 'right';
  const towards = TOWARDS_DRIVER.test(words);
  const from = FROM_DRIVER.test(words);
  if (towards === from || !steeringSide) return null;
  return towards ? steeringSide : opposite(steeringSide);
}

/**
 * Understands a corner as people and readers name it: `rear right`, `RR`, `LF`, `driver's side front`, `nearside rear`,
 * `vorn rechts`, `arrière gauche`.
 * @param text the words; anything longer than 200 characters is not looked at.
 * @param steeringSide where the driver sits; without it, driver's and passenger's sides stay unknown.
 * @returns the channel, `rear-axle` for a rear without side, or null when it is not clear.
 * @example cornerFromWords('nearside rear', 'right') // => "rear-left"
 * @example cornerFromWords("driver's side front", 'left') // => "front-left"
 * @example cornerFromWords('LF', undefined) // => "front-left"
 * @example cornerFromWords('capteur arrière gauche', undefined) // => "rear-left"
 */
export function cornerFromWords(text: string, steeringSide: Side | undefined): Channel | null {
  if (text.length > 200) return null;
  const words = text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/\u2019/g, "'")
    .replace(/[_\-.,;:()]+/g, ' ')
    .trim();
  const compact = COMPACT.exec(words.replace(/\s+/g, ''));
  if (compact) {
    const end = (compact[1] ?? compact[4]) === 'f' ? 'front' : 'rear';
    return `${end}-${(compact[2] ?? compact[3]) === 'l' ? 'left' : 'right'}`;
  }
  const isFront = FRONT.test(words);
  if (isFront === REAR.test(words)) return ABBREVIATED[words] ?? null;
  const end = isFront ? 'front' : 'rear';
  const side = sideIn(words, steeringSide);
  if (side) return `${end}-${side}`;
  return end === 'rear' &&
    /\b(axle|both|cent(re|er)|middle|shared|diff(erential)?|achse|hinterachse|essieu|eje|asse|as)\b/.test(words)
    ? 'rear-axle'
    : null;
}

/**
 * Whether words speak of the rear without a side: on a car whose rear wheels share one sensor that is enough.
 * @param text the words. @returns true where rear is named, and neither front nor a side.
 * @example saysRearAlone('rear wheel speed sensor') // => true
 * @example saysRearAlone('rear left') // => false
 */
export function saysRearAlone(text: string): boolean {
  const words = text.toLowerCase();
  return REAR.test(words) && !FRONT.test(words) && !LEFT.test(words) && !RIGHT.test(words);
}

/**
 * Names a channel as the owner would say it.
 * @param channel the channel. @param speech how the owner speaks of sides.
 * @param steeringSide where the driver sits; without it, left and right are used.
 * @returns lower-case words.
 * @example sayChannel('rear-right', 'nearside-offside', 'right') // => "rear offside"
 * @example sayChannel('rear-axle', 'left-right', undefined) // => "rear axle"
 */
export function sayChannel(channel: Channel, speech: SideSpeech, steeringSide: Side | undefined): string {
  const { end, side } = CORNER_OF[channel];
  if (side === null || speech === 'left-right' || !steeringSide) return texts.channels[channel];
  const isAtDriver = side === steeringSide;
  if (speech === 'driver-passenger') return (isAtDriver ? texts.driversSide : texts.passengersSide)[end];
  return (isAtDriver ? texts.offside : texts.nearside)[end];
}
