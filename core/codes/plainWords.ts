/**
 * Lower case, without accents, marks and doubled spaces, so that word limits hold in any language.
 * @param text any text. @returns the words.
 * @example plainWords('Mémorisé – présent') // => "memorise - present"
 */
export function plainWords(text: string): string {
  return text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[\u2010-\u2015\u2212]/g, '-')
    .replace(/[\u2018\u2019]/g, "'")
    .replace(/[_\s]+/g, ' ');
}
