import Koa from 'koa';
import compress from 'koa-compress';
import helmet from 'koa-helmet';
import send from 'koa-send';
import { errorFunnel } from './errors';
import { isOwnHost, LOOPBACK } from './hosts';
import { FIRST_LANGUAGE, folderOf, isLanguage, type LanguageId } from '../core/words/languages';
import { texts } from '#words/server';

/** The policy of the built app: everything from here, nothing inline but styles. */
const POLICY = {
  defaultSrc: ["'self'"],
  scriptSrc: ["'self'"],
  styleSrc: ["'self'", "'unsafe-inline'"],
  imgSrc: ["'self'", 'data:', 'blob:'],
  fontSrc: ["'self'"],
  connectSrc: ["'self'"],
  workerSrc: ["'self'"],
  objectSrc: ["'none'"],
  baseUri: ["'self'"],
  formAction: ["'self'"],
  frameAncestors: ["'none'"],
  manifestSrc: ["'self'"],
  upgradeInsecureRequests: null,
};

const GONE = new Set(['ECONNRESET', 'EPIPE', 'ERR_STREAM_PREMATURE_CLOSE']);

/** Files with a hash in their name never change. */
function cacheFor(path: string): string {
  return path.includes('/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache';
}

/** The language whose folder an address lies in; null in that of the first. */
function languageIn(path: string): LanguageId | null {
  const first = path.split('/')[1];
  return isLanguage(first) && first !== FIRST_LANGUAGE ? first : null;
}

/**
 * The application without a port: serves the built app, with every unknown path that is no file answered by its page.
 * @param root folder of the built app. @param hosts the names it answers to.
 */
export function createApp(root: string, hosts: ReadonlySet<string> = LOOPBACK): Koa {
  const app = new Koa();
  /* Whoever goes away in the middle of an answer has no use for it, and we none for a report. */
  app.on('error', (error: NodeJS.ErrnoException) => GONE.has(error.code ?? '') || console.error(error));
  app.use(errorFunnel);
  app.use(
    helmet({
      contentSecurityPolicy: { useDefaults: false, directives: POLICY },
      strictTransportSecurity: false,
      crossOriginEmbedderPolicy: false,
    }),
  );
  app.use(compress({ threshold: 1024, br: false }));
  app.use(async (context) => {
    if (!isOwnHost(context.get('host'), hosts)) context.throw(421, texts.zelfAnswersOnlyAt, { expose: true });
    if (context.method !== 'GET' && context.method !== 'HEAD')
      context.throw(405, texts.onlyReadingIsPossible, { expose: true });
    const language = languageIn(context.path);
    /* Addresses inside a page are relative: its folder has to end in a slash. */
    if (context.path === `/${language}`) return context.redirect(`/${language}/`);
    const isFile = /\.[a-z0-9]+$/i.test(context.path);
    const path = isFile ? context.path : `/${language ? folderOf(language) : ''}index.html`;
    await send(context, path, {
      root,
      setHeaders: (response) => {
        response.setHeader('Cache-Control', cacheFor(path));
        /* Files are small and come whole: a wish for a part of one is answered with all of it. */
        response.setHeader('Accept-Ranges', 'none');
      },
    });
  });
  return app;
}
