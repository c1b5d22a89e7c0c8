import { plural } from '../language';
import type { texts as en } from '../../en/shared/bundle';

export const texts: typeof en = {
  tooLarge: 'ist größer als 512 MB: das ist keine Sicherung von Zelf.',
  isNoBundle: 'ist keine Sicherung von Zelf, oder sie wurde unterwegs abgeschnitten. Nichts davon wurde übernommen.',
  isDamaged: 'ist beschädigt: die Prüfsumme ist nicht die des Verzeichnisses. Nichts davon wurde übernommen.',
  isNotRight: 'ist nicht so, wie Zelf sie schreibt. Nichts davon wurde übernommen.',
  saveAll: 'Ganze Garage sichern',
  file: (what, day) => `zelf-${what}-${day}.zip`,
  garage: 'garage',
  everythingStays: 'Alles bleibt auf diesem Gerät. Kein Konto, nach dem ersten Laden kein Netz.',
  room: (used, quota) => `${used} von ${quota} belegt.`,
  roomUsed: 'Belegter Platz',
  mayBeCleared: 'Der Browser kann es löschen, wenn der Platz knapp wird.',
  askToKeep: 'Ihn bitten, alles aufzuheben',
  neverBackedUp: 'Von dieser Garage wurde noch nichts gesichert. Eine Sicherung bringt sie auch auf ein anderes Gerät.',
  lastBackUp: (day) => `Die letzte Sicherung ist vom ${day}, seither haben sich Aufträge geändert.`,
  title: (name) => `Was in ${name} steckt`,
  added: (count) => plural(count, { one: '# Auftrag ist neu', other: '# Aufträge sind neu' }),
  merged: (count) =>
    plural(count, {
      one: '# Auftrag ist auch hier und wird mit deinem zusammengeführt',
      other: '# Aufträge sind auch hier und werden mit deinen zusammengeführt',
    }),
  same: (count) =>
    plural(count, { one: '# Auftrag ist genau so schon hier', other: '# Aufträge sind genau so schon hier' }),
  vehicles: (count) => plural(count, { one: '# Fahrzeug ist neu', other: '# Fahrzeuge sind neu' }),
  clashes: (count) =>
    plural(count, {
      one: '1 Eintrag wurde hier und dort geändert: es gilt die Fassung, die mehr sagt',
      other: '# Einträge wurden hier und dort geändert: es gilt jeweils die Fassung, die mehr sagt',
    }),
  photos: (count) => plural(count, { one: '1 Foto kommt mit', other: '# Fotos kommen mit' }),
  nothing: 'Alles darin ist schon hier.',
  takeIn: 'Übernehmen',
  leave: 'So lassen',
  isIn: 'Die Sicherung wurde übernommen.',
};
