import type { texts as en } from '../../en/core/reminders';

export const texts: typeof en = {
  theCar: 'das Auto',
  nuts: (where) => `Radmuttern mit dem Drehmoment nachprüfen, ${where}`,
  nutsWhy: 'Sie setzen sich auf den ersten 50 bis 100 km.',
  tip: (where) => `Sensorspitze auf frische Kratzer ansehen, ${where}`,
  tipWhy: 'Frische Kratzer heißen, dass der Ring weiter quillt.',
  stopgap: (where) => `Die Unterlage ist ein Notbehelf: den neuen Ring einplanen, ${where}`,
  stopgapWhy: 'Ein rostender Ring quillt weiter.',
  sendBack: (item) => `Zurückschicken oder behalten: ${item}`,
  wrongPart: (what) => `Das falsche Teil zurückschicken (nicht gleich: ${what})`,
  sendBackWhy: 'Viele Läden nehmen ein unbenutztes Teil zwei Wochen lang zurück.',
  fastener: (many, name, where) => `Besorgen und einbauen: ${many} ${name}, ${where}`,
  fastenerWhy: 'Beim Zusammenbau wurde es weggelassen.',
};
