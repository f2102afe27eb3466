import * as findings from '../evidence/findings';
import * as readings from '../evidence/readings';
import * as trials from '../evidence/trials';
import { besiege, play, shrink } from './adversary';

const SEED = 20261126;
/** A thousand more in the check, and as many as wanted by `npm run adversary`. */
const FEW = 40;
const HISTORIES = 150;

afterEach(() => jest.restoreAllMocks());

it('no history betters what stands without an answer, or ends signed over what is truly wrong', () =>
  expect(besiege(FEW, SEED)).toEqual({ played: FEW, broken: null }));

// A siege that no wall could fall to proves nothing: with a rule loosened it has to get in.
describe('with a rule loosened it finds the way in', () => {
  it('where the last look at an area counts', () => {
    const last: typeof findings.standingFindings = ({ looks, end, area }) =>
      (looks.filter((look) => look.end === end && look.area === area).at(-1)?.found ?? []).map(
        (finding) => ({ finding, seq: 0, lookOverId: null, lesserLook: null }),
      );
    jest.spyOn(findings, 'standingFindings').mockImplementation(last);
    expect(besiege(HISTORIES, SEED).broken?.what).toBe('better-without-an-answer');
  });

  it('where the last yes or no counts', () => {
    jest
      .spyOn(trials, 'standingTest')
      .mockImplementation(
        ({ tested }, test, end = null) =>
          tested.filter((each) => each.test === test && each.end === end).at(-1) ?? null,
      );
    expect(besiege(HISTORIES, SEED).broken?.what).toBe('better-without-an-answer');
  });

  it('where what was measured last counts', () => {
    jest.spyOn(readings, 'heldSittings').mockReturnValue([]);
    const { broken } = besiege(HISTORIES, SEED);
    expect(broken?.what).toBe('better-without-an-answer');
    // The one it shows is as short as it goes, and plays again.
    expect(shrink(broken!.seed, broken!.deeds)).toEqual(broken!.deeds);
    expect(play(broken!.seed, broken!.deeds)?.what).toBe('better-without-an-answer');
  });
});
