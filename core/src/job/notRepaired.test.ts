import { hangsUnrepaired } from './notRepaired';

// Our choice [D]: nothing that would have barred a sign-off leaves the shop unseen.
describe('what hangs on a bike that leaves unrepaired', () => {
  it('is everything that bars, by the thing it is about, each once', () => {
    expect(
      hangsUnrepaired([
        { code: 'do-not-ride', end: 'front', subject: 'leaks', found: ['leak-at-banjo'] },
        { code: 'replace-open', end: 'rear', subject: 'pads' },
        { code: 'lever-untested', end: 'rear' },
        { code: 'bubbles-last', end: 'rear' },
        { code: 'torque-unproven', end: 'front', fastener: 'rotor-bolts', flaws: ['passes-open'] },
        { code: 'work-open', end: 'front', of: 'wheel' },
        { code: 'cut-off-failed', end: 'front' },
      ]),
    ).toEqual([
      { end: 'front', subject: 'leaks' },
      { end: 'rear', subject: 'pads' },
      { end: 'rear', subject: 'lever' },
      { end: 'front', subject: 'bolts' },
      { end: 'front', subject: 'caliper' },
      { end: 'front', subject: 'lever' },
    ]);
  });

  it('is nothing that every visit asks anew', () =>
    expect(
      hangsUnrepaired([
        { code: 'lever-side-unconfirmed' },
        { code: 'cut-off-untested', end: 'front' },
        { code: 'watch-untold', end: 'front', subject: 'rotor' },
      ]),
    ).toEqual([]));
});
