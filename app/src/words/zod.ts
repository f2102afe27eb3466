// What Metro gives whoever asks for 'zod' (metro.config.js): the library, told beforehand what it may do here and in which words it finds
// fault. It is made ready when the first form is, and not when a job opens.
import { config } from 'zod';
import { issueSays } from './faultWords';

// Compiling schemas takes `new Function`, which the page's security policy forbids.
config({ jitless: true, localeError: issueSays });

export * from 'zod';
