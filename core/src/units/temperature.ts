/**
 * A temperature in degrees Fahrenheit. Source [S]: NIST SP 811 (2008), Appendix B.8.
 * @example fahrenheit(100) // 212
 */
export function fahrenheit(celsius: number): number {
  return (celsius * 9) / 5 + 32;
}
