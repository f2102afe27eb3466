import { later } from '../../screens/later';

export default later(() => import('../../screens/bench/visitForms').then(({ CheckIn }) => CheckIn));
