/** Days and times for the eye. They stand here because asking the browser for them takes 25 ms of the first view. */
export const texts = {
  /** From Sunday. */
  weekdays: ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday'],
  months: [
    'January',
    'February',
    'March',
    'April',
    'May',
    'June',
    'July',
    'August',
    'September',
    'October',
    'November',
    'December',
  ],
  shortMonths: ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sept', 'Oct', 'Nov', 'Dec'],
  /** @param day of the month, from 1. @param month its name. */
  day: (day: number, month: string) => `${day} ${month}`,
  onWeekday: (weekday: string, day: string) => `${weekday} ${day}`,
  atTime: (day: string, time: string) => `${day}, ${time}`,
};
