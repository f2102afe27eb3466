import type { PartWords } from '../catalogue/parts';

export const parts: PartWords = {
  part: {
    pads: 'pair of pads',
    clip: 'retaining clip',
    rotor: 'rotor',
    'rotor-bolts': 'rotor bolts',
    olive: 'olive of that hose type',
    barb: 'barb of that hose type',
    'banjo-seals': 'pair of banjo seals',
    hose: 'hose',
    caliper: 'caliper',
    'caliper-seals': 'set of caliper seals',
    lever: 'lever',
    'lever-seals': 'set of lever seals',
    bolts: 'bolts',
    washers: 'washers',
    adapter: 'adapter',
    'inner-cable': 'inner cable',
    housing: 'housing and ferrules',
    'brake-set': 'brake set (lever, hose and caliper)',
    'end-washer': 'throttle end washer',
    'bar-tape': 'bar tape',
  },
  lubricant: {
    'own-fluid': 'the system’s own fluid',
    'maker-grease': 'the maker’s grease',
    nothing: 'nothing',
  },
  bedding: {
    'ten-pulls': 'Ten even pulls',
    'two-runs': 'Two runs of a hill',
  },
  goes: { shelf: 'To the shelf, as used', customer: 'Back to the customer', scrap: 'Away' },
};
