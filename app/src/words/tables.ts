import { tables } from './en/tables';
import { inUse } from './language';

export const tableWords = inUse('tables', tables);
