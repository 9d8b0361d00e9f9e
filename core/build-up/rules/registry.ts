import type { Rule } from '../rule.ts';
import { CLEANING } from './cleaning.ts';
import { FINISH } from './finish.ts';
import { KEYING } from './keying.ts';
import { PRIMING } from './priming.ts';
import { SAFETY } from './safety.ts';
import { TIMBER } from './timber.ts';

/** The rules of this trade, in the order of the work. To add one is to add an entry to one of these files. */
export const RULES: readonly Rule[] = [...CLEANING, ...KEYING, ...TIMBER, ...PRIMING, ...FINISH, ...SAFETY];

/** The rule with this id; undefined when there is none. */
export const ruleOf = (id: string): Rule | undefined => RULES.find((rule) => rule.id === id);
