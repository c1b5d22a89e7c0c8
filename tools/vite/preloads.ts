import type { Plugin } from 'vite';

/**
 * Has the page fetch parts of the program beforehand that it always wants first, though they are imported late
 * so that each is read and begun in a turn of its own.
 * @param modules the parts, by the ends of their files' names. One that is in no chunk of its own ends the build.
 */
export const preloads = (modules: readonly string[]): Plugin => ({
  name: 'zelf-preloads',
  transformIndexHtml: {
    order: 'post',
    handler(html, { bundle }) {
      if (!bundle) return html;
      const chunks = Object.values(bundle).filter((entry) => entry.type === 'chunk');
      const wanted = new Set<string>();
      const want = (file: string): void => {
        if (wanted.has(file)) return;
        wanted.add(file);
        chunks.find(({ fileName }) => fileName === file)?.imports.forEach(want);
      };
      for (const module of modules) {
        const own = chunks.find(({ facadeModuleId }) => facadeModuleId?.endsWith(module));
        if (!own) throw new Error(`to be fetched beforehand: "${module}" has no chunk of its own`);
        want(own.fileName);
      }
      const styles = chunks
        .filter(({ fileName }) => wanted.has(fileName))
        .flatMap((chunk) => [...(chunk.viteMetadata?.importedCss ?? [])]);
      const early = (rel: string, more: Readonly<Record<string, string>>) => (file: string) => ({
        tag: 'link',
        injectTo: 'head' as const,
        attrs: { rel, crossorigin: true, href: `./${file}`, ...more },
      });
      const isNew = (file: string): boolean => !html.includes(`./${file}"`);
      return {
        html,
        tags: [
          ...[...wanted].filter(isNew).map(early('modulepreload', {})),
          ...[...new Set(styles)].filter(isNew).map(early('preload', { as: 'style' })),
        ],
      };
    },
  },
});

/** Writes the page's own styles into it, so that its first view waits for nothing but itself. */
export const ownStyles = (): Plugin => ({
  name: 'zelf-own-styles',
  transformIndexHtml: {
    order: 'post',
    handler: (html, { bundle }) =>
      html.replace(/<link rel="stylesheet"[^>]*href="\.\/(assets\/[^"]+)">/g, (link, file: string) => {
        const style = bundle?.[file];
        if (style?.type !== 'asset') return link;
        return `<style>${String(style.source).replaceAll('url(./', 'url(./assets/')}</style>`;
      }),
  },
});
