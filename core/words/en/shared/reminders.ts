export const texts = {
  title: 'To be done later',
  done: 'Done',
  toCalendar: 'Save for my calendar',
  file: 'zelf-reminders.ics',
  product: '-//Zelf//Reminders//EN',
};
