import { configure } from '@testing-library/react-native';

// The first screen of a file waits for its modules, on a busy machine for seconds.
configure({ asyncUtilTimeout: 10_000 });
jest.setTimeout(30_000);
