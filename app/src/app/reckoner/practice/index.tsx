import { beyond } from '../../../screens/later';

export default beyond('PracticeList');
