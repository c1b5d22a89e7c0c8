import type { texts as en } from '../../en/knowledge/fasteners';

export const texts: typeof en = {
  wheelNuts: 'Radmuttern',
  linerRivets: 'Nieten der Radhausschale',
  trimClips: 'Clips der Verkleidung',
  bracketBolts: 'Schrauben des Bremssattelhalters',
  discScrew: 'Schraube der Bremsscheibe',
  leadClips: 'Halter der Leitung',
  sensorBolt: 'Sensorschraube',
  hubBolts: 'Schrauben der Nabe',
  fastener: 'Befestigungsteil',
  linerRubs: 'Ohne sie schleift die Schale am Reifen.',
  bracketStops: 'Ohne sie darf das Auto nicht fahren: sie trägt die Bremse.',
  leadRubs: 'Ohne ihn kann die Leitung an Reifen oder Feder durchscheuern.',
  sensorLifts: 'Ohne sie hebt sich der Sensor, und das Signal geht.',
  hubStops: 'Ohne sie darf das Auto nicht fahren: sie trägt das Rad.',
  wheelStops: 'Ohne sie darf das Auto nicht fahren.',
};
