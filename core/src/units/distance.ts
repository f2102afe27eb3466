/** Kilometres in one of each unit of distance. A mile is exact by definition. Source [S]: NIST SP 811 (2008), Appendix B.8, mile. */
export const KM_PER_UNIT = { km: 1, mi: 1.609344 } as const;
