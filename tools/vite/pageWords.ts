import type { Plugin } from 'vite';

/**
 * Puts the words of a language into the page that is there before the program: `%name%` in it is the text of that name.
 * @param words the texts, by name; `language` is the page's own. A name without a text ends the build.
 */
export const pageWords = (words: Readonly<Record<string, string>>): Plugin => ({
  name: 'zelf-page-words',
  transformIndexHtml: {
    order: 'pre',
    handler: (html) =>
      html.replace(/%(\w+)%/g, (_whole, name: string) => {
        const text = words[name];
        if (text === undefined) throw new Error(`index.html asks for "${name}": there is no such text`);
        return text;
      }),
  },
});
