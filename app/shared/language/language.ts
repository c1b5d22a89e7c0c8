import { FIRST_LANGUAGE, folderOf, isLanguage, LANGUAGES, type LanguageId } from '../../../core/words/languages';
import { language } from '#words/language';

/** Where the choice is kept: it is needed before anything is drawn, so not in the database, which answers later. */
const KEPT = 'zelf-language';

/** The language of this very build. */
export const OWN_LANGUAGE: LanguageId = preferredOf([language]);

/**
 * The same page in another language.
 * @param page the address as it stands. @param wanted the language. @param own the language that it is in.
 * @returns the address in the folder of that language; what stands behind the hash stays.
 */
export function addressIn(page: string, wanted: LanguageId, own: LanguageId = OWN_LANGUAGE): string {
  const address = new URL(page);
  const folder = address.pathname.replace(/[^/]*$/, '');
  const root = folder.slice(0, folder.length - folderOf(own).length);
  address.pathname = `${root}${folderOf(wanted)}`;
  address.search = '';
  return address.href;
}

/** The language that was chosen in the settings; null where nobody has chosen, or the browser keeps nothing. */
export function chosenLanguage(): LanguageId | null {
  try {
    const kept = localStorage.getItem(KEPT);
    return isLanguage(kept) ? kept : null;
  } catch {
    return null;
  }
}

/** Keeps the choice, and opens this page in that language. */
export function chooseLanguage(wanted: LanguageId): void {
  try {
    localStorage.setItem(KEPT, wanted);
  } catch {
    /* Without storage it holds as long as the address is used. */
  }
  if (wanted !== OWN_LANGUAGE) location.assign(addressIn(location.href, wanted));
}

/** The first of the browser's languages (tags by BCP 47) that there is. */
export function preferredOf(languages: readonly string[]): LanguageId {
  const known = languages.map((tag) => LANGUAGES.find(({ id }) => id === tag.split('-')[0])?.id);
  return known.find((id) => id !== undefined) ?? FIRST_LANGUAGE;
}

/**
 * Where to go when the page was opened in another language than the chosen one; null where it is the right one.
 * Who has chosen none is led to the browser's language once, from the first language's address alone: another one was asked for.
 */
export function elsewhere(languages: readonly string[] = navigator.languages): string | null {
  const wanted = chosenLanguage() ?? (OWN_LANGUAGE === FIRST_LANGUAGE ? preferredOf(languages) : OWN_LANGUAGE);
  return wanted === OWN_LANGUAGE ? null : addressIn(location.href, wanted);
}
