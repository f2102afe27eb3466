import { later } from '../../screens/later';

export default later(() => import('../../screens/due/Outbox').then(({ Outbox }) => Outbox));
