import type { Language } from 'element-plus/es/locale';
import english from 'element-plus/es/locale/lang/en';
import type { LanguageId } from '../../../core/words/languages';
import { OWN_LANGUAGE } from './language';
import { texts } from '#words/shared/shell';

/** The components' own words (to step a number, an empty list), by language; English is what they bring along. */
const OTHERS: Readonly<Record<Exclude<LanguageId, 'en'>, () => Promise<{ default: Language }>>> = {
  de: () => import('element-plus/es/locale/lang/de'),
};

/** Not every language of theirs has all its words: those that people meet here are the catalogue's. */
const withOwnWords = (locale: Language): Language => ({
  ...locale,
  el: {
    ...locale.el,
    dialog: { close: texts.closeWindow },
    drawer: { close: texts.closeWindow },
    inputNumber: { decrease: texts.oneLess, increase: texts.oneMore },
  },
});

/** The components' words at once, and those of this build's language as soon as they are there. */
export const FIRST_LOCALE = withOwnWords(english);
export const elementLocale = async (): Promise<Language> =>
  OWN_LANGUAGE === 'en' ? FIRST_LOCALE : withOwnWords((await OTHERS[OWN_LANGUAGE]()).default);
