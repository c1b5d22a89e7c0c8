import type { Said } from '../../said';

export const texts = {
  theCar: 'the car',
  nuts: (where: Said) => `Check the wheel nuts at their torque, ${where}`,
  nutsWhy: 'They settle in the first 50 to 100 km (30 to 60 miles).',
  tip: (where: Said) => `Look at the sensor's tip for fresh marks, ${where}`,
  tipWhy: 'Fresh marks mean that the ring swells on.',
  stopgap: (where: Said) => `The spacer is a stopgap: plan the new ring, ${where}`,
  stopgapWhy: 'A ring that rusts goes on swelling.',
  sendBack: (item: Said) => `Send back or keep: ${item}`,
  wrongPart: (what: Said) => `Send the wrong part back (not the same: ${what})`,
  sendBackWhy: 'Many shops take an unused part back for two weeks.',
  fastener: (many: Said, name: Said, where: Said) => `Get and fit ${many} ${name}, ${where}`,
  fastenerWhy: 'It was left out when you closed up.',
};
