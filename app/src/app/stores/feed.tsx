import { later } from '../../screens/later';

export default later(() =>
  import('../../screens/stores/FeedScreen').then(({ FeedScreen }) => FeedScreen),
);
