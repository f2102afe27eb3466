import { later } from '../../screens/later';

export default later(() =>
  import('../../screens/reckoner/FaceReckoner').then(({ FaceReckoner }) => FaceReckoner),
);
