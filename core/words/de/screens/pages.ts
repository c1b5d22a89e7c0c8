import type { texts as en } from '../../en/screens/pages';

export const texts: typeof en = {
  thisJobIsNot: 'Dieser Auftrag ist nicht in diesem Browser',
  itMayHaveBeen:
    'Vielleicht wurde er entfernt, ist beschädigt oder liegt auf einem anderen Gerät. Sieh in der Garage nach.',
  toTheGarage: 'Zur Garage',
  notebook: 'Notizbuch',
  whatIsTypedUnder: 'Was unter Codes getippt ist, ist noch nicht erfasst.',
  thisPageDoesNot: 'Diese Seite gibt es nicht',
  theAddressIsWrong: 'Die Adresse stimmt nicht. Alle deine Aufträge sind in der Garage.',
};
