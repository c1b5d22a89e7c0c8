import type { Said } from '../said';

export const texts = {
  zelfAnswersOnlyAt: 'Zelf answers only at its own address on this machine',
  onlyReadingIsPossible: 'only reading is possible here',
  thisIsNoAddress: 'this is no address',
  notFound: 'Not found.',
  somethingWentWrongHere: 'Something went wrong here.',
  zelf: (message: Said) => `zelf: ${message}`,
  theWordsAreNot: 'the words are not understood',
  thePortIsNo: (wanted: Said) => `the port "${wanted}" is no number from 1 to 65535`,
  portIsTaken: (candidate: Said, candidate2: Said) => `Port ${candidate} is taken${candidate2}`,
  trying: (candidate: Said) => `; trying ${candidate}.`,
  zelfIsAtHttp: (candidate: Said) => `Zelf is at http://127.0.0.1:${candidate}/ (stop with Ctrl+C)`,
  zelfIsAtHttps: (port: Said) =>
    `Zelf is at https://127.0.0.1:${port}/ and, for every device in this network, at the addresses below (stop with Ctrl+C)`,
  noNetwork: 'this machine has no address in a network: connect it, or start without --lan',
  whatThePhoneAsks: (fingerprint: Said) =>
    `Your phone will warn that it does not know this certificate: this machine made it itself. Compare it, then go on ("Advanced", "Proceed").
SHA-256 ${fingerprint}
Some phones keep neither work offline nor the camera until the certificate is installed as trusted. Stop the server when you are done: everybody in this network can open the page. Your jobs stay in each browser; take them across as a back-up file.`,
  zelfNoFreePort: (port: Said) => `zelf: no free port from ${port} on; name one with --port`,
  noIntroduction: 'no introduction',
  notAnIntroduction: 'not an introduction',
  noSuchCar: 'no such car',
  tooManyMessages: 'too many messages',
};
