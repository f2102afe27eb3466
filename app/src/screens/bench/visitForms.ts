// One chunk for all that asks about a visit: it brings the form and schema libraries, which nothing else needs.
import { config } from 'zod';

export { CheckIn } from './CheckIn';
export { EditJob } from './EditJob';

// Compiling schemas takes `new Function`, which the page's security policy forbids.
config({ jitless: true });
