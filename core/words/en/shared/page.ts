/** What the page says before the program is there. */
export const texts = {
  description: 'A brake warning lamp comes on: Zelf helps you find the fault, repair it and prove that it is gone.',
  promise: 'A warning lamp comes on. Zelf helps you find the fault, repair it and prove that it is gone.',
  settings: 'Settings',
  needsScript: 'Zelf needs JavaScript; everything runs on your device.',
  appDescription: 'From a brake warning lamp to proof that it stays off.',
};
