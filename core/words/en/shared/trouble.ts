import type { Said } from '../../said';

export const texts = {
  tryAgain: 'Try again',
  reloadThePage: 'Reload the page',
  saveThisJobAs: 'Save this job as a file',
  saveEverythingAsA: 'Save everything as a file',
  workWithoutStorage: 'Work without storage',
  goOnWithoutStoring: 'Go on without storing this',
  nothingIsStoredWhen:
    'Nothing is stored: when you close this page, everything is gone. Save each job as a file in its Notebook.',
  thereIsANew: 'There is a new version of Zelf',
  aPartOfThe: 'A part of the old version is gone from the server. Everything you entered is stored. Reload the page.',
  everythingYouEnteredIs: (again: Said) =>
    `${again} Everything you entered is stored. Advice on the screen does not count your last entries yet.`,
  reason: (message: Said) => `Reason: ${message}.`,
  itIsBeingStarted: 'It is being started again.',
  startTheAdviserAgain: 'Start the adviser again',
  theJobIsSaved: 'The job is saved as a file. Open it in the garage when storage works again.',
  everythingThatCouldBe: 'Everything that could be read is saved as a file.',
  noReasonGiven: 'no reason given',
  nothingCouldBeRead: (why: Said) => `Nothing could be read from the storage (${why}).`,
  thisBrowserDoesNot: 'This browser does not let Zelf store anything',
  privateWindowsAndStrict:
    'Private windows and strict settings often block storage. Open Zelf in an ordinary window, or work without storage and save each job as a file.',
  theStorageOfThis: 'The storage of this browser does not answer',
  anotherTabWithZelf: 'Another tab with Zelf may hold it. Close the other tabs, then try again.',
  theStorageOfThisBrowser: 'The storage of this browser reports an error',
  tryAgainIfIt: 'Try again. If it stays, save what you have as a file, then close and reopen the browser.',
  notStoredThisDevice: 'Not stored: this device has no room left',
  yourLastEntryIs:
    'Your last entry is waiting. Free some space on the device and try again, or save the job as a file, with that entry in it.',
  aNewerVersionOf: 'A newer version of Zelf has changed the storage',
  thisPageIsOlder: 'This page is older than your data. Reload the page to get the new version. Your jobs are safe.',
  theAdviserCouldNot: 'The adviser could not be loaded.',
  theBrowserStoppedThe: 'The browser stopped the adviser.',
  theAdviserTakesToo: 'The adviser takes too long.',
  theAdviserFailedOn: 'The adviser failed on this job.',
};
