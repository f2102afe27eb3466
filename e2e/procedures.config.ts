import { defineConfig } from '@playwright/test';
import usual, { PHONE } from './playwright.config';

/** The walk through every procedure, at phone size alone. */
export default defineConfig({
  ...usual,
  testMatch: '*.walk.ts',
  reporter: [['list']],
  projects: [{ name: 'phone', use: { viewport: PHONE, hasTouch: true } }],
});
