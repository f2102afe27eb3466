export interface TrustWords {
  over: string;
  title: string;
  open: string;
  notOnNetwork: string;
  photograph: string;
  fingerprint: string;
  compare: string;
  otherwise: string;
  step: (nth: number) => string;
  takeRoot: string;
  getRoot: string;
  /** What to do on each kind of phone. */
  letTrust: readonly string[];
  openShop: string;
}
