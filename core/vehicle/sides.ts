import type { Channel, Side } from '../casefile/words';

/** How an owner speaks of sides. */
export type SideSpeech = 'left-right' | 'driver-passenger' | 'nearside-offside';

const END = /\b(front|fore|fr(?:on)?t|rear|back|hind)\b/;
const COMPACT = /^(?:([fr])([lr])|([lr])([fr]))$/;
/** The driver sits on the steering side; the nearside is the kerb's, away from it. */
const TOWARDS_DRIVER = /\b(driver'?s?|offside|off ?side|o\/s)\b/;
const FROM_DRIVER = /\b(passenger'?s?|nearside|near ?side|n\/s|kerb ?side)\b/;

function opposite(side: Side): Side {
  return side === 'left' ? 'right' : 'left';
}

function sideIn(words: string, steeringSide: Side | undefined): Side | null {
  const left = /\b(left|lh|l\/h)\b/.test(words);
  const right = /\b(right|rh|r\/h)\b/.test(words);
  if (left !== right) return left ? 'left' : 'right';
  const towards = TOWARDS_DRIVER.test(words);
  const from = FROM_DRIVER.test(words);
  if (towards === from || !steeringSide) return null;
  return towards ? steeringSide : opposite(steeringSide);
}

/**
 * Understands a corner as people and readers name it: `rear right`, `RR`, `LF`, `driver's side front`, `nearside rear`.
 * @param text the words; anything longer than 200 characters is not looked at.
 * @param steeringSide where the driver sits; without it, driver's and passenger's sides stay unknown.
 * @returns the channel, `rear-axle` for a rear without side, or null when it is not clear.
 * @example cornerFromWords('nearside rear', 'right') // => "rear-left"
 * @example cornerFromWords("driver's side front", 'left') // => "front-left"
 * @example cornerFromWords('LF', undefined) // => "front-left"
 */
export function cornerFromWords(text: string, steeringSide: Side | undefined): Channel | null {
  if (text.length > 200) return null;
  const words = text
    .toLowerCase()
    .replace(/\u2019/g, "'")
    .replace(/[_\-.,;:()]+/g, ' ')
    .trim();
  const compact = COMPACT.exec(words.replace(/\s+/g, ''));
  if (compact) {
    const end = (compact[1] ?? compact[4]) === 'f' ? 'front' : 'rear';
    return `${end}-${(compact[2] ?? compact[3]) === 'l' ? 'left' : 'right'}`;
  }
  const ending = END.exec(words)?.[1];
  if (!ending) return null;
  const end = ending.startsWith('f') ? 'front' : 'rear';
  const side = sideIn(words, steeringSide);
  if (side) return `${end}-${side}`;
  return end === 'rear' && /\b(axle|both|diff(erential)?)\b/.test(words) ? 'rear-axle' : null;
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
  const [end, side] = channel.split('-') as [string, string];
  if (side === 'axle' || speech === 'left-right' || !steeringSide) return `${end} ${side}`;
  const atDriver = side === steeringSide;
  if (speech === 'driver-passenger') return `${end}, ${atDriver ? "driver's" : "passenger's"} side`;
  return `${end} ${atDriver ? 'offside' : 'nearside'}`;
}
