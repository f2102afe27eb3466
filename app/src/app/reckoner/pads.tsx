import { later } from '../../screens/later';

export default later(() =>
  import('../../screens/bench/jobScreens').then(({ PadsReckoner }) => PadsReckoner),
);
