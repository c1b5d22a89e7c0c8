import { texts } from '#words/knowledge/rotPlaces';

/** Where sensor wires go bad, from the wheel to the body, and why there (trade experience). */
export const ROT_PLACES = {
  'first-clip': texts.firstClip,
  bracket: texts.bracket,
  tyre: texts.tyre,
  grommet: texts.grommet,
  'heat-shield': texts.heatShield,
} as const;

export type RotPlace = keyof typeof ROT_PLACES;
