import type { Said } from '../said';

export const texts = {
  zelfAnswersOnlyAt: 'Zelf answers only at its own address on this machine',
  onlyReadingIsPossible: 'only reading is possible here',
  http11400: 'HTTP/1.1 400 Bad Request Connection: close Content-Length: 0 ',
  thisIsNoAddress: 'this is no address',
  notFound: 'Not found.',
  somethingWentWrongHere: 'Something went wrong here.',
  zelf: (message: Said) => `zelf: ${message}`,
  theWordsAreNot: 'the words are not understood',
  thePortIsNo: (wanted: Said) => `the port "${wanted}" is no number from 1 to 65535`,
  portIsTaken: (candidate: Said, candidate2: Said) => `Port ${candidate} is taken${candidate2}`,
  trying: (candidate: Said) => `; trying ${candidate}.`,
  zelfIsAtHttp: (candidate: Said) => `Zelf is at http://127.0.0.1:${candidate}/ (stop with Ctrl+C)`,
  zelfNoFreePort: (port: Said) => `zelf: no free port from ${port} on; name one with --port`,
  noIntroduction: 'no introduction',
  notAnIntroduction: 'not an introduction',
  noSuchCar: 'no such car',
  tooManyMessages: 'too many messages',
};
