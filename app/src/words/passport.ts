import { passport } from './en/passport';
import { inUse } from './language';

export const passportWords = inUse('passport', passport);
