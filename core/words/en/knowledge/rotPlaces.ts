/** Where sensor wires go bad: the place, and why there. */
export const texts = {
  firstClip: { name: 'First clip', why: 'Water sits under it and rots the wire.' },
  bracket: { name: 'Bracket', why: 'The lead bends here at every bump and breaks.' },
  tyre: { name: 'Tyre', why: 'A lead out of its clip is rubbed through.' },
  grommet: { name: 'Grommet', why: 'The lead chafes where it goes through metal.' },
  heatShield: { name: 'Heat shield', why: 'Near the exhaust the covering melts or cracks.' },
};
