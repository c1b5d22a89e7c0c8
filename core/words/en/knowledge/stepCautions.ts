export const texts = {
  aCarThatRolls:
    'A car that rolls can kill. Chock the wheels first. Work at the rear needs the parking brake off; for an electric one follow the service mode in the manual.',
  neverGoUnderA:
    'Never go under a car that stands only on a jack. Use the jacking points of the manual, hard ground and an axle stand, then push the car to test it.',
  switchTheIgnitionOff: 'Switch the ignition off and take the key away before you open any plug.',
  highVoltageCarSwitch:
    'High-voltage car: switch it off, keep its key out of reach, make the 12 V side dead as its manual says. Never touch orange parts; what lies behind them is for a professional.',
  wearEyeProtectionRust: 'Wear eye protection: rust, springs and clips can fly off.',
  aBrakeHoseThat: 'A brake hose that carries the caliper can tear inside. Hang the caliper from the spring with wire.',
  pullOnThePlugs: 'Pull on the plug’s body, never on the wires.',
  gripTheMetalEar:
    'Grip the metal ear, not the plastic. If the sensor breaks you have to drill it out, so have the new part ready.',
  heatTheHousingNot:
    'Heat the housing, not the sensor, with hot air and never with a flame. Wipe penetrant off first. Keep away from hoses, boots, brake fluid and bearing seals. Never heat chlorinated cleaner: it turns into poisonous gas.',
  thisDestroysTheOld: 'This destroys the old sensor. Do not start without the new one in your hand.',
  aSingleMetalChip:
    'A single metal chip on the ring is a new fault. Close the bore, vacuum, turn the ring a full turn and look.',
  brakeDustHarmsYour: 'Brake dust harms your lungs. Do not blow it away, wipe it with a damp cloth.',
  forceBreaksTheSensor:
    'Force breaks the sensor. If it does not go in by hand while turning, the bore is not clean yet.',
  keepGreaseOffThe: 'Keep grease off the tip, the ring, the disc and the pads. No copper paste near a magnetic ring.',
  theBrakesDoNot: 'The brakes do not work at the first press. Pump the pedal until it is firm before the car moves.',
  theModulesPlugCarries:
    "The module's plug carries strong currents. Disconnect the battery as the manual says, and never bridge two pins.",
  wearGlovesAndGoggles:
    'Wear gloves and goggles. Soak 15 minutes in vinegar and salt, rinse with bicarbonate of soda, then with water. Never use battery acid.',
  aJointBreaksWhere: 'A joint breaks where the lead bends. Replace the lead there instead of joining it.',
};
