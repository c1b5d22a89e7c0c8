import type { Fault } from '../../storage/faults';
import type { WorkerFault } from '../../workers/supervised';
import { texts } from '#words/shared/trouble';

/** What a fault of the browser's storage means, and what helps. */
export const FAULT_WORDS: Readonly<Record<Fault, { readonly title: string; readonly help: string }>> = {
  absent: {
    title: texts.thisBrowserDoesNot,
    help: texts.privateWindowsAndStrict,
  },
  blocked: {
    title: texts.theStorageOfThis,
    help: texts.anotherTabWithZelf,
  },
  failing: {
    title: texts.theStorageOfThisBrowser,
    help: texts.tryAgainIfIt,
  },
  full: {
    title: texts.notStoredThisDevice,
    help: texts.yourLastEntryIs,
  },
  newer: {
    title: texts.aNewerVersionOf,
    help: texts.thisPageIsOlder,
  },
};

/** Why the adviser gives no advice. */
export const ADVISER_WORDS: Readonly<Record<WorkerFault, string>> = {
  gone: texts.theAdviserCouldNot,
  died: texts.theBrowserStoppedThe,
  hung: texts.theAdviserTakesToo,
  threw: texts.theAdviserFailedOn,
};
