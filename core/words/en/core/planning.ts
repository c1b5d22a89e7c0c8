export const texts = {
  noCode: 'no code',
  aCauseOfIts: 'a cause of its own',
  whileOnlyLampsAre:
    'While only lamps are known, the ABS lamp among them, codes are read first; later the repair of what is at fault stands second at the latest, of what is suspect third.',
  theCarKnowsThe:
    'The car knows the corner; and who has seen enough must find the repair at once, whatever could still be looked at.',
  whatPeopleBuyOn:
    'What people buy on a hunch is measured first, a scored tip has its ring and bearing looked at, old codes are erased.',
  aBatteryASwitch:
    'A battery, a switch or a tyre is seldom the fault; a swollen ring would score the new tip too; old codes hide the live one.',
  whatWasSeenAnd: 'What was seen and is mended in a moment for nothing is done at once.',
  pluggingInAndTrying: 'Plugging in and trying costs less than any measurement.',
  beforeAnythingIsTaken:
    'Before anything is taken apart at a wheel that the reader may have misnamed, that wheel is spun by hand.',
  aPartFittedAt: 'A part fitted at the wrong corner is money lost, however good the diagnosis.',
  afterARepairNothing:
    'After a repair nothing else is looked for or bought before it has been proved, nor while nothing comes back; only what has been seen broken since is mended first.',
  aLampThatIs:
    'A lamp that is still lit proves nothing until codes are erased and the car has been driven; but do not drive with a plug disconnected just to prove it.',
  withARedBrake: 'With a red brake lamp, a soft pedal or a leak, do not drive.',
  hydraulicsAndBrakeForce: 'Hydraulics and brake force come before any sensor.',
};
