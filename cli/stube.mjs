#!/usr/bin/env node
// The commands are TypeScript; tsx lets them run from the sources without a build.
import { register } from 'tsx/esm/api';
register();
await import('./main.ts');
