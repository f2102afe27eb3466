import { later } from '../../screens/later';

export default later(() =>
  import('../../screens/reckoner/WrenchReckoner').then(({ WrenchReckoner }) => WrenchReckoner),
);
