import { later } from '../../screens/later';

export default later(() =>
  import('../../screens/reckoner/WashersReckoner').then(({ WashersReckoner }) => WashersReckoner),
);
