import { later } from '../../screens/later';

export default later(() =>
  import('../../screens/reckoner/LifeReckoner').then(({ LifeReckoner }) => LifeReckoner),
);
