export const texts = {
  cleanAround: 'Clean around',
  brushAndWipeAround: 'Brush and wipe around the sensor until you see where it ends and the knuckle begins.',
  dirtThatFallsInto: 'Dirt that falls into the bore jams the sensor, and penetrant cannot get through it.',
  penetrant: 'Penetrant',
  putPenetrantAllRound: 'Put penetrant all round, then wait. Overnight is better, and you can close Zelf meanwhile.',
  itNeedsTimeTo: 'It needs time to creep along the bore.',
  turn: 'Turn',
  turnItAFew:
    'Turn it a few degrees each way by its metal ear. If it moves even a little, add penetrant and try again.',
  rustHoldsItAll: 'Rust holds it all round. Turning breaks the rust loose before you pull.',
  rockEvenly: 'Rock evenly',
  leverALittleAt: 'Lever a little at one side, then at the other, under the flange. Never against the tip.',
  liftedEvenlyItCannot: 'Lifted evenly it cannot tilt and jam.',
  fromBehind: 'From behind',
  whereTheBoreIs: 'Where the bore is open behind, push or tap the sensor out with a soft drift.',
  pullingCanTearThe: 'Pulling can tear the head off, pushing does not.',
  warmTheHousing: 'Warm the housing',
  warmTheKnuckleAround:
    'Warm the knuckle around the bore with hot air, then turn and pull straight out with one firm pull.',
  heatWidensTheBore: 'Heat widens the bore around the sensor.',
  breakOut: 'Break out',
  closeTheBoreAnd:
    'Close the bore and cover the ring first. Cut the head off, drill out the core, fold the shell inwards and pull it out.',
  thisIsTheLast: 'This is the last way. It destroys the old sensor, but the bore must stay unharmed.',
};
