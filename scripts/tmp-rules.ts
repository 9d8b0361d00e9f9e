import { RULES } from '../core/build-up/rules/registry.ts';
for (const r of RULES) console.log([r.id, r.severity, r.reason, r.fixText].join(' | '));
