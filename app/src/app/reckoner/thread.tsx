import { later } from '../../screens/later';

export default later(() =>
  import('../../screens/reckoner/ThreadReckoner').then(({ ThreadReckoner }) => ThreadReckoner),
);
