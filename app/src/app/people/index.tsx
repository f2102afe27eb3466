import { later } from '../../screens/later';

export default later(() => import('../../screens/forms').then((s) => s.People));
