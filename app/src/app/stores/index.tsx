import { later } from '../../screens/later';

export default later(() => import('../../screens/stores/Stores').then(({ Stores }) => Stores));
