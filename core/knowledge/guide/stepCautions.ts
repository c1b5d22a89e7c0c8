import { texts } from '#words/knowledge/stepCautions';
/** What may hurt, where it matters. Each is said once per exposure. */
export const STEP_CAUTIONS: ReadonlyMap<string, string> = new Map([
  ['chock', texts.aCarThatRolls],
  ['stands', texts.neverGoUnderA],
  ['ignition', texts.switchTheIgnitionOff],
  ['high-voltage', texts.highVoltageCarSwitch],
  ['eyes', texts.wearEyeProtectionRust],
  ['hose', texts.aBrakeHoseThat],
  ['pull-body', texts.pullOnThePlugs],
  ['not-the-plastic', texts.gripTheMetalEar],
  ['heat', texts.heatTheHousingNot],
  ['part-in-hand', texts.thisDestroysTheOld],
  ['chips', texts.aSingleMetalChip],
  ['dust', texts.brakeDustHarmsYour],
  ['no-force', texts.forceBreaksTheSensor],
  ['grease', texts.keepGreaseOffThe],
  ['pedal', texts.theBrakesDoNot],
  ['module-feed', texts.theModulesPlugCarries],
  ['acid', texts.wearGlovesAndGoggles],
  ['flex', texts.aJointBreaksWhere],
]);
