import type { texts as en } from '../../en/shared/trouble';

export const texts: typeof en = {
  tryAgain: 'Noch einmal',
  reloadThePage: 'Seite neu laden',
  saveThisJobAs: 'Diesen Auftrag als Datei speichern',
  saveEverythingAsA: 'Alles als Datei speichern',
  workWithoutStorage: 'Ohne Speicher arbeiten',
  goOnWithoutStoring: 'Weiter, ohne das zu speichern',
  nothingIsStoredWhen:
    'Nichts wird gespeichert: schließt du diese Seite, ist alles weg. Speicher jeden Auftrag in seinem Notizbuch als Datei.',
  thereIsANew: 'Es gibt eine neue Fassung von Zelf',
  aPartOfThe:
    'Ein Teil der alten Fassung ist nicht mehr auf dem Server. Alles, was du eingegeben hast, ist gespeichert. Lad die Seite neu.',
  everythingYouEnteredIs: (again) =>
    `${again} Alles, was du eingegeben hast, ist gespeichert. Der Rat auf dem Bildschirm zählt deine letzten Einträge noch nicht.`,
  reason: (message) => `Grund: ${message}.`,
  itIsBeingStarted: 'Er wird neu gestartet.',
  startTheAdviserAgain: 'Berater neu starten',
  theJobIsSaved: 'Der Auftrag ist als Datei gespeichert. Öffne sie in der Garage, wenn der Speicher wieder arbeitet.',
  everythingThatCouldBe: 'Alles, was zu lesen war, ist als Datei gespeichert.',
  noReasonGiven: 'kein Grund angegeben',
  nothingCouldBeRead: (why) => `Aus dem Speicher war nichts zu lesen (${why}).`,
  thisBrowserDoesNot: 'Dieser Browser lässt Zelf nichts speichern',
  privateWindowsAndStrict:
    'Private Fenster und strenge Einstellungen sperren oft den Speicher. Öffne Zelf in einem gewöhnlichen Fenster, oder arbeite ohne Speicher und speicher jeden Auftrag als Datei.',
  theStorageOfThis: 'Der Speicher dieses Browsers antwortet nicht',
  anotherTabWithZelf: 'Vielleicht hält ihn ein anderer Tab mit Zelf. Schließ die anderen, dann versuch es noch einmal.',
  theStorageOfThisBrowser: 'Der Speicher dieses Browsers meldet einen Fehler',
  tryAgainIfIt:
    'Versuch es noch einmal. Bleibt es so, speicher, was du hast, als Datei, dann schließ und öffne den Browser.',
  notStoredThisDevice: 'Nicht gespeichert: auf diesem Gerät ist kein Platz mehr',
  yourLastEntryIs:
    'Dein letzter Eintrag wartet. Mach auf dem Gerät Platz und versuch es noch einmal, oder speicher den Auftrag samt dem Eintrag als Datei.',
  aNewerVersionOf: 'Eine neuere Fassung von Zelf hat den Speicher geändert',
  thisPageIsOlder:
    'Diese Seite ist älter als deine Daten. Lad sie neu, um die neue Fassung zu bekommen. Deine Aufträge sind sicher.',
  theAdviserCouldNot: 'Der Berater ließ sich nicht laden.',
  theBrowserStoppedThe: 'Der Browser hat den Berater angehalten.',
  theAdviserTakesToo: 'Der Berater braucht zu lange.',
  theAdviserFailedOn: 'Der Berater scheiterte an diesem Auftrag.',
};
