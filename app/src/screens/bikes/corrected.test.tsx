import { render, screen } from '@testing-library/react-native';
import type { Bike, BikeChange, BikePage } from '@hold-fast/contract/bikes';
import '../../testing/patience';
import { capital } from '../../words/capital';
import { Corrected } from './Corrected';

const OWNER: BikePage['customer'] = { id: 'owner', name: 'Harbour post', phone: null, version: 1 };
const WAS: Bike = {
  id: 'bike',
  customerId: 'another',
  name: 'Post trike 7',
  maker: '',
  serial: '',
  motor: false,
  systemMassKg: null,
  terrain: null,
  wet: false,
  kmPerWeek: null,
  forkMaterial: null,
  frameMaterial: 'carbon',
  frontBrake: 'disc',
  rearBrake: 'disc',
  thirdBrake: 'none',
  thirdPlace: 'right-front',
  sharedLever: 'none',
  furtherBrakes: '',
};

function shownOf(became: Partial<Bike>, change: Partial<BikeChange> = {}): string {
  const made = { id: 'c', was: WAS, became: { ...WAS, ...became }, words: '', by: 'Teodor Vane' };
  const changes = [{ ...made, at: '2026-11-25T09:00:00.000Z', ...change }];
  render(<Corrected changes={changes} customer={OWNER} />);
  const says = screen.getByText(/Teodor Vane/).props.children as string;
  screen.unmount();
  return says;
}

it.each<[Partial<Bike>, string]>([
  [{ customerId: 'owner' }, 'owner from somebody else to Harbour post'],
  [{ name: 'Post trike 8' }, 'name from “Post trike 7” to “Post trike 8”'],
  [{ maker: 'Isbrekk' }, 'maker from nothing to “Isbrekk”'],
  [{ serial: 'A-1' }, 'serial from nothing to “A-1”'],
  [{ motor: true }, 'motor from no motor to has a motor'],
  [{ systemMassKg: 180 }, 'mass from nothing to 180\u00a0kg'],
  [{ terrain: 'steep' }, 'terrain from nothing to steep'],
  [{ wet: true }, 'weather from mostly dry to ridden in the wet'],
  [{ kmPerWeek: 120 }, 'distance a week from nothing to 120\u00a0km'],
  [{ forkMaterial: 'steel' }, 'fork from nothing to steel'],
  [{ frameMaterial: null }, 'frame from carbon to nothing'],
  [{ frontBrake: 'drum' }, 'front brake from disc to drum'],
  [{ rearBrake: 'coaster' }, 'rear brake from disc to coaster'],
  [{ thirdBrake: 'disc' }, 'third brake from none to disc'],
  [{ sharedLever: 'front-third' }, 'one lever for two from no, each its own to front and third'],
  [{ furtherBrakes: 'A drag brake' }, 'other brakes from nothing to “A drag brake”'],
])('says from what to what a bike was corrected: %j', (became, says) =>
  expect(shownOf(became)).toBe(`${capital(says)}: by Teodor Vane, 25\u00a0Nov\u00a02026.`),
);

it('says every field of one correction, and why; of what nobody knew of yet, that it was nothing', () => {
  const { thirdBrake: _, ...before } = WAS;
  expect(
    shownOf(
      { serial: 'A-1', thirdBrake: 'disc' },
      { was: before as Bike, words: 'Read off the frame' },
    ),
  ).toBe(
    'Serial from nothing to “A-1”; third brake from nothing to disc: by Teodor Vane, 25\u00a0Nov\u00a02026, “Read off the frame”.',
  );
});

it('says nothing where nothing was corrected', () => {
  render(<Corrected changes={[]} customer={OWNER} />);
  expect(screen.queryByText('Corrected')).toBeNull();
});
