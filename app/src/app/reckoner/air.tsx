import { later } from '../../screens/later';

export default later(() =>
  import('../../screens/reckoner/AirReckoner').then(({ AirReckoner }) => AirReckoner),
);
