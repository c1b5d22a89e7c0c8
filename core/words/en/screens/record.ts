import type { Said } from '../../said';

export const texts = {
  photos: 'Photos',
  lead: 'Record of one job, from the first lamp to proof that it stays off',
  printed: (day: Said) => `printed ${day}`,
  registration: 'Registration (fill in by hand)',
  dateAndSignature: 'Date and signature',
  withCosts: 'With costs',
  print: 'Print, or save as PDF',
  markdown: 'Save as Markdown',
  readings: 'Readings as CSV',
  ledger: 'Costs as CSV',
  askOthers: 'Ask others: save as text',
  cause: 'Cause',
  cured: 'What cured it',
  likeliest: (fault: Said, where: Said, percent: Said) => `Most likely ${fault}${where}: ${percent}.`,
  scale: (value: Said, min: Said, max: Said) => `${value}; the band goes from ${min} to ${max}`,
  backToNotebook: 'Notebook',
  nothingYet: 'Nothing was noted in this job yet. The record fills as you go.',
  files: {
    markdown: 'zelf-record.md',
    readings: 'zelf-readings.csv',
    ledger: 'zelf-costs.csv',
    question: 'zelf-question.txt',
    questionWithPictures: 'zelf-question.zip',
  },
};
