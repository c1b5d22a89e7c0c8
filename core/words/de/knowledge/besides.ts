import type { texts as en } from '../../en/knowledge/besides';

export const texts: typeof en = {
  changeTheBattery:
    'Nimm die Minusklemme zuerst ab und setz sie zuletzt auf, reinige beide Pole, spann die neue Batterie fest',
  theMinusFirst:
    'Ein Schlüssel zwischen Plus und Karosserie verbrennt. Was danach neu einzustellen ist, sagt das Handbuch.',
  spacer: 'Unterlage in der Dicke, die den Ring gerade freigibt',
  chargeTheBatteryAnd: 'die Batterie laden und prüfen',
  cleanTheTerminalsCharge: 'Reinige die Pole, lad über Nacht, miss in Ruhe und beim Anlassen',
  whileTheBatteryIs: 'Solange die Batterie schwach ist, ist jeder andere Messwert wertlos.',
  renewTheBattery: 'die Batterie erneuern',
  aNewBattery: 'eine neue Batterie',
  mendTheModulesFeed: 'Versorgung oder Masse des Steuergeräts richten',
  renewTheModulesFuse: 'Erneuere die Sicherung des Steuergeräts, reinige seinen Massepunkt, miss seine Versorgung',
  aBlownFuseHas: 'Eine durchgebrannte Sicherung hat einen Grund: such ihn, bevor die neue durchbrennt.',
  replaceTheOddTyre: 'den falschen Reifen oder den Bremslichtschalter erneuern',
  topUpTheBrake: 'Bremsflüssigkeit auffüllen und klären, warum sie fehlte',
  topUpWithThe: 'Füll mit der Flüssigkeit auf, die auf dem Deckel steht, dann klär, warum sie fehlte',
  wornPadsLowerIt: 'Verschlissene Beläge senken den Stand langsam; ein Leck ist etwas anderes: dann nicht fahren.',
  brakeFluid: 'Bremsflüssigkeit',
  eraseTheOldCode: 'den alten Code löschen',
  putASpacerUnder: 'eine Unterlage unter den Sensor legen',
  itKeepsASwollen: 'sie hält einen gequollenen Ring vom Sensor fern, auf Kosten des Signals',
  cleanTheSeat: 'den Sitz reinigen',
  rustScrapedAway: 'Rost abgekratzt',
  seatTheSensorAfresh: 'den Sensor neu einsetzen',
  theSameByAnother: 'dasselbe unter anderem Namen',
  fuse: 'Sicherung',
};
