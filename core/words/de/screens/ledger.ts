import { plural } from '../language';
import type { texts as en } from '../../en/screens/ledger';

export const texts: typeof en = {
  title: 'Was es gekostet hat',
  inShort: (spent, saved) => (saved ? `${spent} ausgegeben, ${saved} weniger als das Angebot` : `${spent} ausgegeben`),
  besideTheWorkshop: 'Neben der Werkstatt',
  quote: 'Angebot',
  asked: 'verlangt',
  savedMoney: 'du hast gespart',
  savedWithHours: 'deine Stunden bezahlt',
  timeSaid: (time) => `Du hast ${time} daran gearbeitet.`,
  timeReckoned: (time) => `Nach den Zeiten der Einträge hast du etwa ${time} daran gearbeitet.`,
  hoursAreWorth: (worth, hour) => `Bei ${hour} die Stunde sind das ${worth}.`,
  hoursItTook: 'Stunden, die es brauchte',
  vehicleSoFar: (total, count) =>
    plural(count, {
      one: `Dieses Fahrzeug bisher: ${String(total)} für Reparaturen, in 1 Auftrag. Werkzeug und Vorrat zählen nicht mit.`,
      other: `Dieses Fahrzeug bisher: ${String(total)} für Reparaturen, in # Aufträgen. Werkzeug und Vorrat zählen nicht mit.`,
    }),
  forNothing: (wasted, repairs) =>
    plural(repairs, {
      one: `Umsonst gekaufte Teile: ${String(wasted)}. Eine Reparatur hat nichts geändert.`,
      other: `Umsonst gekaufte Teile: ${String(wasted)}. Reparaturen, die nichts geändert haben: #.`,
    }),
  otherCurrencies: (count) =>
    plural(count, {
      one: '1 Eintrag hat eine andere Währung und zählt in keiner Summe.',
      other: '# Einträge haben eine andere Währung und zählen in keiner Summe.',
    }),
  lesson: 'Die Lehre',
  whatWouldHave: 'Was wäre günstiger gewesen?',
  playing: 'Ein solches Auto wird auf der Werkbank durchgespielt',
  cannotPlay: 'Die Werkbank konnte ein solches Auto nicht durchspielen. An deinem Auftrag hat sich nichts geändert.',
  itWas: (fault) => `Es war: ${fault}. An einem Auto wie deinem mit diesem Fehler ginge Zelf so vor:`,
  roadTakes: (time, own) => `Das dauert etwa ${time}. Du hast ${own} gearbeitet.`,
};
