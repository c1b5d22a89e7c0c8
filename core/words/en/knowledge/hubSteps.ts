/** Rings and bearings: the steps at the hub. */
export const texts = {
  crackTheHubNut: 'Crack the hub nut while the wheel stands on the ground and somebody holds the brake',
  itTakesTheMost:
    'It takes the most torque of all: with the car in the air you would pull it off its stand. No hub nut behind the cap? Then say that this step is not needed.',
  takeTheHubUnit: 'Take the hub unit out by its bolts, from behind the knuckle',
  turnItInItsSeat:
    'Turn it in its seat before you pull. A bearing that is pressed into the knuckle is pressed by a workshop: take them the knuckle.',
  putTheHubUnit: 'Put the new hub unit in, its magnetic side towards the sensor',
  pressedInTheWrong: 'The wrong way round, the corner is deaf. The bolts are new where the manual says so.',
  holdTheCard: 'Hold a magnet card to both faces of the new bearing: the side that shows stripes goes to the sensor',
  onlyOneFaceCarries:
    'Only one face carries the magnetic ring, and both look alike. Keep tools with magnets away from it.',
  cleanTheHubSeat: 'Clean the seat in the knuckle to bright metal',
  rustInTheSeat: 'Rust in the seat sets the bearing askew: the gap then changes once a turn.',
  tightenTheHubNut: 'Tighten the new hub nut with the wheel on the ground, then lock it',
  aHubNutIsUsed: 'A hub nut is used once. Too loose, the bearing runs apart; too tight, it runs hot.',
  pushTheShaftOut: 'Push the drive shaft out of the hub and tie it up',
  tapTheNutNot:
    'Tap with the old nut screwed on flush, never on the bare thread. Do not let the joint hang or bend fully.',
  slideTheShaftBack: 'Slide the drive shaft back into the hub',
  turnTheSplines: 'Turn until the splines meet, and draw it in by the new nut.',
  takeTheOldRing: 'Note how deep the old ring sits, then split it or pull it off straight',
  neverHitTheJoint:
    'Never hit the joint, and do not cut into the metal under it. Rings sit on the drive shaft, on the hub or in the bearing: your manual says where.',
  brightUnderTheRing: 'Scrape and sand the seat of the ring to bright metal',
  theNewRingSplits: 'The new ring splits on the first rust that is left: that is why the old one did.',
  warmTheNewRing: 'Warm the new ring in hot water, push it on square, to the depth of the old one',
  itMustGoOn: 'It must go on by hand or with light taps all round. Compare the number of teeth first.',
  watchTheRingTurn: 'Turn it a full turn and watch the gap: it must not change by more than 0.3 mm',
  aRingThatWobbles: 'A ring that wobbles makes the speed tremble once a turn.',
  fitTheRightTyre: 'Have the odd tyre changed for one of the size on the door plate, like the other three',
  aSmallerTyreTurns: 'A smaller tyre turns faster: the module takes that for slip.',
  renewTheSwitch: 'Press the pedal, turn the old switch out, pull the new one’s plunger fully out and turn it in',
  letThePedalUp: 'Letting the pedal up sets the switch by itself. Have somebody look at the brake lights.',
};
