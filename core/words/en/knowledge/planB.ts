export const texts = {
  lockingKey: 'Is the key of the locking wheel bolt in the car?',
  lockingKeyThen: 'Without it the wheel stays on. Get the key first, or one by its number.',
  bracket: 'Do the two bolts of the caliper bracket turn a little?',
  bracketThen: 'Try them before anything else is off. They carry the brake: a rounded one is work for a workshop.',
  bleedScrew: 'Can the caliper hang beside the hub with its hose on?',
  bleedScrewThen: 'Then no brake line is opened, and a seized bleed screw does not matter. If not, stop here.',
  sensorBreaks: 'If the sensor breaks, is the new one in your hand, with its O-ring?',
  sensorBreaksThen:
    'A car without this sensor drives without ABS until the new one is there. Buy first, pull afterwards.',
  hubNut: 'Do you have a bar of a metre, the right socket and a new hub nut?',
  hubNutThen: 'The nut is loosened with the wheel on the ground, and most are used only once.',
  shaft: 'Does the shaft move in the hub when you tap it with the nut on its end?',
  shaftThen: 'One that is rusted in needs a puller. The car must not be rolled while the nut is slack.',
  assembly: 'Is the part sold on its own, or only with the whole hub or shaft?',
  assemblyThen:
    'If only whole: enter the price of a new unit and of a used one above. A used one must turn without a rough spot, have no play, and come from the same axle with as many teeth. Seals and nut are new in any case.',
  press: 'Is the part pressed in, and who has a press?',
  pressThen: 'Many workshops press a bearing or a ring for a small sum if you bring the part: ask before you begin.',
};
