/** The way of a sensor's lead through the car. */
export const texts = {
  whereItGoesBad: 'Where it goes bad',
  solidAndDashed: 'The lead is drawn solid, the harness to the module dashed. Yours may take another way.',
  usualWay:
    'The usual way: the lead is drawn solid, the harness dashed. Say on the spec sheet where your plug sits, and the drawing follows.',
};
