import type { texts as en } from '../../en/knowledge/questions';

export const texts: typeof en = {
  earlierWork: 'Frühere Arbeiten',
  thinkWhatWasWorked: 'Überleg: Woran wurde zuletzt gearbeitet, und an welchem Rad?',
  ifSomebodyWorkedAt: 'Hat neulich jemand an diesem Rad gearbeitet, wird zuerst angesehen, was er berührt hat.',
  theManualsFigure: 'Der Wert aus dem Handbuch',
  findTheCoilsResistance: 'Such den Widerstand der Spule im Handbuch',
  ifYourReadingLies:
    'Liegt dein Messwert außerhalb des Bereichs aus dem Handbuch, ist der Sensor defekt. Liegt er darin, sieh nach der Verkabelung.',
  theCoilsResistanceFrom: 'Der Widerstand der Spule, aus dem Handbuch',
  codes: 'Codes',
  readTheCodesAll: 'Lies die Codes, alle Steuergeräte',
  ifACodeNames:
    'Nennt ein Code ein Rad, siehst du nur dort nach. Gibt es keinen, sieh nach Flüssigkeit, Batterie und Schalter.',
  erased: 'Gelöscht',
  writeTheCodesDown: 'Schreib die Codes auf, lösch sie, dann sieh, was zurückkommt',
  ifACodeIs:
    'Ist ein Code beim Einschalten zurück, ist der Fehler elektrisch. Ist er beim Anfahren zurück, sieh nach Ring und Luftspalt. Bleibt er weg, war er Vergangenheit.',
  sensorKind: 'Art des Sensors',
  findOutWhetherThe: 'Finde heraus, ob die Sensoren passiv oder aktiv sind',
  ifTheyAreActive: 'Sind sie aktiv, bedeuten Ohm an ihnen nichts; sind sie passiv, gibt es keine Versorgung zu messen.',
  whichKindOfSensor: 'Welche Art von Sensor hat dieses Auto?',
};
