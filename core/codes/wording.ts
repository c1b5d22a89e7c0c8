import type { Failure } from '../casefile/words';
import type { NamedCause } from './standardMeanings';
import { plainWords } from './plainWords';

/** Words on a reader's screen that name a failure, without accents; the first row that matches counts. */
const WORDINGS: readonly (readonly [RegExp, Failure])[] = [
  [
    /\b(short(ed)?|kurzschluss\w*|court[- ]circuit|cortocircuito|cortocircuit\w*|kortsluiting|zwarcie)\b.*\b(ground|earth|gnd|mass[ae]|minus|tierra|aarde|mas[ay])\b/,
    'short-to-ground',
  ],
  [
    /\b(short(ed)?|kurzschluss\w*|court[- ]circuit|cortocircuito|cortocircuit\w*|kortsluiting|zwarcie)\b.*\b(supply|battery|positive|plus|power|b\+|batterie|bateria|positif|positivo|positief|alimentation|alimentacion)/,
    'short-to-supply',
  ],
  [
    /\b(intermittent\w*|sporadic|loose contact|wackelkontakt|faux contact|falso contacto|falso contatto)\b/,
    'intermittent',
  ],
  [/\b(supply|feed)\b.*\b(voltage|fault|low|high|missing|circuit|failure)\b/, 'supply'],
  [/\b(versorgungsspannung|tension d'alimentation|tension de alimentacion|voedingsspanning)\b/, 'supply'],
  [/\b(direction of rotation|direction|drehrichtung|sens de rotation)\b(?! (assistee|module))/, 'direction'],
  [
    /\b(open circuit|open|interrupted|interruption|broken wire|disconnected|unterbrechung|unterbrochen|circuit ouvert|coupe|circuito abierto|circuito aperto|onderbreking|onderbroken|przerwa)\b/,
    'open',
  ],
  [
    /\b(no signal|signal missing|missing signal|signal too (weak|small|low)|amplitude too (small|low)|lost signal|signal lost|kein signal|signal fehlt|absence de signal|pas de signal|sin senal|nessun segnale|geen signaal|brak sygnalu)\b/,
    'no-signal',
  ],
  [/\b(erratic|noise|noisy|waveform|frequency|rate of change|irregular|unsteady|gestort|parasit\w*)\b/, 'erratic'],
  [
    /\b(implausible|plausib\w*|unplausibel\w*|unplausibl\w*|incorrect signal|invalid|compare|comparison|rationality|mismatch|incoherent\w*|inverosimil|non plausibile|niet plausibel)\b/,
    'implausible',
  ],
  [/\b(circuit|electrical|resistance|voltage|short(ed)?|stromkreis|elektrisch\w*|circuito|electrique)\b/, 'circuit'],
];

/**
 * Finds the failure that a reader's wording names.
 * @param text wording as shown; only its first 400 characters count.
 * @returns the failure, or null when the words name none.
 * @example failureFromWords('Left front wheel speed sensor, short to ground') // => "short-to-ground"
 */
export function failureFromWords(text: string): Failure | null {
  const words = plainWords(text.slice(0, 400));
  return WORDINGS.find(([pattern]) => pattern.test(words))?.[1] ?? null;
}

/** Words on a reader's screen that name a cause beside the wheels, without accents; the first row that matches counts. */
const CAUSE_WORDINGS: readonly (readonly [RegExp, NamedCause])[] = [
  [/\b(brake fluid|fluid level|bremsflussigkeit\w*|liquide de frein|liquido de frenos|remvloeistof)\b/, 'brake-fluid'],
  [
    /\b((brake|stop)[- ]?(light|lamp|pedal)? ?switch|bremslichtschalter|contacteur de (frein|stop)|interruptor de freno|remlichtschakelaar)\b/,
    'brake-switch',
  ],
  [/\b(lost|no) communication\b.*\b(abs|brake|brakes)\b/, 'lost-module'],
  [
    /\b((supply|system|battery|operating|module|control unit|terminal \d+) voltage|under-?voltage|over-?voltage|voltage (is )?too (low|high)|low voltage|power supply|supply (missing|lost|low)|versorgungsspannung|unterspannung|bordspannung|tension (d'alimentation|batterie)|tension de alimentacion|voedingsspanning)\b/,
    'supply',
  ],
];

/**
 * The cause beside the wheels that a reader's wording names.
 * @param text the words as shown, any case; the first 400 characters count.
 * @returns the cause; null where the words name none.
 * @example causeFromWords('Supply voltage too low') // => "supply"
 * @example causeFromWords('wheel speed sensor') // => null
 */
export function causeFromWords(text: string): NamedCause | null {
  const words = plainWords(text.slice(0, 400));
  return CAUSE_WORDINGS.find(([pattern]) => pattern.test(words))?.[1] ?? null;
}
