export const texts = {
  deleteWords: 'Delete',
  ol: 'OL',
};
