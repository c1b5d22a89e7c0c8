export const texts = {
  thisJobIsNot: 'This job is not in this browser',
  itMayHaveBeen: 'It may have been removed, it may be damaged, or it lives on another device. Look in the garage.',
  toTheGarage: 'To the garage',
  notebook: 'Notebook',
  whatIsTypedUnder: 'What is typed under Codes is not recorded yet.',
  thisPageDoesNot: 'This page does not exist',
  theAddressIsWrong: 'The address is wrong. All your jobs are in the garage.',
};
