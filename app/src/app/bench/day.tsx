import { later } from '../../screens/later';

export default later(() => import('../../screens/day/DayBench').then(({ DayBench }) => DayBench));
