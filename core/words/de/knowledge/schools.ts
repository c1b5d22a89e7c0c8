import type { texts as en } from '../../en/knowledge/schools';

export const texts: typeof en = {
  lubricant: 'Etwas in die Bohrung?',
  grease: 'Ein Hauch Fett in der Bohrung',
  greaseWhy: 'Hält Rost fern, und der nächste geht von Hand heraus. Zu viel davon erreicht die Spitze.',
  oil: 'Ein Tropfen Achsöl auf den O-Ring',
  oilWhy: 'Der Ring gleitet hinein, ohne sich zu verdrehen. Gegen Rost hilft es nicht.',
  dry: 'Trocken und blank',
  dryWhy: 'Nichts kann die Spitze erreichen. Es rostet früher wieder.',
  joint: 'Wie die Adern verbinden?',
  solder: 'Löten, darüber Schlauch mit Kleber',
  solderWhy: 'Kleinster Widerstand, dicht. Steif neben der Lötstelle: nicht dort, wo sich die Leitung biegt.',
  solderSleeve: 'Schlauch mit Lot darin, Heißluft',
  solderSleeveWhy:
    'Schnell, dicht, kein Lötkolben nötig. Sieht fertig aus, bevor das Lot geflossen ist: achte auf den geschmolzenen Ring.',
  crimp: 'Dichter Quetschverbinder',
  crimpWhy: 'Verträgt Rütteln am besten, braucht keine Hitze. Nur so gut wie die Zange.',
  part: 'Welches Teil?',
  supplier: 'Vom Zulieferer des Herstellers, in eigener Schachtel',
  supplierWhy: 'Dasselbe Teil für etwa den halben Preis.',
  genuine: 'Original, vom Händler',
  genuineWhy: 'Es passt sicher. Es kostet zwei- bis viermal so viel wie ein Nachbau.',
  pattern: 'Ein Nachbau',
  patternWhy:
    'Kleinster Preis. Manche zeigen etwas außerhalb des gedruckten Bereichs, wenige passen nicht. Miss ihn, bevor du ihn einbaust.',
  used: 'Gebraucht, vom Verwerter',
  usedWhy: 'Für Teile, die es nicht mehr neu gibt. Miss es vorher; es ist so alt wie deins.',
};
