export const texts = {
  corners: 'Corners',
  short: {
    'front-left': 'FL',
    'front-right': 'FR',
    'rear-left': 'RL',
    'rear-right': 'RR',
    'rear-axle': 'R axle',
  },
};
