import type { Goes } from '@hold-fast/core/kit/usedPart';
import type { PistonLubricant } from '@hold-fast/core/kit/pistonLubricant';
import type { BeddingSchool } from '@hold-fast/core/bedding/pulls';
import type { NewPart } from '@hold-fast/core/procedure/steps';

/** Words that the bench and the stores share, apart from the plan's: what both load would else be loaded by every page. */
export interface PartWords {
  part: Record<NewPart, string>;
  lubricant: Record<PistonLubricant, string>;
  bedding: Record<BeddingSchool, string>;
  goes: Record<Goes, string>;
}
