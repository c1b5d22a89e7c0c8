export const texts = {
  earlierWork: 'Earlier work',
  thinkWhatWasWorked: 'Think: what was worked on last, and at which corner?',
  ifSomebodyWorkedAt: 'If somebody worked at this corner lately, what they touched is looked at first.',
  theManualsFigure: "The manual's figure",
  findTheCoilsResistance: "Find the coil's resistance in the manual",
  ifYourReadingLies:
    "If your reading lies outside the manual's band, the sensor is the fault. If it lies inside, look at the wiring.",
  theCoilsResistanceFrom: "The coil's resistance, from the manual",
  codes: 'Codes',
  readTheCodesAll: 'Read the codes, all modules',
  ifACodeNames:
    'If a code names a wheel, you look at that corner alone. If there is none, look at fluid, battery and switch.',
  erased: 'Erased',
  writeTheCodesDown: 'Write the codes down, erase them, then see what comes back',
  ifACodeIs:
    'If a code is back at key-on, the fault is electrical. If it is back on moving, look at ring and gap. If it stays away, it was history.',
  sensorKind: 'Sensor kind',
  findOutWhetherThe: 'Find out whether the sensors are passive or active',
  ifTheyAreActive:
    'If they are active, ohms across them mean nothing; if they are passive, there is no feed to measure.',
  whichKindOfSensor: 'Which kind of sensor does this car have?',
};
