import type { texts as en } from '../../en/shared/reminders';

export const texts: typeof en = {
  title: 'Später zu tun',
  done: 'Getan',
  toCalendar: 'Für meinen Kalender speichern',
  file: 'zelf-erinnerungen.ics',
  product: '-//Zelf//Reminders//DE',
};
