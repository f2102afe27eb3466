import { later } from '../screens/later';

export default later(() => import('../screens/people/MannerScreen').then((s) => s.MannerScreen));
