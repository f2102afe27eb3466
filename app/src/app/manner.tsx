import { later } from '../screens/later';

export default later(() => import('../screens/bySchema').then((s) => s.MannerScreen));
