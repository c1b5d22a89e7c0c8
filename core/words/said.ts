/** What is put into a text: words, or a number that is shown as it is. */
export type Said = string | number;
