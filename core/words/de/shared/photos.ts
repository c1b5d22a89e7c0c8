import type { texts as en } from '../../en/shared/photos';

export const texts: typeof en = {
  photo: 'Foto',
  keeping: 'Wird gespeichert',
  addFor: (what) => `Foto hinzufügen: ${what}`,
  enlarge: (what) => `Foto vergrößern: ${what}`,
  notHere: 'auf einem anderen Gerät',
  isNotHere: 'Dieses Foto ist nicht auf diesem Gerät. Eine Sicherung des anderen bringt es hierher.',
  noPicture: (names) => `Das kann dieser Browser nicht als Bild lesen: ${names}. Die anderen sind gespeichert.`,
  removed: 'Das Foto ist entfernt.',
  putItBack: 'Zurückholen',
  takenAt: (moment) => `Aufgenommen ${moment}`,
  remove: 'Dieses Foto entfernen',
};
