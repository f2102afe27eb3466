import type { SpecSheetBody } from '@hold-fast/contract/sheets';
import type { UseFormReturn } from 'react-hook-form';

/** The form of a sheet, as its parts need it. */
export type OfSheet = Pick<UseFormReturn<SpecSheetBody>, 'control' | 'setValue'>;
