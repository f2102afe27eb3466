import { inTab, onDevice } from './remembered';

const STORAGE = Object.getPrototypeOf(sessionStorage) as Storage;
const full = () => {
  throw new Error('The quota has been exceeded.');
};

afterEach(() => {
  jest.restoreAllMocks();
  localStorage.clear();
  sessionStorage.clear();
});

it('remembers by the browser, each in its own place', () => {
  onDevice.setItem('gauge', 'G2');
  inTab.setItem('keyed', '1.6');
  expect([localStorage.getItem('gauge'), sessionStorage.getItem('keyed')]).toEqual(['G2', '1.6']);
  expect([onDevice.getItem('gauge'), inTab.getItem('gauge')]).toEqual(['G2', null]);
  inTab.removeItem('keyed');
  expect(inTab.getItem('keyed')).toBeNull();
});

it('a browser that forbids it, or is full, stops nobody: remembered until the page is loaded anew', () => {
  sessionStorage.setItem('keyed', '1');
  for (const method of ['getItem', 'setItem', 'removeItem'] as const)
    jest.spyOn(STORAGE, method).mockImplementation(full);
  expect(inTab.getItem('keyed')).toBeNull();
  inTab.setItem('keyed', '1.6');
  expect(inTab.getItem('keyed')).toBe('1.6');
  inTab.removeItem('keyed');
  expect(inTab.getItem('keyed')).toBeNull();
});

it('what is remembered last counts, also when there was no room for it', () => {
  onDevice.setItem('gauge', 'G1');
  jest.spyOn(STORAGE, 'setItem').mockImplementationOnce(full);
  onDevice.setItem('gauge', 'G2');
  expect(onDevice.getItem('gauge')).toBe('G2');
  onDevice.setItem('gauge', 'G3');
  expect([onDevice.getItem('gauge'), localStorage.getItem('gauge')]).toEqual(['G3', 'G3']);
});
