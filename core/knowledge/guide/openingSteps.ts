import type { StepRow } from './step';
import { texts } from '#words/knowledge/openingSteps';

/** Steps that open the car, with how each is undone. Close-up is built backwards from those that were really done. */

export const CHOCK: StepRow = {
  id: 'chock',
  phase: 'make-safe',
  text: texts.parkOnFlatHard,
  why: texts.theCarMustNot,
  drawing: 'chock',
  tools: [texts.twoChocks],
  cautions: ['chock'],
};
export const IGNITION: StepRow = {
  id: 'ignition-off',
  phase: 'make-safe',
  text: texts.ignitionOffKeyIn,
  why: texts.aPlugOpenedUnder,
  drawing: 'key',
  cautions: ['ignition'],
};
export const NUTS: StepRow = {
  id: 'nuts-cracked',
  corner: true,
  phase: 'make-safe',
  text: texts.loosenTheWheelNuts,
  why: texts.whileTheCarStands,
  drawing: 'wheel-nut',
  tools: [texts.wheelBrace],
};
export const RAISED: StepRow = {
  id: 'raised',
  corner: true,
  phase: 'make-safe',
  text: texts.jackUpWhereSet,
  why: texts.theStandCarriesThe,
  drawing: 'stand',
  tools: [texts.jack, texts.axleStand],
  cautions: ['stands'],
  undo: {
    phase: 'close-up',
    text: texts.liftTheCarTake,
    why: texts.lookUnderTheCar,
    drawing: 'stand',
    tools: [texts.jack],
  },
};
export const WHEEL: StepRow = {
  id: 'wheel-off',
  corner: true,
  phase: 'reach-it',
  text: texts.takeTheWheelOff,
  why: texts.sensorLeadAndRing,
  drawing: 'wheel',
  tools: [texts.wheelBrace],
  undo: {
    phase: 'close-up',
    text: texts.putTheWheelOn,
    why: texts.byHandYouFeel,
    drawing: 'wheel',
    tools: [texts.wheelBrace],
  },
};
export const LINER: StepRow = {
  id: 'liner-off',
  corner: true,
  phase: 'reach-it',
  text: texts.openTheArchLiner,
  why: texts.thePlugSitsBehind,
  drawing: 'liner',
  tools: [texts.starBit, texts.trimLever],
  cautions: ['eyes'],
  undo: {
    phase: 'close-up',
    text: texts.putTheArchLiner,
    why: texts.aLooseLinerRubs,
    drawing: 'liner',
    tools: [texts.starBit],
  },
};
export const TRIM: StepRow = {
  id: 'trim-off',
  corner: true,
  phase: 'reach-it',
  text: texts.liftTheTrimOver,
  why: texts.thePlugSitsUnder,
  drawing: 'liner',
  tools: [texts.trimLever],
  undo: {
    phase: 'close-up',
    text: texts.pushTheTrimBack,
    why: texts.countTheClipsOne,
    drawing: 'liner',
  },
};
export const CALIPER: StepRow = {
  id: 'caliper-off',
  corner: true,
  phase: 'reach-it',
  text: texts.takeCaliperAndBracket,
  why: texts.theSensorSitsBehind,
  drawing: 'caliper',
  tools: [texts.socketSet, texts.wireHook],
  cautions: ['hose', 'dust'],
  undo: {
    phase: 'close-up',
    text: texts.putCaliperAndBracket,
    why: texts.theseBoltsTakeThe,
    drawing: 'torque',
    tools: [texts.torqueWrench],
    torque: 'caliper-bracket',
    cautions: ['pedal'],
  },
};
export const DISC: StepRow = {
  id: 'disc-off',
  corner: true,
  phase: 'reach-it',
  text: texts.takeTheDiscOff,
  why: texts.theSensorIsBehind,
  drawing: 'wheel',
  tools: [texts.softHammer],
  cautions: ['eyes'],
  undo: {
    phase: 'close-up',
    text: texts.cleanTheFaceOf,
    why: texts.rustBehindTheDisc,
    drawing: 'wheel',
    tools: [texts.wireBrush],
  },
};
export const PHOTO: StepRow = {
  id: 'photo',
  corner: true,
  phase: 'reach-it',
  text: texts.photographTheLeadsWhole,
  why: texts.youWillWantIt,
  drawing: 'photo',
  tools: [texts.phone],
};
export const PLUG: StepRow = {
  id: 'plug-apart',
  corner: true,
  phase: 'reach-it',
  text: texts.disconnectThePlugWhere,
  why: texts.slideTheLockOut,
  drawing: 'plug',
  tools: [texts.pick],
  cautions: ['pull-body'],
  undo: {
    phase: 'fit',
    text: texts.pushThePlugTogether,
    why: texts.aPlugThatIs,
    drawing: 'plug',
  },
};
export const CLIPS: StepRow = {
  id: 'clips-out',
  corner: true,
  phase: 'reach-it',
  text: texts.takeTheLeadOut,
  why: texts.youCheckTheNumber,
  drawing: 'clip',
  tools: [texts.trimLever],
  undo: {
    phase: 'fit',
    text: texts.putTheLeadInto,
    why: texts.turnTheSteeringBoth,
    drawing: 'clip',
  },
};
export const BOLT: StepRow = {
  id: 'bolt-out',
  corner: true,
  phase: 'free-it',
  text: texts.takeTheSensorsBolt,
  why: texts.ifItIsRusty,
  drawing: 'bolt',
  tools: [texts.innerHexKey, texts.penetrant],
  cautions: ['eyes'],
  undo: {
    phase: 'fit',
    text: texts.startTheSensorsBolt,
    why: texts.itOnlyHoldsThe,
    drawing: 'torque',
    tools: [texts.torqueWrench],
    torque: 'sensor-bolt',
  },
};
export const SENSOR: StepRow = {
  id: 'sensor-out',
  corner: true,
  phase: 'free-it',
  text: texts.pullTheSensorOut,
  why: texts.turnItALittle,
  drawing: 'turn',
  tools: [texts.gripsNarrowJaw],
  cautions: ['not-the-plastic'],
  ladder: 'stuck-sensor',
  undo: {
    phase: 'fit',
    text: texts.pushTheSensorIn,
    why: texts.itMustGoIn,
    drawing: 'seat',
    cautions: ['no-force'],
  },
};
export const MODULE_PLUG: StepRow = {
  id: 'module-plug-apart',
  phase: 'reach-it',
  text: texts.isolateTheBatteryThen,
  why: texts.itsLeverLiftsThe,
  drawing: 'plug',
  cautions: ['module-feed'],
  undo: {
    phase: 'close-up',
    text: texts.putTheModulesPlug,
    why: texts.aLeverThatIs,
    drawing: 'plug',
  },
};
/** After the wheel is on and the car is down. */
export const WHEEL_TORQUE: StepRow = {
  id: 'wheel-torqued',
  corner: true,
  phase: 'close-up',
  text: texts.tightenTheWheelNuts,
  why: texts.doTheLastRound,
  drawing: 'torque',
  tools: [texts.torqueWrench],
  torque: 'wheel-nut',
};
export const PEDAL: StepRow = {
  id: 'pedal-pumped',
  phase: 'close-up',
  text: texts.pumpTheBrakePedal,
  why: texts.thePadsHaveMoved,
  drawing: 'pedal',
  cautions: ['pedal'],
};
