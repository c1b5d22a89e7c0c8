import type { texts as en } from '../../en/shared/page';

export const texts: typeof en = {
  description:
    'Eine Bremswarnlampe geht an: Zelf hilft, den Fehler zu finden, zu beheben und zu beweisen, dass er weg ist.',
  promise: 'Eine Warnlampe geht an. Zelf hilft dir, den Fehler zu finden, zu beheben und zu beweisen, dass er weg ist.',
  settings: 'Einstellungen',
  needsScript: 'Zelf braucht JavaScript; alles läuft auf deinem Gerät.',
  appDescription: 'Von der Bremswarnlampe zum Beweis, dass sie aus bleibt.',
};
