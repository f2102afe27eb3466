/** Exact by definition. Source [S]: NIST SP 811 (2008), Appendix B.8, mile. */
export const KM_PER_MILE = 1.609344;
