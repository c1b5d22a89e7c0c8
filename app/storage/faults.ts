import { texts } from '#words/shared/app';
/** Why the browser's store does not do its work. */
export type Fault = 'absent' | 'blocked' | 'failing' | 'full' | 'newer';

/** The names that browsers and Dexie give to what went wrong. */
const BY_NAME: Readonly<Record<string, Fault>> = {
  QuotaExceededError: 'full',
  VersionError: 'newer',
  MissingAPIError: 'absent',
  SecurityError: 'absent',
  InvalidAccessError: 'absent',
  BlockedError: 'blocked',
  DatabaseClosedError: 'failing',
  OpenFailedError: 'failing',
  UnknownError: 'failing',
  AbortError: 'failing',
  InvalidStateError: 'failing',
  TransactionInactiveError: 'failing',
  TimeoutError: 'blocked',
  NotFoundError: 'failing',
  DataCloneError: 'failing',
  BulkError: 'failing',
};

interface Named {
  readonly name?: unknown;
  readonly inner?: unknown;
}

/**
 * Which fault of the store an error tells of; the inner reason counts before the outer.
 * @returns null for an error that is not the store's.
 */
export function faultOf(error: unknown): Fault | null {
  if (typeof error !== 'object' || error === null) return null;
  const { name, inner } = error as Named;
  return faultOf(inner) ?? (typeof name === 'string' ? (BY_NAME[name] ?? null) : null);
}

/** What was asked of the store was not done, and its user said not to try on. */
export class NotKept extends Error {
  constructor(readonly fault: Fault) {
    super(texts.thisWasNotKept);
  }
}
