import type { texts as en } from '../../en/knowledge/steps';

export const texts: typeof en = {
  tryTheSensorDry: 'Probier den Sensor trocken: er muss ohne Kraft flach aufliegen',
  aLittleRustCan: 'Ein wenig Rost kann den Luftspalt um einen halben Millimeter vergrößern.',
  laySpacerUnder: 'Leg die Unterlage unter den Flansch: gerade so dick, dass der Ring nicht mehr streift',
  aSpacerCosts:
    'Jeder halbe Millimeter kostet etwa zwei Fünftel des Signals. Es ist ein Notbehelf: von Dauer ist nur der Ring.',
  lookForMarks: 'Zieh den Sensor nach 50 km noch einmal heraus und sieh seine Spitze auf frische Kratzer an',
  marksMean:
    'Frische Kratzer heißen, dass der Ring weiter quillt: dann hilft nur ein neuer Ring. Trag den Termin in deinen Kalender ein.',
  scrapeAndSandBore: 'Kratz und schleif Bohrung und Auflage bis aufs blanke Metall',
  rustUnderTheFlange: 'Rost unter dem Flansch hebt den Sensor; der Luftspalt wächst, das Signal geht.',
  turnTheHubA: 'Dreh die Nabe eine volle Umdrehung und sieh den Ring an',
  aScoredTipHas: 'Eine zerkratzte Spitze hat einen Grund: einen Riss, Rost oder einen Span am Ring.',
  layNewPartBeside: 'Leg das neue Teil neben das alte: Länge, Spitze, Ohr, Stecker, Halter',
  wrongPartsAreOften: 'Oft werden falsche Teile geliefert. Besser, du merkst es jetzt.',
  aFilmOfGrease: 'Ein Hauch Fett in die Bohrung, oder keiner: deine Wahl',
  greaseKeepsRustAway:
    'Fett hält Rost für den nächsten fern; manche lassen es trocken, manche ölen einen O-Ring. Alles geht; die Spitze bleibt sauber.',
  cutBackToSound: 'Schneid bis zum heilen, blanken Kupfer zurück',
  darkCopperDoesNot: 'Dunkles Kupfer nimmt kein Lot an.',
  slideTheSleeveOn: 'Schieb zuerst den Schlauch auf, verbinde Streifen mit Streifen, versetzt, dann schrumpf',
  ifYouForgetThe: 'Vergisst du den Schlauch, musst du die Verbindung noch einmal machen.',
  cleanDarkCopper: 'Reinige dunkles Kupfer, oder lass es weg, wo es blank ist',
  vinegarTakesOff:
    'Blankes Kupfer nimmt Lot und Quetschung an. Erst Schmirgel. Wo es dunkel bleibt und keine Länge zum Kürzen da ist: Essig mit Salz, dann Natron, spülen, trocknen.',
  setAPieceIn: 'Setz ein Stück ein, wo die Enden nicht mehr ohne Zug zusammenkommen',
  aStretchedLead:
    'Eine gespannte Leitung bricht wieder. Nimm verdrillte Leitung gleichen Querschnitts (0,5 bis 0,75 mm²), so lang wie das Herausgeschnittene und 20 mm mehr.',
  measureEachWire: 'Miss jede geflickte Ader von Ende zu Ende: unter 1 Ω und ruhig, während du sie bewegst',
  aJointHasNo: 'Eine gute Verbindung merkt kein Messgerät. Was jetzt springt, versagt auf der Straße.',
};
