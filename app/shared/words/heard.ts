/**
 * The name of something that shows only a short one: who speaks to the screen says what stands there, who listens hears it all (WCAG 2.5.3).
 * @param short what stands on the screen. @param full its name.
 */
export const heard = (short: string, full: string): string =>
  full.toLowerCase().includes(short.toLowerCase()) ? full : `${short}, ${full}`;
