import { later } from '../../screens/later';

export default later(() => import('../../screens/trace/Trace').then(({ Trace }) => Trace));
