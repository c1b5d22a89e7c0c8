import type { StepRow } from './step';

/** Steps that open the car, with how each is undone. Close-up is built backwards from those that were really done. */

export const CHOCK: StepRow = {
  id: 'chock',
  phase: 'make-safe',
  text: 'Park on flat hard ground and chock the wheels that stay down',
  why: 'The car must not move while a wheel is off the ground.',
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
  text: 'Loosen the wheel nuts a quarter turn, {where}',
  why: 'While the car stands on the ground the wheel cannot turn with them.',
  drawing: 'wheel-nut',
  tools: ['wheel brace'],
};
export const RAISED: StepRow = {
  id: 'raised',
  corner: true,
  phase: 'make-safe',
  text: 'Jack up {where}, set an axle stand under it and lower the car onto the stand',
  why: 'The stand carries the car. The jack is only for lifting.',
  drawing: 'stand',
  tools: ['jack', 'axle stand'],
  cautions: ['stands'],
  undo: {
    phase: 'close-up',
    text: 'Lift the car, take the stand away and lower the car to the ground',
    why: 'Look under the car first: no tool and no hand may be there.',
    drawing: 'stand',
    tools: ['jack'],
  },
};
export const WHEEL: StepRow = {
  id: 'wheel-off',
  corner: true,
  phase: 'reach-it',
  text: 'Take the wheel off, {where}',
  why: 'Sensor, lead and ring are behind it. Lay the wheel under the sill: it catches the car if the stand fails.',
  drawing: 'wheel',
  tools: ['wheel brace'],
  undo: {
    phase: 'close-up',
    text: 'Put the wheel on, start the nuts by hand, then tighten them lightly in a star pattern',
    why: 'By hand you feel a crossed thread before it does damage.',
    drawing: 'wheel',
    tools: ['wheel brace'],
  },
};
export const LINER: StepRow = {
  id: 'liner-off',
  corner: true,
  phase: 'reach-it',
  text: 'Open the arch liner as far as the plug',
  why: 'The plug sits behind it. Lay the fasteners out in the order in which they came off.',
  drawing: 'liner',
  tools: ['star bit', 'trim lever'],
  cautions: ['eyes'],
  undo: {
    phase: 'close-up',
    text: 'Put the arch liner back with every fastener',
    why: 'A loose liner rubs through the new lead.',
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
  undo: {
    phase: 'close-up',
    text: 'Push the trim back on until all clips hold',
    why: 'Count the clips: one that is left over will rattle or be missing.',
    drawing: 'liner',
  },
};
export const CALIPER: StepRow = {
  id: 'caliper-off',
  corner: true,
  phase: 'reach-it',
  text: 'Take caliper and bracket off in one piece and hang them up with wire',
  why: 'The sensor sits behind the disc.',
  drawing: 'caliper',
  tools: ['socket set', 'wire hook'],
  cautions: ['hose', 'dust'],
  undo: {
    phase: 'close-up',
    text: 'Put caliper and bracket back and tighten the bolts to the torque of the manual',
    why: 'These bolts take the braking force: fit new ones where the manual says so.',
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
  why: 'The sensor is behind it.',
  drawing: 'wheel',
  tools: ['soft hammer'],
  cautions: ['eyes'],
  undo: {
    phase: 'close-up',
    text: 'Clean the face of the hub and put the disc back',
    why: 'Rust behind the disc makes it wobble.',
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
  why: 'Slide the lock out, press the catch, then pull on the plug itself, never on the wires.',
  drawing: 'plug',
  tools: ['pick'],
  cautions: ['pull-body'],
  undo: {
    phase: 'fit',
    text: 'Push the plug together until it clicks, then tug at it',
    why: 'A plug that is not latched causes the same fault again.',
    drawing: 'plug',
  },
};
export const CLIPS: StepRow = {
  id: 'clips-out',
  corner: true,
  phase: 'reach-it',
  text: 'Take the lead out of its clips and count them',
  why: 'You check the number again at the end.',
  drawing: 'clip',
  tools: ['trim lever'],
  undo: {
    phase: 'fit',
    text: 'Put the lead into every clip, away from tyre and spring',
    why: 'Turn the steering both ways and watch the lead: it must not pull or rub anywhere.',
    drawing: 'clip',
  },
};
export const BOLT: StepRow = {
  id: 'bolt-out',
  corner: true,
  phase: 'free-it',
  text: "Take the sensor's bolt out",
  why: 'If it is rusty, use penetrant first: the bolt is small and breaks easily.',
  drawing: 'bolt',
  tools: ['inner-hex key', 'penetrant'],
  cautions: ['eyes'],
  undo: {
    phase: 'fit',
    text: "Start the sensor's bolt by hand, then tighten it to the torque of the manual",
    why: 'It only holds the flange down. Too much torque breaks the ear.',
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
  why: 'Turn it a little, then pull it straight out. If it does not move, go through the steps for a stuck sensor, the gentlest first.',
  drawing: 'turn',
  tools: ['grips, narrow jaw'],
  cautions: ['not-the-plastic'],
  ladder: 'stuck-sensor',
  undo: {
    phase: 'fit',
    text: 'Push the sensor in while turning it, until it sits flat',
    why: 'It must go in without force.',
    drawing: 'seat',
    cautions: ['no-force'],
  },
};
export const MODULE_PLUG: StepRow = {
  id: 'module-plug-apart',
  phase: 'reach-it',
  text: "Isolate the battery, then disconnect the module's plug",
  why: 'Its lever lifts the plug, and you see the pins.',
  drawing: 'plug',
  cautions: ['module-feed'],
  undo: {
    phase: 'close-up',
    text: "Put the module's plug on, close its lever completely and connect the battery again",
    why: 'A lever that is not fully closed lets water in.',
    drawing: 'plug',
  },
};
/** After the wheel is on and the car is down. */
export const WHEEL_TORQUE: StepRow = {
  id: 'wheel-torqued',
  corner: true,
  phase: 'close-up',
  text: 'Tighten the wheel nuts to torque in a star pattern, then go round once more',
  why: 'Do the last round with the wheel on the ground. Check the nuts again after 50 to 100 km.',
  drawing: 'torque',
  tools: ['torque wrench'],
  torque: 'wheel-nut',
};
export const PEDAL: StepRow = {
  id: 'pedal-pumped',
  phase: 'close-up',
  text: 'Pump the brake pedal until it is firm',
  why: 'The pads have moved away from the disc: the first press may go to the floor.',
  drawing: 'pedal',
  cautions: ['pedal'],
};
