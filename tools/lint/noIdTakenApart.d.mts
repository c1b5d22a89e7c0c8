import type { Rule } from 'eslint';

export const noIdTakenApart: Rule.RuleModule;
