import { later } from '../../screens/later';

export default later(() =>
  import('../../screens/reckoner/FitReckoner').then(({ FitReckoner }) => FitReckoner),
);
