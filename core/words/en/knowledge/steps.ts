export const texts = {
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
};
