import { later } from '../../screens/later';

export default later(() =>
  import('../../screens/reckoner/FluidReckoner').then(({ FluidReckoner }) => FluidReckoner),
);
