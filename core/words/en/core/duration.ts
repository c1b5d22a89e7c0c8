import type { Said } from '../../said';

export const texts = {
  minutes: (minutes: Said) => `${minutes} min`,
  hours: (hours: Said) => `${hours} h`,
  hoursAndMinutes: (hours: Said, minutes: Said) => `${hours} h ${minutes} min`,
};
