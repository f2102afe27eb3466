import { behind } from '../../screens/later';

export default behind('AirReckoner');
