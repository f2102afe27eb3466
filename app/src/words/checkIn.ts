import { checkIn } from './en/checkIn';
import { inUse } from './language';

export const checkInWords = inUse('checkIn', checkIn);
