import { later } from '../../screens/later';

export default later(() =>
  import('../../screens/reckoner/LeversReckoner').then(({ LeversReckoner }) => LeversReckoner),
);
