import { later } from '../../screens/later';

export default later(() =>
  import('../../screens/reckoner/Reckoner').then(({ Reckoner }) => Reckoner),
);
