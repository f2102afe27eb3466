import { later } from '../../screens/later';

export default later(() =>
  import('../../screens/reckoner/CableReckoner').then(({ CableReckoner }) => CableReckoner),
);
