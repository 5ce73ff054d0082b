import { defineConfig } from 'drizzle-kit';

export default defineConfig({ dialect: 'postgresql', schema: './server/db/tables.ts', out: './server/db/migrations' });
