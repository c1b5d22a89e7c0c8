import type { ObservationOf } from '../../casefile/contract';
import { plainWords } from '../plainWords';

export type Module = NonNullable<ObservationOf<'code'>['module']>;

/** Module names that head a list, or stand beside a code. */
const MODULE_WORDS: readonly (readonly [RegExp, Module])[] = [
  [
    /\b(abs|esp|esc|asr|dsc|vsc|brakes?|braking|brems\w*|freins?|freinage|frenos?|freni|remmen|hamulc\w*|stability)\b/,
    'abs',
  ],
  [/\b(airbags?|srs|restraints?|ruckhalte\w*)\b/, 'airbag'],
  [/\b(engine|motor\w*|moteur|motore|ecm|pcm|dme|powertrain|silnik)\b/, 'engine'],
  [
    /\b(instruments?|cluster|dashboard|kombi\w*|tableau de bord|combine|quadro strumenti|instrumentenpaneel)\b/,
    'instruments',
  ],
  [/\b(body|bcm|karosserie\w*|carrosserie|carroceria|carrozzeria|comfort|komfort\w*)\b/, 'body'],
  [/\b(steering|eps|lenk\w*|direction assistee|direccion|sterzo|stuur\w*)\b/, 'steering'],
  [/\b(transmission|gearbox|tcm|getriebe\w*|boite de vitesses|cambio|versnellingsbak)\b/, 'transmission'],
];

/** `Motorrad`-like strays and a wheel's own words name no module. */
const NO_MODULE =
  /\b(motor ?speed|abs sensor|abs ring|abs ?-?sensor\w*|brake (fluid|light|pedal|switch)|bremslicht\w*|steering (angle|wheel))\b/g;

/**
 * The control module that words name.
 * @param text a heading or the words before a code. @returns the module, or null when none is named.
 * @example moduleIn('Bremsenelektronik') // => "abs"
 */
export function moduleIn(text: string): Module | null {
  const words = plainWords(text).replace(NO_MODULE, ' ');
  return MODULE_WORDS.find(([pattern]) => pattern.test(words))?.[1] ?? null;
}

const NO_CODES =
  /\b(no (\w+ )?(faults?|(trouble )?codes?|dtcs?|errors?)( found| stored| present)?|0 (faults?|codes?|dtcs?|errors?|fehler)|(faults?|codes?|dtcs?|errors?|fehler)\s*[:=]\s*(0|none|keine)|kein\w* fehler\w*|aucun (defaut|code)|ningun (fallo|codigo|error)|sin (fallos|codigos|errores)|nessun (guasto|errore|codice)|geen (fouten|storingen|codes)|nenhum\w* (falha|codigo)|brak (bledow|kodow)|pas de defaut)\b/;
const NO_ANSWER =
  /\b(no (response|answer|communication|reply)|not responding|does not answer|timed? ?out|cannot (connect|communicate)|communication (error|failed)|link error|keine (antwort|kommunikation|verbindung)|antwortet nicht|pas de (reponse|communication)|sin (respuesta|comunicacion)|nessuna (risposta|comunicazione)|geen (antwoord|communicatie))\b/;

/**
 * Whether a line tells that a module has no codes, or that it does not answer.
 * @param text one line. @returns which, or null.
 * @example answerIn('Airbag: keine Fehler') // => "no-code"
 */
export function answerIn(text: string): 'no-code' | 'no-answer' | null {
  const words = plainWords(text);
  if (NO_ANSWER.test(words)) return 'no-answer';
  return NO_CODES.test(words) ? 'no-code' : null;
}

const ADVICE =
  /\b(replace|renew|change|fit (a )?new|ersetzen|erneuern|austauschen|tauschen|wechseln|remplacer|changer|sustituir|reemplazar|cambiar|sostituire|vervangen|substituir|wymienic)\b/;

/**
 * Whether a line is the reader's own advice to fit a part.
 * @param text one line. @returns true for advice.
 * @example isAdvice('Recommended: replace the sensor') // => true
 */
export function isAdvice(text: string): boolean {
  return ADVICE.test(plainWords(text));
}
