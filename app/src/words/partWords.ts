import type { BeddingSchool } from '@hold-fast/core/bedding/pulls';
import type { PistonLubricant } from '@hold-fast/core/plan/schools';
import type { NewPart } from '@hold-fast/core/procedure/steps';

// Words that the bench and the stores share, apart from the plan's: what both load would else be loaded by every page.

const part: Record<NewPart, string> = {
  pads: 'pair of pads',
  clip: 'retaining clip',
  rotor: 'rotor',
  'rotor-bolts': 'rotor bolts',
  olive: 'olive of that hose type',
  barb: 'barb of that hose type',
  hose: 'hose',
  caliper: 'caliper',
  adapter: 'adapter',
  'inner-cable': 'inner cable',
  housing: 'housing and ferrules',
  'brake-set': 'brake set (lever, hose and caliper)',
  'end-washer': 'throttle end washer',
  'bar-tape': 'bar tape',
};

const lubricant: Record<PistonLubricant, string> = {
  'own-fluid': 'the system’s own fluid',
  'maker-grease': 'the maker’s grease',
  nothing: 'nothing',
};

const bedding: Record<BeddingSchool, string> = {
  'ten-pulls': 'Ten even pulls',
  'two-runs': 'Two runs of a hill',
};

export const partWords = { part, lubricant, bedding };
