// Builds when something has changed since the last time.
import { build } from './prepare.mjs';

await build();
