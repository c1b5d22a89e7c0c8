export const texts = {
  tryTheSensorDry: 'Try the sensor dry: it must sit flat without force',
  aLittleRustCan: 'A little rust can make the gap half a millimetre wider.',
  laySpacerUnder: 'Lay the spacer under the flange: just thick enough that the ring no longer rubs',
  aSpacerCosts:
    'Each half millimetre costs about two fifths of the signal. It is a stopgap: the lasting repair is the ring.',
  lookForMarks: 'After 50 km (30 miles) pull the sensor once more and look at its tip for fresh marks',
  marksMean: 'Fresh marks mean that the ring swells on: then only a new ring helps. Put the date into your calendar.',
  scrapeAndSandBore: 'Scrape and sand bore and face to bright metal',
  rustUnderTheFlange: 'Rust under the flange lifts the sensor; the gap grows, the signal goes.',
  turnTheHubA: 'Turn the hub a full turn and look at the ring',
  aScoredTipHas: 'A scored tip has a cause: a crack, rust or a chip on the ring.',
  layNewPartBeside: 'Lay new part beside old: length, tip, ear, plug, clips',
  wrongPartsAreOften: 'Wrong parts are often delivered. It is better to notice now.',
  aFilmOfGrease: 'A film of grease in the bore, or none: your choice',
  greaseKeepsRustAway:
    'Grease keeps rust away for the next one; some leave it dry, some oil an O-ring. All work; the tip stays clean.',
  cutBackToSound: 'Cut back to sound, bright copper',
  darkCopperDoesNot: 'Dark copper does not take solder.',
  slideTheSleeveOn: 'Slide the sleeve on first, join stripe to stripe with the joints staggered, then shrink',
  ifYouForgetThe: 'If you forget the sleeve, you have to make the joint again.',
  cleanDarkCopper: 'Clean dark copper, or leave this out where it is bright',
  vinegarTakesOff:
    'Bright copper takes solder and crimp. Emery first. Where it stays dark and there is no length to cut back: vinegar with salt, then bicarbonate of soda, rinse, dry.',
  setAPieceIn: 'Set a piece in where the ends no longer meet without a pull',
  aStretchedLead:
    'A stretched lead breaks again. Use twisted wire of the same cross-section (0.5 to 0.75 mm²), as long as what was cut out and 20 mm more.',
  measureEachWire: 'Measure each mended wire from end to end: under 1 Ω and steady while you move it',
  aJointHasNo: 'A good joint cannot be felt on a meter. What jumps now will fail on the road.',
};
