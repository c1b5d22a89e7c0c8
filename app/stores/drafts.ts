import { shallowReactive } from 'vue';

/** What is typed and not yet kept, by the draft's name: so that the bar can say of it. */
export const typedDrafts = shallowReactive(new Map<string, string>());
