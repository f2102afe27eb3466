import { ledger } from './en/ledger';
import { inUse } from './language';

export const ledgerWords = inUse('ledger', ledger);
