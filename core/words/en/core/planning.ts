export const texts = {
  noCode: 'no code',
  aCauseOfIts: 'a cause of its own',
  readCodesFirst: 'The car knows which wheel it is: read its codes before you take anything apart.',
  notOnAHunch: 'People often buy this part on a hunch: look or measure first.',
  oldCodesHide: 'Old codes hide the live one: erase them and see what returns.',
  whatScoredTheTip: 'Something scored this tip. Find it first, or it scores the new sensor too.',
  mendedAtOnce: 'It was seen, and it is mended in a moment for nothing.',
  spinItFirst: 'Your reader may have misnamed this wheel: spin it before you take anything apart.',
  proveItFirst: 'A repair is proved before anything else is looked for or bought.',
  doNotDrive: 'With a red brake lamp, a soft pedal or a leak, do not drive.',
  mostPointsToIt: 'Most of what you found points to this part: it can be mended now.',
};
