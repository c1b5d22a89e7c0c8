import type { texts as en } from '../../en/shared/terms';

export const texts: typeof en = {
  /** What may stand behind a form, as a regular expression. */
  endings: '(?:en|es|e|n|s)?',
  terms: {
    'air-gap': {
      forms: ['Luftspalt'],
      says: 'Der kleine Abstand zwischen Sensorspitze und Ring, meist etwa ein halber Millimeter.',
    },
    ring: {
      forms: ['Zahnring', 'Ring'],
      says: 'Er dreht mit dem Rad; der Sensor zählt seine vorbeilaufenden Zähne oder Magnete.',
    },
    encoder: {
      forms: ['Magnetring'],
      says: 'Ein Ring mit Magneten statt Zähnen, oft in der Dichtung des Lagers verborgen.',
    },
    knuckle: {
      forms: ['Radträger'],
      says: 'Das schwere Metallteil, das die Radnabe und bei vielen Autos den Sensor trägt.',
    },
    hub: { forms: ['Nabe'], says: 'Das Teil, an das das Rad geschraubt ist und das mit ihm dreht.' },
    'o-ring': { forms: ['O-Ring'], says: 'Eine runde Gummidichtung um den Sensor, die Wasser aus der Bohrung hält.' },
    flange: { forms: ['Flansch', 'Ohr'], says: 'Das flache Ohr des Sensors, das seine Schraube hält.' },
    bore: { forms: ['Bohrung'], says: 'Das Loch im Metall, in dem der Sensor sitzt.' },
    lead: { forms: ['Leitung'], says: 'Das eigene Kabel des Sensors, vom Sensor bis zu seinem Stecker.' },
    loom: {
      forms: ['Kabelbaum'],
      says: 'Die Leitungen des Autos, umwickelt oder im Rohr, vom Stecker zum Bremssteuergerät.',
    },
    module: {
      forms: ['Bremssteuergerät', 'Steuergerät'],
      says: 'Das Gerät, das alle Radsensoren liest und die Lampen schaltet.',
    },
    'arch-liner': {
      forms: ['Radhausschale'],
      says: 'Die Kunststoffschale im Radhaus, die Steine und Wasser abhält.',
    },
    caliper: { forms: ['Bremssattel', 'Sattel'], says: 'Die Zange, die die Bremsbeläge an die Scheibe drückt.' },
    penetrant: { forms: ['Kriechöl'], says: 'Ein dünnes Öl, das in Rost kriecht; es braucht Zeit.' },
    grommet: { forms: ['Tülle'], says: 'Ein Gummiring, der Leitungen durch ein Loch im Blech führt.' },
    sleeve: {
      forms: ['Schlauch'],
      says: 'Ein Röhrchen mit Kleber darin, das beim Erwärmen über einer Verbindung schrumpft und sie abdichtet.',
    },
    clamp: { forms: ['Klemme'], says: 'Was das Kabel am Pol der Batterie hält.' },
    'ground-point': {
      forms: ['Massepunkt', 'Masseleitung'],
      says: 'Wo eine Leitung an die Karosserie geschraubt ist, und die ist das Minus der Batterie.',
    },
    stand: {
      forms: ['Unterstellbock', 'Bock'],
      says: 'Eine Stütze, die das Auto sicher trägt; ein Wagenheber allein darf es nie tragen.',
    },
    chock: { forms: ['Keile', 'Keil'], says: 'Ein Keil vor einem Rad, damit das Auto nicht rollen kann.' },
  },
  explain: 'Was ist das?',
};
