import type { texts as en } from '../../en/core/duration';

export const texts: typeof en = {
  minutes: (minutes) => `${minutes} min`,
  hours: (hours) => `${hours} h`,
  hoursAndMinutes: (hours, minutes) => `${hours} h ${minutes} min`,
};
