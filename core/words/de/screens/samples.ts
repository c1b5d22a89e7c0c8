import type { texts as en } from '../../en/screens/samples';

export const texts: typeof en = {
  wheelBearingFrontLeft: 'Radlager vorn links',
  batteryCharger: 'Batterieladegerät',
  workshopBatteryAndCheck: 'Werkstatt: Batterie und Durchsicht',
  lampsSinceTheFlooded: 'Lampen seit dem überfluteten Weg',
  theLeadAtThe: 'die Leitung am Federbein',
  deafSinceTheBearing: 'kein Signal seit dem Radlager',
  everythingLitAfterWinter: 'nach dem Winter leuchtet alles',
  nowAndThenOn: 'hin und wieder, bei Bodenwellen',
  hillLampThisMorning: 'Berglampe heute früh',
  n2011CamperOnA: 'Camper auf Kastenwagen, 2011',
  lowCostCodeReader: 'günstiges Lesegerät',
  sensorBoughtOnA: 'Sensor, auf Verdacht gekauft',
  wireAndSleeves: 'Leitung und Schläuche',
  workshopSearchByThe: 'Werkstatt: Suche nach Stunden',
  n2014Hatchback: 'Kompaktwagen, 2014',
  n2009EstateOfThe: 'Kombi, 2009',
  workshopNewSensorFitted: 'Werkstatt: neuer Sensor eingebaut',
  adhesiveLinedSleeves: 'Schrumpfschläuche mit Kleber',
  crimpPliers: 'Quetschzange',
  multimeter: 'Multimeter',
};
