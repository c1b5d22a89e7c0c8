import type { texts as en } from '../../en/screens/welcome';

export const texts: typeof en = {
  gotIt: 'Schließen',
  begin: 'Eine Lampe leuchtet: Auftrag beginnen',
  beginWords: 'Nenn dein Fahrzeug, dann sag, welche Lampen du siehst.',
  tour: 'Rundgang mit Tansy',
  tourWords: 'Ein erfundenes Auto mit Wasser in einem Sensor, auf halbem Weg.',
  practise: 'Auf der Werkbank üben',
  practiseWords: 'Ein erfundenes Auto mit verborgenem Fehler: nichts kann kaputtgehen.',
  howItThinks: 'Wie Zelf denkt',
  lines: [
    'Es beginnt mit jedem Fehler, den solche Lampen haben können, jeder so wahrscheinlich wie an Autos wie deinem.',
    'Alles, was du siehst oder misst, macht manche Fehler wahrscheinlicher und andere weniger.',
    'Es glaubt, was du gesehen hast. Ein Messwert, der nicht zu den anderen passt, wird markiert, nie verworfen.',
    'Bei jeder Prüfung weiß es, was jede Antwort hieße und was die Prüfung an Zeit und Geld kostet.',
    'Es schlägt den Schritt vor, mit dem der ganze Auftrag am wenigsten kostet: deine Zeit und die Teile, auch die umsonst gekauften.',
    'Es denkt mehrere Schritte voraus, und es sieht hin, bevor es misst, wo Hinsehen schneller ist.',
    'Es sagt dir, wann du reparieren sollst: wenn weitere Prüfungen nichts mehr ändern würden.',
    'Eine Reparatur ist erst bewiesen, wenn die Codes wegbleiben und die Lampen auf der Straße aus bleiben.',
    'Es sagt Halt, wo eine Einfahrt der falsche Ort ist: weiches Pedal, Hochvolt, Airbag.',
    'Du darfst jederzeit anderes tun. Schreib es auf, und Zelf macht von dort weiter.',
  ],
};
