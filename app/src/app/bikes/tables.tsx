import { later } from '../../screens/later';

export default later(() => import('../../screens/behind').then((screens) => screens.Tables));
