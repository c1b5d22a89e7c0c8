import type { Rule } from 'eslint';

export const noLimitOutsideKnowledge: Rule.RuleModule;
