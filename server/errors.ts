import type { Context, Next } from 'koa';
import { texts } from '#words/server';

interface MaybePublic {
  readonly status?: number;
  readonly expose?: boolean;
  readonly message?: string;
}

/** The one place where errors become answers. Only messages marked public reach the client. */
export async function errorFunnel(context: Context, next: Next): Promise<void> {
  try {
    await next();
  } catch (error) {
    const { status = 500, expose = false, message = '' } = error as MaybePublic;
    context.status = status;
    context.type = 'text/plain';
    context.body = status === 404 ? texts.notFound : expose ? message : texts.somethingWentWrongHere;
    if (status >= 500) console.error(error);
  }
}
