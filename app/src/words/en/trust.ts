import type { TrustWords } from '../catalogue/trust';

export const trust: TrustWords = {
  over: 'Phones on the shop’s network',
  title: 'Trust the shop once',
  open: 'Let a phone in',
  notOnNetwork:
    'The shop is not on the network: only this machine reaches it. Start it with ./start --lan and phones can come in.',
  photograph: 'Photograph this with the phone',
  fingerprint: 'What the phone has to find',
  compare:
    'The fingerprint (SHA-256) of the shop’s root certificate. Phone and counter have to show the same.',
  otherwise:
    'Shows the counter another one? Then somebody stands in between: take the certificate off again and tell whoever runs the shop.',
  step: (nth) => `Step ${nth} of 3`,
  takeRoot:
    'Fetch the shop’s root certificate. It vouches for this shop’s address and for nothing else.',
  getRoot: 'Fetch the certificate',
  letTrust: [
    'Android: Settings, Security, More, Install a certificate, CA certificate; choose the file that was fetched.',
    'iPhone: Settings, Profile downloaded, Install; then General, About, Certificate trust, and switch it on.',
    'A computer: the settings of its browser, Certificates, Authorities, Import, for web pages.',
  ],
  openShop: 'Open the shop',
};
