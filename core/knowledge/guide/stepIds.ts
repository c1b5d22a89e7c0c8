/** Every step that a guide may have; the drawing room has a drawing for each. */
export const STEP_IDS = [
  'chock',
  'ignition-off',
  'nuts-cracked',
  'raised',
  'wheel-off',
  'liner-off',
  'trim-off',
  'caliper-off',
  'disc-off',
  'photo',
  'plug-apart',
  'clips-out',
  'bolt-out',
  'sensor-out',
  'module-plug-apart',
  'wheel-torqued',
  'pedal-pumped',
  'ring-cleaned',
  'ring-seen',
  'bore-bright',
  'flange-flat',
  'part-compared',
  'bore-greased',
  'tip-cleaned',
  'wire-cut',
  'wire-sleeved',
  'wire-twisted',
  'pins-cleaned',
  'seal-seen',
  'pins-seen',
  'break-found',
  'loom-closed',
  'module-pins-cleaned',
  'battery-charged',
  'feed-mended',
  'fluid-topped',
] as const;
export type StepId = (typeof STEP_IDS)[number];

/** Rungs of the ladder for a sensor that will not come out, mildest first. */
export const RUNG_IDS = ['clean-around', 'penetrant', 'turn', 'rock', 'from-behind', 'warm', 'break-out'] as const;
export type RungId = (typeof RUNG_IDS)[number];
