import type { ThicknessLimit } from '@hold-fast/core/wear/verdict';
import type { SpecSheetBody } from '@hold-fast/contract/sheets';
import type { UseFormReturn } from 'react-hook-form';

/** The form of a sheet, as its parts need it. */
export type OfSheet = Pick<UseFormReturn<SpecSheetBody>, 'control' | 'setValue'>;

/** A limit that the maker's sheet gives, before somebody has written its number: none stands there that nobody read. */
export const UNWRITTEN_LIMIT = {
  limitMm: null,
  atLimitIsWorn: null,
  origin: 'sheet',
  tag: null,
} as unknown as ThicknessLimit;
