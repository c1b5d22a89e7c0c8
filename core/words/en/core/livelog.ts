export const texts = {
  isNoTextFile: 'is no text file; export the recording as CSV',
  isEmpty: 'is empty',
  namesNoWheel:
    'names no wheel in its first 50 lines; one column must be called such as "front left", "FL" or "wheel speed rear right"',
  hasNoTime: 'has no column of time; one must be called such as "Time" or "Timestamp"',
  hasNoRows: 'has no rows of figures below its header',
  lineTooLong: 'is longer than a megabyte and was left out',
  rowWithoutTime: 'has no time that can be read and was left out',
  rateTooLow:
    'At this many readings a second, trembling once a wheel turn cannot be seen. Record faster, or drive slower.',
  sidesCrossed:
    'In bends one axle runs against the other: its left and right are named the wrong way round. Spin one wheel by hand to see which.',
  tooShort: 'The car hardly moves in this recording: nothing can be said of the wheels.',
  quoteNeverCloses: 'begins a quote that never closes; all below it was left out',
};
