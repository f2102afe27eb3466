import { later } from '../../screens/later';

export default later(() =>
  import('../../screens/reckoner/AlignReckoner').then(({ AlignReckoner }) => AlignReckoner),
);
