import type { StepRow } from './step';
import { texts } from '#words/knowledge/openingSteps';

/** Steps that open the car, with how each is undone. Close-up is built backwards from those that were really done. */

export const CHOCK: StepRow = {
  id: 'chock',
  phase: 'make-safe',
  text: texts.parkOnFlatHard,
  why: texts.theCarMustNot,
  tools: ['chocks'],
  cautions: ['chock'],
};
export const IGNITION: StepRow = {
  id: 'ignition-off',
  phase: 'make-safe',
  text: texts.ignitionOffKeyIn,
  why: texts.aPlugOpenedUnder,
  cautions: ['ignition'],
};
export const NUTS: StepRow = {
  id: 'nuts-cracked',
  needs: ['chock'],
  corner: true,
  phase: 'make-safe',
  text: texts.loosenTheWheelNuts,
  why: texts.whileTheCarStands,
  tools: ['wheel-brace'],
  ladder: 'locking-bolt',
};
export const RAISED: StepRow = {
  id: 'raised',
  needs: ['chock'],
  corner: true,
  phase: 'make-safe',
  text: texts.jackUpWhereSet,
  why: texts.theStandCarriesThe,
  tools: ['jack', 'axle-stand'],
  cautions: ['stands'],
  undo: {
    phase: 'close-up',
    text: texts.liftTheCarTake,
    why: texts.lookUnderTheCar,
    tools: ['jack'],
  },
};
export const WHEEL: StepRow = {
  id: 'wheel-off',
  needs: ['nuts-cracked', 'raised'],
  corner: true,
  phase: 'reach-it',
  text: texts.takeTheWheelOff,
  why: texts.sensorLeadAndRing,
  tools: ['wheel-brace'],
  undo: {
    phase: 'close-up',
    text: texts.putTheWheelOn,
    why: texts.byHandYouFeel,
    tools: ['wheel-brace'],
  },
};
export const LINER: StepRow = {
  id: 'liner-off',
  corner: true,
  phase: 'reach-it',
  text: texts.openTheArchLiner,
  why: texts.thePlugSitsBehind,
  tools: ['star-bit', 'trim-lever'],
  cautions: ['eyes'],
  undo: {
    phase: 'close-up',
    text: texts.putTheArchLiner,
    why: texts.aLooseLinerRubs,
    tools: ['star-bit'],
  },
};
export const TRIM: StepRow = {
  id: 'trim-off',
  corner: true,
  phase: 'reach-it',
  text: texts.liftTheTrimOver,
  why: texts.thePlugSitsUnder,
  tools: ['trim-lever'],
  undo: {
    phase: 'close-up',
    text: texts.pushTheTrimBack,
    why: texts.countTheClipsOne,
  },
};
export const CALIPER: StepRow = {
  id: 'caliper-off',
  needs: ['wheel-off'],
  corner: true,
  phase: 'reach-it',
  text: texts.takeCaliperAndBracket,
  why: texts.theSensorSitsBehind,
  tools: ['socket-set', 'wire-hook'],
  cautions: ['hose', 'dust'],
  ladder: 'seized-bracket',
  undo: {
    phase: 'close-up',
    text: texts.putCaliperAndBracket,
    why: texts.theseBoltsTakeThe,
    tools: ['torque-wrench'],
    torque: 'caliper-bracket',
    cautions: ['pedal'],
  },
};
export const DISC: StepRow = {
  id: 'disc-off',
  needs: ['caliper-off'],
  corner: true,
  phase: 'reach-it',
  text: texts.takeTheDiscOff,
  why: texts.theSensorIsBehind,
  tools: ['soft-hammer'],
  cautions: ['eyes'],
  undo: {
    phase: 'close-up',
    text: texts.cleanTheFaceOf,
    why: texts.rustBehindTheDisc,
    tools: ['wire-brush'],
  },
};
export const PHOTO: StepRow = {
  id: 'photo',
  corner: true,
  phase: 'reach-it',
  text: texts.photographTheLeadsWhole,
  why: texts.youWillWantIt,
  tools: ['phone'],
};
export const PLUG: StepRow = {
  id: 'plug-apart',
  needs: ['photo'],
  corner: true,
  phase: 'reach-it',
  text: texts.disconnectThePlugWhere,
  why: texts.slideTheLockOut,
  tools: ['pick'],
  cautions: ['pull-body'],
  undo: {
    phase: 'fit',
    text: texts.pushThePlugTogether,
    why: texts.aPlugThatIs,
  },
};
export const CLIPS: StepRow = {
  id: 'clips-out',
  needs: ['photo'],
  corner: true,
  phase: 'reach-it',
  text: texts.takeTheLeadOut,
  why: texts.youCheckTheNumber,
  tools: ['trim-lever'],
  undo: {
    phase: 'fit',
    text: texts.putTheLeadInto,
    why: texts.turnTheSteeringBoth,
  },
};
export const BOLT: StepRow = {
  id: 'bolt-out',
  corner: true,
  phase: 'free-it',
  text: texts.takeTheSensorsBolt,
  why: texts.ifItIsRusty,
  tools: ['inner-hex-key', 'penetrant'],
  cautions: ['eyes'],
  ladder: 'sheared-bolt',
  undo: {
    phase: 'fit',
    text: texts.startTheSensorsBolt,
    why: texts.itOnlyHoldsThe,
    tools: ['torque-wrench'],
    torque: 'sensor-bolt',
  },
};
export const SENSOR: StepRow = {
  id: 'sensor-out',
  needs: ['bolt-out'],
  corner: true,
  phase: 'free-it',
  text: texts.pullTheSensorOut,
  why: texts.turnItALittle,
  tools: ['grips'],
  cautions: ['not-the-plastic'],
  ladder: 'stuck-sensor',
  undo: {
    phase: 'fit',
    text: texts.pushTheSensorIn,
    why: texts.itMustGoIn,
    cautions: ['no-force'],
  },
};
export const MODULE_PLUG: StepRow = {
  id: 'module-plug-apart',
  needs: ['ignition-off'],
  phase: 'reach-it',
  text: texts.isolateTheBatteryThen,
  why: texts.itsLeverLiftsThe,
  cautions: ['module-feed'],
  undo: {
    phase: 'close-up',
    text: texts.putTheModulesPlug,
    why: texts.aLeverThatIs,
  },
};
/** After the wheel is on and the car is down. */
export const WHEEL_TORQUE: StepRow = {
  id: 'wheel-torqued',
  corner: true,
  phase: 'close-up',
  text: texts.tightenTheWheelNuts,
  why: texts.doTheLastRound,
  tools: ['torque-wrench'],
  torque: 'wheel-nut',
};
export const PEDAL: StepRow = {
  id: 'pedal-pumped',
  phase: 'close-up',
  text: texts.pumpTheBrakePedal,
  why: texts.thePadsHaveMoved,
  cautions: ['pedal'],
};
