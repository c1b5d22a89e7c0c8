import type { Fault } from '../../storage/faults';
import type { WorkerFault } from '../../workers/supervised';

/** What a fault of the browser's storage means, and what helps. */
export const FAULT_WORDS: Readonly<Record<Fault, { readonly title: string; readonly help: string }>> = {
  absent: {
    title: 'This browser does not let Zelf store anything',
    help: 'Private windows and strict settings often block storage. Open Zelf in an ordinary window, or work without storage and save each job as a file.',
  },
  blocked: {
    title: 'The storage of this browser does not answer',
    help: 'Another tab with Zelf may hold it. Close the other tabs, then try again.',
  },
  failing: {
    title: 'The storage of this browser reports an error',
    help: 'Try again. If it stays, save what you have as a file, then close and reopen the browser.',
  },
  full: {
    title: 'Not stored: this device has no room left',
    help: 'Your last entry is waiting. Free some space on the device and try again, or save the job as a file, with that entry in it.',
  },
  newer: {
    title: 'A newer version of Zelf has changed the storage',
    help: 'This page is older than your data. Reload the page to get the new version. Your jobs are safe.',
  },
};

/** Why the adviser gives no advice. */
export const ADVISER_WORDS: Readonly<Record<WorkerFault, string>> = {
  gone: 'The adviser could not be loaded.',
  died: 'The browser stopped the adviser.',
  hung: 'The adviser takes too long.',
  threw: 'The adviser failed on this job.',
};
