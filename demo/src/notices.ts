import type { Notice } from '@hold-fast/contract/notices';

/** Makers' notices of the invented makers. Everything here is made up. */
export const NOTICES: readonly Omit<Notice, 'id' | 'withdrawn' | 'withdrawnBecause'>[] = [
  {
    title: 'Hose guides on tourers may chafe',
    words: 'Look at the front hose behind the guide. Chafed: renew it. Sleeve it either way.',
    source: 'Haaf bulletin 26-03',
    doNotRide: false,
    maker: 'Haaf',
    serialFrom: 'HF-0120',
    serialTo: 'HF-0199',
    sheetId: null,
    lot: '',
  },
  {
    title: 'Lever blades that may snap',
    words: 'Nobody rides until both blades carry the letter B. The maker sends them.',
    source: 'Brannock recall 11',
    doNotRide: true,
    maker: 'Brannock',
    serialFrom: 'BR-6-01',
    serialTo: 'BR-6-40',
    sheetId: null,
    lot: '',
  },
];
