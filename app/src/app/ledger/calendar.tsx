import { later } from '../../screens/later';

export default later(() => import('../../screens/due/Calendar').then(({ Calendar }) => Calendar));
