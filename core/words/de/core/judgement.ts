import { plural } from '../language';
import type { texts as en } from '../../en/core/judgement';

export const texts: typeof en = {
  thisJobIsVery:
    'Dieser Auftrag ist sehr lang. Die ältesten Reparaturen und die unwahrscheinlichsten Kombinationen blieben außer Betracht.',
  aSoftPedalOr:
    'Weiches Pedal oder auslaufende Flüssigkeit: nicht fahren. Das ist Hydraulik, Sache einer Fachkraft, vor jedem Sensor.',
  absAndTheRed:
    'ABS und rote Bremslampe zusammen: die Verteilung der Bremskraft nach hinten kann ausgefallen sein. Nicht fahren.',
  redBrakeLampCheck:
    'Rote Bremslampe: prüf zuerst Handbremse und Flüssigkeitsstand, und fahr nicht, bevor du weißt, warum sie leuchtet.',
  theAirbagLampIs:
    'Die Airbaglampe ist nie ein bloßes Echo, bis sie nach der Reparatur von selbst ausgegangen ist. Airbags können so lange außer Betrieb sein; miss nie an gelben Steckern.',
  highVoltageCarBefore:
    'Auto mit Hochvolt: Bevor du ein Teil berührst, schalt das Auto aus, halt den Schlüssel fern und mach die 12-V-Seite stromlos, wie es das Handbuch sagt. Berühr nie orange Kabel, ihre Abdeckungen oder den Wartungsstecker. Was nur an orangen Teilen vorbei zu erreichen ist, gehört in die Hand einer Fachkraft.',
  aSwollenRingOr:
    'Ein gequollener Ring oder ein loses Lager zerkratzt die Spitze: Ein neuer Sensor allein hält nicht, der Fehler kommt wieder. Beheb die Ursache mit.',
  withoutAbsAndStability:
    'Ohne ABS und Stabilitätshilfe bremst das Auto noch, aber Räder können blockieren: längere Bremswege, keine Hilfe auf Eis.',
  flatHardGroundChocks:
    'Ebener, fester Boden, Keile, die vorgesehenen Ansatzpunkte und Böcke: nie ein Wagenheber allein.',
  ignitionOffBeforeA: 'Zündung aus, bevor ein Stecker geöffnet oder Widerstand gemessen wird.',
  theSensorsOfAn:
    'Die Sensoren einer Achse sind noch getauscht: Was mit dem Sensor wanderte, sitzt jetzt am anderen Rad. Tausch sie zurück, bevor du weiterliest, oder sieh dort nach.',
  anOldSensorOften:
    'Ein alter Sensor bricht oft beim Heraushebeln: Hab den neuen in der Hand, bevor du Kraft anwendest.',
  theModulesPlugCarries:
    'Der Stecker des Steuergeräts führt starke Ströme: Trenn die Batterie, wie es das Handbuch sagt, bestimm die Kontakte, überbrück nie zwei.',
  somebodyElseReadsThe: 'Jemand anderes liest den Bildschirm; niemand bedient ihn beim Fahren.',
  unusualBesideYourOther: 'Ungewöhnlich neben deinen anderen Befunden. Prüf es bitte noch einmal.',
  jumpsAbout: 'springt',
  softPedalOrLost:
    'Weiches Pedal oder verlorene Flüssigkeit ist Hydraulik. Nicht fahren; erst muss eine Fachkraft danach sehen.',
  theAirbagLampStays:
    'Die Airbaglampe leuchtet von sich aus weiter: Sie hat eine eigene Ursache, Sache einer Fachkraft.',
  afterABlowA:
    'Nach einem Schlag kann ein verbogener Sitz heißen, dass der Radträger gerissen oder verbogen ist, und der trägt das Rad: Lass eine Fachkraft nachsehen.',
  twoRepairsChangedNothing:
    'Zwei Reparaturen haben nichts geändert. Eine dritte auf denselben Befunden wäre geraten: Lass eine Fachkraft die Befunde prüfen.',
  theModulesOwnInput: (percent) =>
    `Der Eingang des Steuergeräts selbst ist die wahrscheinlichste Ursache (${percent}): Sache einer Werkstatt, die ihn prüfen kann.`,
  nothingIsWrongNow: (percent) => `Soweit zu sehen ist, ist jetzt nichts defekt (${percent}).`,
  nothingHasComeBack: (percent) =>
    `Seit dem Löschen ist nichts zurückgekommen: höchstwahrscheinlich ein alter Code (${percent}). Behalt es im Auge; keine Reparatur lohnt sich jetzt.`,
  furtherChecksWouldNot: (fault) => `Weitere Prüfungen würden an der Antwort nichts ändern.${fault}`,
  onAverageItCosts: 'Im Mittel kostet das etwa so viel wie der beste Schritt.',
  onAverageThisSaves: (money) =>
    `Im Mittel kostet das etwa ${money} weniger als der nächstbeste Schritt, deine Zeit mitgerechnet.`,
  onAverageThisCosts: (money) => `Im Mittel kostet das etwa ${money} mehr als der beste Schritt.`,
  itIsAlmostCertain: (percent) => `Fast sicher (${percent}) behebt das einen Fehler, der da ist.`,
  itIsLikelyThat: (percent) => `Wahrscheinlich (${percent}) behebt das einen Fehler, der da ist.`,
  thereIsAChance: (percent) => `Mit ${percent} Wahrscheinlichkeit behebt das einen Fehler, der da ist.`,
  itIsUnlikelyThat: (percent) => `Dass das einen Fehler behebt, der da ist, ist unwahrscheinlich (${percent}).`,
  behindItMayBe: (cause, percent) =>
    `Dahinter kann stecken: ${cause}, ${percent}. Wird das nicht mit behoben, kommt der Fehler wieder.`,
  steady: 'ruhig',
  overloadSign: 'OL',
  driveAndNote: 'Fahr wie immer und notier jede Fahrt',
  afterMoreTrips: (count) =>
    plural(count, {
      one: 'Nach 1 weiteren sauberen Fahrt bist du zu 95 % sicher.',
      other: 'Nach # weiteren sauberen Fahrten bist du zu 95 % sicher.',
    }),
  nowDriveItAnd: 'Jetzt fahr und sieh, ob die Lampen aus bleiben',
  itWasDriven: 'Es wurde gefahren, und nichts kam zurück: beobachte weiter, oder schließ den Auftrag ab',
  onAverageThisIsCheaper: (money) =>
    `Im Mittel kostet das etwa ${money} weniger als eine Werkstatt, deine Zeit mitgerechnet.`,
};
