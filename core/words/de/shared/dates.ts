import type { texts as en } from '../../en/shared/dates';

export const texts: typeof en = {
  weekdays: ['Sonntag', 'Montag', 'Dienstag', 'Mittwoch', 'Donnerstag', 'Freitag', 'Samstag'],
  months: [
    'Januar',
    'Februar',
    'März',
    'April',
    'Mai',
    'Juni',
    'Juli',
    'August',
    'September',
    'Oktober',
    'November',
    'Dezember',
  ],
  shortMonths: ['Jan.', 'Feb.', 'März', 'Apr.', 'Mai', 'Juni', 'Juli', 'Aug.', 'Sept.', 'Okt.', 'Nov.', 'Dez.'],
  day: (day, month) => `${day}. ${month}`,
  onWeekday: (weekday, day) => `${weekday}, ${day}`,
  atTime: (day, time) => `${day}, ${time}`,
};
