import { later } from '../../screens/later';

export default later(() =>
  import('../../screens/reckoner/WearReckoner').then(({ WearReckoner }) => WearReckoner),
);
