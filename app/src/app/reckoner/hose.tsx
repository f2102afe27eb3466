import { later } from '../../screens/later';

export default later(() =>
  import('../../screens/reckoner/HoseReckoner').then(({ HoseReckoner }) => HoseReckoner),
);
