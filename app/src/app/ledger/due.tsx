import { later } from '../../screens/later';

export default later(() => import('../../screens/due/DueList').then(({ DueList }) => DueList));
