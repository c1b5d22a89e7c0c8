import type { StepRow } from './step';

/** Steps that open the car, with how each is undone. Close-up is built backwards from those that were really done. */

export const CHOCK: StepRow = {
  id: 'chock',
  phase: 'make-safe',
  text: 'Park on flat hard ground and chock the wheels that stay down',
  why: 'A car that rolls off a stand is the one accident here that kills.',
  drawing: 'chock',
  tools: ['two chocks'],
  cautions: ['chock'],
};
export const IGNITION: StepRow = {
  id: 'ignition-off',
  phase: 'make-safe',
  text: 'Ignition off, key in your pocket',
  why: 'A plug opened under voltage sets new codes and can hurt the module.',
  drawing: 'key',
  cautions: ['ignition'],
};
export const NUTS: StepRow = {
  id: 'nuts-cracked',
  corner: true,
  phase: 'make-safe',
  text: 'Crack the wheel nuts, {where}, a quarter turn',
  why: 'On the ground the wheel cannot turn with them.',
  drawing: 'wheel-nut',
  tools: ['wheel brace'],
};
export const RAISED: StepRow = {
  id: 'raised',
  corner: true,
  phase: 'make-safe',
  text: 'Jack up {where}, set a stand, let the car down onto it',
  why: 'The stand carries, the jack only lifts.',
  drawing: 'stand',
  tools: ['jack', 'axle stand'],
  cautions: ['stands'],
  undo: {
    phase: 'close-up',
    text: 'Lift, take the stand away, let the car down',
    why: 'Look under it once: no tool, no hand.',
    drawing: 'stand',
    tools: ['jack'],
  },
};
export const WHEEL: StepRow = {
  id: 'wheel-off',
  corner: true,
  phase: 'reach-it',
  text: 'Take the wheel off, {where}',
  why: 'Sensor, lead and ring are behind it. Lay it under the sill as a second stand.',
  drawing: 'wheel',
  tools: ['wheel brace'],
  undo: {
    phase: 'close-up',
    text: 'Wheel on, nuts by hand first, then snug in a star',
    why: 'By hand you feel a crossed thread before it is one.',
    drawing: 'wheel',
    tools: ['wheel brace'],
  },
};
export const LINER: StepRow = {
  id: 'liner-off',
  corner: true,
  phase: 'reach-it',
  text: 'Open the arch liner as far as the plug',
  why: 'The plug sits behind it. Each fastener gets its place on the board.',
  drawing: 'liner',
  tools: ['star bit', 'trim lever'],
  cautions: ['eyes'],
  undo: {
    phase: 'close-up',
    text: 'Arch liner back, every fastener from the board',
    why: 'A liner that flaps takes the new lead with it.',
    drawing: 'liner',
    tools: ['star bit'],
  },
};
export const TRIM: StepRow = {
  id: 'trim-off',
  corner: true,
  phase: 'reach-it',
  text: 'Lift the trim over the plug',
  why: 'The plug sits under it.',
  drawing: 'liner',
  tools: ['trim lever'],
  undo: { phase: 'close-up', text: 'Trim back on, clips home', why: 'Left-over clips rattle.', drawing: 'liner' },
};
export const CALIPER: StepRow = {
  id: 'caliper-off',
  corner: true,
  phase: 'reach-it',
  text: 'Take caliper and bracket off as one and hang them up',
  why: 'The sensor sits behind the disc.',
  drawing: 'caliper',
  tools: ['socket set', 'wire hook'],
  cautions: ['hose', 'dust'],
  undo: {
    phase: 'close-up',
    text: 'Caliper and bracket back, bolts to torque',
    why: 'These bolts carry the braking: new ones where the manual says so.',
    drawing: 'torque',
    tools: ['torque wrench'],
    torque: 'caliper-bracket',
    cautions: ['pedal'],
  },
};
export const DISC: StepRow = {
  id: 'disc-off',
  corner: true,
  phase: 'reach-it',
  text: 'Take the disc off',
  why: 'Behind it you reach the sensor.',
  drawing: 'wheel',
  tools: ['soft hammer'],
  cautions: ['eyes'],
  undo: {
    phase: 'close-up',
    text: 'Disc back on a clean hub face',
    why: 'Rust behind it makes it wobble.',
    drawing: 'wheel',
    tools: ['wire brush'],
  },
};
export const PHOTO: StepRow = {
  id: 'photo',
  corner: true,
  phase: 'reach-it',
  text: "Photograph the lead's whole way",
  why: 'You will want it when the new one has four clips and you remember three.',
  drawing: 'photo',
  tools: ['phone'],
};
export const PLUG: StepRow = {
  id: 'plug-apart',
  corner: true,
  phase: 'reach-it',
  text: 'Disconnect the plug, {where}',
  why: 'Slide lock out, press, pull the body.',
  drawing: 'plug',
  tools: ['pick'],
  cautions: ['pull-body'],
  undo: {
    phase: 'fit',
    text: 'Plug together: click, then tug',
    why: 'A plug that is not latched is the fault you came for.',
    drawing: 'plug',
  },
};
export const CLIPS: StepRow = {
  id: 'clips-out',
  corner: true,
  phase: 'reach-it',
  text: 'Take the lead out of its clips and count them',
  why: 'The count comes back at the end.',
  drawing: 'clip',
  tools: ['trim lever'],
  undo: {
    phase: 'fit',
    text: 'Lead into every clip, clear of tyre and spring',
    why: 'Steer and bounce it in your mind: nowhere may it pull or rub.',
    drawing: 'clip',
  },
};
export const BOLT: StepRow = {
  id: 'bolt-out',
  corner: true,
  phase: 'free-it',
  text: "Take the sensor's bolt out",
  why: 'Penetrant first if it is rusty: it is small and snaps easily.',
  drawing: 'bolt',
  tools: ['inner-hex key', 'penetrant'],
  cautions: ['eyes'],
  undo: {
    phase: 'fit',
    text: "Sensor's bolt in by hand, then to torque",
    why: 'It only keeps the flange down; too much cracks the ear.',
    drawing: 'torque',
    tools: ['torque wrench'],
    torque: 'sensor-bolt',
  },
};
export const SENSOR: StepRow = {
  id: 'sensor-out',
  corner: true,
  phase: 'free-it',
  text: 'Pull the sensor out',
  why: 'Turn it a little, then straight out. If it will not move, climb the ladder, mildest first.',
  drawing: 'turn',
  tools: ['grips, narrow jaw'],
  cautions: ['not-the-plastic'],
  ladder: 'stuck-sensor',
  undo: {
    phase: 'fit',
    text: 'Seat the sensor by turning, flat on its face',
    why: 'It must drop in without force.',
    drawing: 'seat',
    cautions: ['no-force'],
  },
};
export const MODULE_PLUG: StepRow = {
  id: 'module-plug-apart',
  phase: 'reach-it',
  text: "Isolate the battery, then disconnect the module's plug",
  why: 'The lever lifts it; pins in view.',
  drawing: 'plug',
  cautions: ['module-feed'],
  undo: {
    phase: 'close-up',
    text: "Module's plug on, lever home, battery back",
    why: 'A lever half home lets water in.',
    drawing: 'plug',
  },
};
/** After the wheel is on and the car is down. */
export const WHEEL_TORQUE: StepRow = {
  id: 'wheel-torqued',
  corner: true,
  phase: 'close-up',
  text: 'Wheel nuts to torque, in a star, in two passes',
  why: 'On the ground for the last pass. Check again after 50 to 100 km.',
  drawing: 'torque',
  tools: ['torque wrench'],
  torque: 'wheel-nut',
};
export const PEDAL: StepRow = {
  id: 'pedal-pumped',
  phase: 'close-up',
  text: 'Pump the brake pedal until it is firm',
  why: 'The pads have moved; the first press goes to the floor.',
  drawing: 'pedal',
  cautions: ['pedal'],
};
