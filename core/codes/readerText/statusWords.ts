import type { ObservationOf } from '../../casefile/contract';
import { statusFromByte } from '../statusByte';
import { plainWords } from '../plainWords';

type Status = ObservationOf<'code'>['status'];

/** Words that look like a status and are none: ampere, an actual value, a kind of sensor. */
const NO_STATUS: readonly RegExp[] = [
  /\b(open|short) circuit\b/g,
  /\b(circuit|supply|feed|output|over|leak\w*)[ -]?current\b/g,
  /\bsensor[ -]?current\b(?!\s*$)/g,
  /\bcurrent (is )?(above|below|too|out of|over|draw|low|high|range|consumption|limit|value|speed)\b/g,
  /\bactual (value|speed|\w+ speed)\b/g,
  /\bactive (\w+ ){0,3}sensors?\b/g,
  /\bsensors? (activ[eo]|aktiv\w*|actif)\b/g,
  /\b(no |signal (is |was )?(not )?)(signal )?(present|available)\b/g,
  /\bpresent(ation|s)\b/g,
  /\bstored (value|in module)s?\b/g,
  /\b(last|next) (confirmed|stored) by\b/g,
  /\b(cod(e|igo)s?|dtcs?|faults?|fehler|defauts?) (memory|speicher|cleared|erased)\b/g,
];

/** A status denied, as in `active: no`: says the opposite of present. */
const DENIED =
  /\b(current(ly)?|present|active|aktiv|aktuell|vorhanden|presente?|actif|actuel|activ[oa]|attiv[oa]|actual|actueel|aanwezig|failed now|test failed)\s*[:=]?\s*(no|nein|non|nee|false|0)\b/;

/** Status words as readers print them, in several languages, without accents. The first row that matches counts. */
const STATUS_WORDS: readonly (readonly [RegExp, Status])[] = [
  [
    /\b(not (currently )?(current|present|active)|no longer present|non presente?|non attiv[oa]|no presente|no activ[oa]|nao presente|nicht (mehr )?(aktiv|aktuell|vorhanden)|momentan nicht|derzeit nicht|niet (actief|aanwezig|actueel)|pas present|non actif|inactive|inaktiv|inactif|inactiv[oa]|inativ[oa]|nieaktywn\w*|intermittent and not)\b/,
    'stored',
  ],
  [
    /\b(current(ly)?|present(ly)?|active|aktiv\w*|aktuell\w*|vorhanden|actuel(le)?|presente|actual|activ[oa]|ativ[oa]|attiv[oa]|attuale|actief|actueel|aanwezig|permanent\w*|failed now|test failed|live|aktywn\w*|aktualn\w*|aktivni|aktiivinen|aktuel)\b/,
    'current',
  ],
  [
    /\b(pending|anstehend|unbestatigt|unconfirmed|not confirmed|en attente|pendiente|pendente|in attesa|sospeso|in afwachting|oczekuj\w*|cekajici|vantande|afventer\w*|ventende|odottava|not yet confirmed|maturing)\b/,
    'pending',
  ],
  [
    /\b(history|historic(al)?|historisch|historique|historico|storico|past|previous|passato|passe|pasado|passiv|gespeichert\w*|abgelegt|memori[sz]\w*|memorizad[oa]|memorizzat[oa]|almacenad[oa]|armazenad[oa]|fugitif|opgeslagen|stored|saved|logged|sporadic|sporadisch\w*|intermittent(e|i)?|confirmed|bestatigt|confirme|confirmad[oa]|confermat[oa]|zapisan\w*|ulozen\w*|lagrad\w*|lagret|tallennettu|absent)\b/,
    'stored',
  ],
];

const BYTE = /\bstatus(?: ?byte)?\s*[:=]?\s*(?:0x)?([0-9a-f]{2})\b(?! ?%)/;

/**
 * The status that words on a reader's screen tell: in English, German, French, Spanish, Italian, Portuguese, Dutch and
 * the common words of their neighbours, or an ISO 14229 status byte written as `status 2F`.
 * @param text words beside a code. @returns the status, or null when none is told.
 * @example statusIn('momentan nicht vorhanden') // => "stored"
 * @example statusIn('circuit current above threshold') // => null
 * @example statusIn('open circuit current') // => "current"
 */
export function statusIn(text: string): Status | null {
  let words = plainWords(text);
  const byte = BYTE.exec(words)?.[1];
  if (byte && /\d/.test(byte)) return statusFromByte(parseInt(byte, 16));
  if (DENIED.test(words)) return 'stored';
  for (const pattern of NO_STATUS) words = words.replace(pattern, ' ');
  return STATUS_WORDS.find(([pattern]) => pattern.test(words))?.[1] ?? null;
}
