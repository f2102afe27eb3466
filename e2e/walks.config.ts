import { defineConfig } from '@playwright/test';
import { PHONE } from '../scripts/chromium';
import usual from './playwright.config';

/** The long walks, at phone size alone: every page, every procedure, every complaint, a bad day of two phones. */
export default defineConfig({
  ...usual,
  testMatch: '*.walk.ts',
  reporter: [['list']],
  projects: [{ name: 'phone', use: { viewport: PHONE, hasTouch: true } }],
});
